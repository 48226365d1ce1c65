import { addDays, type Day } from "../day";
import { type Garden, nextMeal } from "../garden";
import { type Economy, economyOf } from "./economy";
import { hoursByWeek } from "./labour";
import type { Setting } from "../setting";
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
  /** The fortnight that takes the most of it. */
  readonly waterMost: { readonly from: Day; readonly l: number };
  /** Hours of work a week: on average, and in the busiest. */
  readonly hours: number;
  readonly busiest: { readonly from: Day; readonly hours: number };
}

/** Where a garden takes more water than a household can carry: the first fortnight of it, and the most as a share of what it can. */
export interface TooThirsty {
  readonly from: Day;
  readonly share: number;
}

/** @param carriedL what can be carried in a week, L */
export function tooThirsty(
  { water, waterMost }: Pick<Sums, "water" | "waterMost">,
  carriedL: number,
): TooThirsty | undefined {
  const first = water.find(({ l }) => l > carriedL);
  return first && { from: first.from, share: waterMost.l / carriedL };
}

/** The sums of a garden: plain data, so that they can be worked out elsewhere and sent. */
export function sumsOf(garden: Garden, setting: Setting, today: Day): Sums {
  const hours = hoursByWeek(garden, setting, today, WEEKS);
  const most = Math.max(...hours);
  const fortnights = Array.from({ length: WEEKS / WATER_EVERY_WEEKS }, (_, i) =>
    addDays(today, 7 * WATER_EVERY_WEEKS * i),
  );
  const water = fortnights.map((from) => ({ from, l: weeklyThirst(garden, addDays(from, 7), setting) }));
  return {
    economy: economyOf(garden, setting, today, WEEKS),
    meal: nextMeal(garden, today),
    waterNowL: weeklyThirst(garden, today, setting),
    water,
    waterMost: water.reduce((a, b) => (b.l > a.l ? b : a)),
    hours: hours.reduce((a, b) => a + b, 0) / WEEKS,
    busiest: { from: addDays(today, 7 * hours.indexOf(most)), hours: most },
  };
}
