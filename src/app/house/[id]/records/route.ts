import { jsonResponse } from "@/app/json";
import { currentActor } from "@/server/actor";
import { readHousehold } from "@/server/households";
import { outcomeOf, refused } from "@/server/outcome";
import { addRecord, readRecords } from "@/server/records";

/** The newest records of a household as JSON; `?times=` for so many pages of them. */
export const GET = async (
  request: Request,
  { params }: RouteContext<"/house/[id]/records">,
): Promise<Response> =>
  jsonResponse(
    await outcomeOf(async () => {
      const actor = await currentActor("see-household");
      const { id } = await params;
      if (!(await readHousehold(actor, id))) return refused({ code: "not-found" });
      const times = new URL(request.url).searchParams.get("times") ?? 1;
      return { ok: true, value: await readRecords(actor, id, times) };
    }),
  );

/** A record with the largest photo that is taken, and some room. */
const MOST_BYTES = 1_000_000;

/** Stores one record, `{ record, photo? }`. Sending it again stores nothing twice. */
export const POST = async (
  request: Request,
  { params }: RouteContext<"/house/[id]/records">,
): Promise<Response> =>
  jsonResponse(
    await outcomeOf(async () => {
      const actor = await currentActor("write-records");
      // A form of another site cannot send this kind.
      if (!request.headers.get("content-type")?.startsWith("application/json"))
        return refused({ code: "invalid-input" });
      if (Number(request.headers.get("content-length") ?? MOST_BYTES + 1) > MOST_BYTES)
        return refused({ code: "photo-too-large" });
      const sent = (await request.json().catch(() => undefined)) as
        { record?: unknown; photo?: unknown } | undefined;
      return addRecord(actor, (await params).id, sent?.record, sent?.photo);
    }),
  );
