import { currentActor } from "@/server/actor";
import { outcomeOf, statusOf } from "@/server/outcome";
import { recordsCsv } from "@/server/records";

/** Answers with the records of a household, or of the whole programme, as a CSV file; a problem is JSON with its code. */
export async function csvResponse(householdId: string | null): Promise<Response> {
  const outcome = await outcomeOf(async () => recordsCsv(await currentActor(), householdId));
  if (!outcome.ok) return Response.json({ problem: outcome.problem }, { status: statusOf(outcome.problem) });
  return new Response(outcome.value.csv, {
    headers: {
      "content-type": "text/csv; charset=utf-8; header=present",
      "content-disposition": `attachment; filename="${outcome.value.name}"`,
      "cache-control": "no-store",
    },
  });
}
