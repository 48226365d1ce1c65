import { householdCalendar } from "@/app/calendar";
import { fileResponse } from "@/app/file";
import { currentActor } from "@/server/actor";
import { outcomeOf } from "@/server/outcome";

/** A household's days as a calendar file. */
export const GET = async (
  _request: Request,
  { params }: RouteContext<"/house/[id]/days.ics">,
): Promise<Response> =>
  fileResponse(
    await outcomeOf(async () => householdCalendar(await currentActor("see-household"), (await params).id)),
  );
