import type { Day } from "../day";
import { type Due, dueOn, type Waiting } from "./progress";

/** The planting of a household that waits longest. */
export interface Waits extends Waiting {
  readonly plantingId: string;
  readonly goalId: string;
}

/** The one thing that a household needs next. */
export type NextStep =
  | { readonly code: "survey" }
  | { readonly code: "choose" }
  | ({ readonly code: "due"; readonly plantingId: string; readonly goalId: string } & Due)
  /** Nothing presses; this is the next to come. */
  | { readonly code: "later"; readonly task: Waiting["task"]; readonly goalId: string; readonly day: Day };

/** The next step of a household as it looks on a day; undefined when nothing is left to do. */
export function nextStepOn(
  household: {
    readonly isSurveyed: boolean;
    readonly plantings: number;
    readonly waits: Waits | null;
  },
  today: Day,
): NextStep | undefined {
  const { isSurveyed, plantings, waits } = household;
  if (!isSurveyed) return { code: "survey" };
  if (plantings === 0) return { code: "choose" };
  if (!waits) return undefined;
  const { plantingId, goalId, task, from } = waits;
  const due = dueOn(waits, today);
  return due ? { code: "due", plantingId, goalId, ...due } : { code: "later", task, goalId, day: from };
}
