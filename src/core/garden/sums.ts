import { addDays, type Day } from "../day";
import { type Garden, nextMeal } from "./assess";
import { type Economy, economyOf } from "./economy";
import { hoursByWeek } from "./labour";
import type { Setting } from "./setting";
import { weeklyThirst } from "./thirst";

const WEEKS = 52;
const WATER_EVERY_WEEKS = 2;

/** What a whole garden comes to in the year from a day on. */
export interface Sums {
  readonly economy: Economy;
  readonly meal: ReturnType<typeof nextMeal>;
  /** Litres a week: now, and by fortnight. */
  readonly waterNowL: number;
  readonly water: readonly { readonly from: Day; readonly l: number }[];
  /** Hours of work by week. */
  readonly hours: readonly number[];
}

/** The sums of a garden: plain data, so that they can be worked out elsewhere and sent. */
export function sumsOf(garden: Garden, setting: Setting, today: Day): Sums {
  const fortnights = Array.from({ length: WEEKS / WATER_EVERY_WEEKS }, (_, i) => addDays(today, 7 * WATER_EVERY_WEEKS * i));
  return {
    economy: economyOf(garden, setting, today, WEEKS),
    meal: nextMeal(garden, today),
    waterNowL: weeklyThirst(garden, today, setting),
    water: fortnights.map((from) => ({ from, l: weeklyThirst(garden, addDays(from, 7), setting) })),
    hours: hoursByWeek(garden, setting, today, WEEKS),
  };
}
