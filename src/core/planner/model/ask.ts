import type { Plan } from "../../plan";
import type { Reference, Setting } from "../../setting";
import type { Day } from "../../day";
import type { Away } from "../../place";
import type { Instance, Weights } from "./instance";

/** What a proposal is to be best at. */
export const AIMS = ["soon", "value", "ease"] as const;
export type Aim = (typeof AIMS)[number];

/** What each aim counts, in helpings. Money and hours in these shares are ours to choose; no source. */
export const WEIGHTS: Record<Aim, Weights> = {
  soon: { early: 2, earlyWeeks: 8, perMinor: 0.01, perHour: 3, variety: 3, must: 40, keep: 0 },
  value: { early: 0.3, earlyWeeks: 8, perMinor: 0.02, perHour: 3, variety: 3, must: 40, keep: 0 },
  ease: { early: 0.3, earlyWeeks: 8, perMinor: 0.01, perHour: 12, variety: 1, must: 40, keep: 0 },
};

/** A question to the planner: the plan as it is, what it is judged against, and what the household can spend, carry and bear. */
export interface Ask {
  readonly plan: Plan;
  readonly setting: Setting;
  readonly reference: Reference;
  readonly today: Day;
  readonly aim: Aim;
  /** Kinds of bag that may be bought. */
  readonly kinds: readonly string[];
  readonly budgetMinor?: number;
  /** Water that can be carried a day, L. */
  readonly waterLDay?: number;
  readonly away: readonly Away[];
  /** Whether plantings that are planned and not sown yet are kept where they still fit: a repair, and not a new garden. */
  readonly repair: boolean;
  /** Goals that may not be planted: refused, or failed. */
  readonly without: readonly string[];
}

/** A question already in numbers, asked with another aim. */
export const withAim = (instance: Instance, aim: Aim): Instance => ({
  ...instance,
  weights: { ...WEIGHTS[aim], keep: instance.weights.keep },
});
