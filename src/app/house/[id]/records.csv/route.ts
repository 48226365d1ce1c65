import { csvResponse } from "@/app/csv";

export const GET = async (
  _request: Request,
  { params }: RouteContext<"/house/[id]/records.csv">,
): Promise<Response> => csvResponse((await params).id, "see-household");
