import type { Day } from "@/core/day";
import type { BagThing } from "@/core/plan";
import type { MatchLine } from "@/core/match";
import type { PlainSetting, Reference, Setting } from "@/core/setting";

/** What the page tells its worker: the library once, then one question for each day and set of bags. */
export type MatchQuestion =
  | { readonly type: "library"; readonly setting: PlainSetting; readonly reference: Reference }
  | { readonly type: "match"; readonly id: number; readonly sowOn: Day; readonly bags: readonly BagThing[] };

/** A line without its crop and goal, which both sides have. */
type SlimLine = Omit<MatchLine, "crop" | "goal"> & { readonly goalId: string };

export interface MatchAnswer {
  readonly id: number;
  readonly sowOn: Day;
  readonly lines: readonly SlimLine[];
}

export const slim = (lines: readonly MatchLine[]): SlimLine[] =>
  lines.map(({ crop: _, goal, ...rest }) => ({ ...rest, goalId: goal.id }));

/** Slim lines with their crops and goals again. */
export const whole = (lines: readonly SlimLine[], setting: Setting): MatchLine[] =>
  lines.flatMap(({ goalId, ...rest }) => {
    const found = setting.findGoal(goalId);
    return found ? [{ ...rest, ...found }] : [];
  });
