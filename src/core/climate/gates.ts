import { type Day, dayNumber, dayOf } from "../day";
import { type Climate, NIGHT_SWING_C, temperatures } from "./climate";

/** A stretch of the year, or all of it, or none. */
export type Stretch = { readonly from: Day; readonly to: Day } | "always" | "never";

/** Longest run of days in a year, which may pass its end, on which a condition holds. */
function longestRun(holds: (day: number) => boolean, year: number): Stretch {
  const start = dayNumber(`${year}-01-01`);
  let best = { from: 0, length: 0 };
  for (let i = 0; i < 365; i++) {
    if (!holds(start + i) || (i > 0 && holds(start + i - 1))) continue;
    let length = 0;
    while (length < 365 && holds(start + i + length)) length++;
    if (length > best.length) best = { from: start + i, length };
  }
  if (best.length === 0) return holds(start) ? "always" : "never";
  return best.length >= 365 ? "always" : { from: dayOf(best.from), to: dayOf(best.from + best.length - 1) };
}

/** What a town's normals mean to growers: warm nights for warm crops, heat that bolts lettuce, cold, and light. */
export interface ClimateGates {
  readonly warmNights: Stretch;
  readonly lettuceHeat: Stretch;
  readonly frostRisk: Stretch;
  readonly shortDays: Stretch;
  readonly shortestH: number;
  readonly longestH: number;
}

/** Common practice: corn waits for nights of 15.5 °C, lettuce bolts from 24 °C; single nights fall 4 °C below a normal (memory). */
export function climateGates(climate: Climate, year: number): ClimateGates {
  const at = temperatures(climate);
  const light = Array.from({ length: 365 }, (_, i) => at(dayNumber(`${year}-01-01`) + i).lightHours);
  return {
    warmNights: longestRun((d) => at(d).nightC >= 15.5, year),
    lettuceHeat: longestRun((d) => at(d).dayC >= 24, year),
    frostRisk: longestRun((d) => at(d).nightC - NIGHT_SWING_C < 0, year),
    shortDays: longestRun((d) => at(d).lightHours < 10, year),
    shortestH: Math.min(...light),
    longestH: Math.max(...light),
  };
}
