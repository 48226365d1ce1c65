import { packageResponse } from "@/app/csv";

export const GET = (): Promise<Response> => packageResponse(null);
