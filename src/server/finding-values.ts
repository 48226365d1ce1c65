import * as z from "zod";
import type { Proposal } from "@/core/findings";
import type { Outcome } from "@/core/problem";
import type { Actor } from "./actor";
import { makeFindings } from "./findings";
import { outcomeOf, refused } from "./outcome";
import { programmeToChange, readOverrides } from "./programme";
import { type PlanDifference, previewValues, putValues } from "./reference";

const About = z.enum(["up", "pick", "harvest"]);

/** What records propose for a goal now; undefined where they propose nothing any more. */
async function proposed(actor: Actor, goalId: unknown, about: unknown): Promise<Proposal | undefined> {
  const wanted = About.safeParse(about);
  const { goals } = await makeFindings(actor);
  return goals
    .find((g) => g.goalId === goalId)
    ?.proposals.find((p) => wanted.success && p.about === wanted.data);
}

const changesOf = ({ values }: Proposal) => values.map(({ name, next }) => ({ name, value: next }));

/** What it would change in all plans to go by what records propose for a goal. */
export function previewFinding(
  actor: Actor,
  goalId: unknown,
  about: unknown,
): Promise<Outcome<PlanDifference[]>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const proposal = await proposed(actor, goalId, about);
    return proposal ? previewValues(actor, changesOf(proposal)) : refused({ code: "finding-gone" });
  });
}

/** Takes what records propose for a goal into the programme's own values. @param reason in the reader's words */
export function takeFinding(
  actor: Actor,
  { goalId, about, reason }: { goalId: unknown; about: unknown; reason: string },
): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const proposal = await proposed(actor, goalId, about);
    return proposal ? putValues(actor, changesOf(proposal), reason, true) : refused({ code: "finding-gone" });
  });
}

/**
 * Puts values that were taken from findings where the records have them now. Call it once all plans are judged: what was to
 * be expected goes by the values in force.
 */
export async function followTaken(programmeId: string): Promise<void> {
  const actor: Actor = { role: "trainer", programmeId, name: "" };
  const taken = (await readOverrides(actor)).filter((o) => o.follows);
  if (taken.length === 0) return;
  const { goals } = await makeFindings(actor);
  for (const proposal of goals.flatMap((g) => g.proposals)) {
    const own = taken.find((o) => proposal.values.some(({ name }) => name === o.name));
    if (own) await putValues({ ...actor, name: own.author }, changesOf(proposal), own.reason, true);
  }
}
