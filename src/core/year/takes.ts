import { addDays, type Day } from "../day";
import type { Garden } from "../garden";
import type { Setting } from "../setting";
import { hoursByWeek } from "./labour";
import { weeklyThirst } from "./thirst";

/** What a garden takes: soil in L, its mass when wet in kg, water in the week that takes the most in L, and hours of work in the year. */
export interface Takes {
  readonly soilL: number;
  readonly wetKg: number;
  readonly waterL: number;
  readonly hours: number;
}

const WEEKS = 52;
const WATER_EVERY_WEEKS = 4;

/** What a garden takes in the year from a day on. */
export function takesOf(garden: Garden, setting: Setting, today: Day): Takes {
  const months = Array.from({ length: WEEKS / WATER_EVERY_WEEKS }, (_, i) =>
    addDays(today, 7 * WATER_EVERY_WEEKS * i),
  );
  return {
    soilL: garden.soilL,
    wetKg: garden.load.kg,
    waterL: Math.max(...months.map((day) => weeklyThirst(garden, day, setting))),
    hours: hoursByWeek(garden, setting, today, WEEKS).reduce((a, b) => a + b, 0),
  };
}

/** What two gardens take together. */
export const plusTakes = (a: Takes, b: Takes): Takes => ({
  soilL: a.soilL + b.soilL,
  wetKg: a.wetKg + b.wetKg,
  waterL: a.waterL + b.waterL,
  hours: a.hours + b.hours,
});
export const NO_TAKES: Takes = { soilL: 0, wetKg: 0, waterL: 0, hours: 0 };
