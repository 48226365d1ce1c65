import { currentActor } from "@/server/actor";
import { outcomeOf, statusOf } from "@/server/outcome";
import { readPrints } from "@/server/prints";

/** How far the newest prints are, for the bar that watches them. */
export async function GET(): Promise<Response> {
  const outcome = await outcomeOf(async () => ({
    ok: true as const,
    value: await readPrints(await currentActor()),
  }));
  return outcome.ok
    ? Response.json(outcome.value)
    : Response.json({ problem: outcome.problem }, { status: statusOf(outcome.problem) });
}
