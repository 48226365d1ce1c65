import { householdCalendar } from "@/app/calendar";
import { fileResponse } from "@/app/file";
import { actorByAddress } from "@/server/calendar-address";
import { outcomeOf, refused } from "@/server/outcome";

/** A household's days for a phone's calendar, which cannot sign in: by an address that nobody guesses and that can be withdrawn. */
export const GET = async (
  _request: Request,
  { params }: RouteContext<"/calendar/[token]">,
): Promise<Response> =>
  fileResponse(
    await outcomeOf(async () => {
      const actor = await actorByAddress((await params).token.replace(/\.ics$/, ""));
      return actor ? householdCalendar(actor, actor.householdId) : refused({ code: "not-found" });
    }),
  );
