import { fileResponse } from "@/app/file";
import { currentActor } from "@/server/actor";
import { outcomeOf } from "@/server/outcome";
import { valuesFile } from "@/server/values-file";

export async function GET(
  _request: Request,
  { params }: RouteContext<"/library/values/[format]">,
): Promise<Response> {
  const { format } = await params;
  if (format !== "csv" && format !== "json")
    return Response.json({ problem: { code: "not-found" } }, { status: 404 });
  return fileResponse(await outcomeOf(async () => valuesFile(await currentActor(), format)));
}
export const dynamic = "force-dynamic";
