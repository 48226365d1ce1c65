import { packageResponse } from "@/app/csv";

export const GET = async (
  _request: Request,
  { params }: RouteContext<"/house/[id]/records.zip">,
): Promise<Response> => packageResponse((await params).id, "see-household");
