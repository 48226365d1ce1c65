import { csvResponse } from "@/app/csv";

export const GET = (): Promise<Response> => csvResponse(null);
export const dynamic = "force-dynamic";
