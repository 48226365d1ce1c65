import { jsonResponse } from "@/app/json";
import { currentActor } from "@/server/actor";
import { outcomeOf } from "@/server/outcome";
import { readPhoto } from "@/server/records";

/** The photo that came with a record. A record never changes, and so its photo does not. */
export async function GET(
  _request: Request,
  { params }: RouteContext<"/house/[id]/photo/[record]">,
): Promise<Response> {
  const { id, record } = await params;
  const outcome = await outcomeOf(async () => readPhoto(await currentActor("see-household"), id, record));
  if (!outcome.ok) return jsonResponse(outcome);
  return new Response(new Uint8Array(outcome.value), {
    headers: { "content-type": "image/jpeg", "cache-control": "private, max-age=31536000, immutable" },
  });
}
