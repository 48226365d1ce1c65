import type { Day } from "@/core/day";
import type { PlainSetting, Reference } from "@/core/setting";
import type { Plan } from "@/core/plan";
import type { Sums } from "@/core/year";

/** What the Bench tells the worker of its sums: what plans are judged against, then each state of the plan. */
export type SumsQuestion =
  | {
      readonly type: "library";
      readonly setting: PlainSetting;
      readonly reference: Reference;
      readonly today: Day;
    }
  | { readonly type: "plan"; readonly id: number; readonly plan: Plan };

export interface SumsAnswer {
  readonly id: number;
  readonly sums: Sums;
}
