import type { DayTemperature } from "../climate";
import type { Crop, Goal, GoalKind } from "../crop";

/** What sets before it is picked: so many days before, from and to. Assumption, no source. */
const SETS: Partial<Record<GoalKind, "flowers" | "tubers">> = {
  fruit: "flowers",
  pod: "flowers",
  tuber: "tubers",
};
const FROM_DAYS = 45;
const TO_DAYS = 15;

/** The days in which what is picked on a day was set, and those of them that were too hot for it. */
export interface FruitSet {
  readonly kind: "flowers" | "tubers";
  readonly days: number;
  readonly hotDays: number;
  /** Day number of the first that was too hot. */
  readonly hotFrom?: number;
}

/**
 * How well the flowers, or tubers, of what is picked on a day were set: heat drops flowers, and warm nights keep tubers
 * from forming. Undefined for a crop that sets nothing, or at any warmth.
 *
 * @param pick day number of the pick
 */
export function fruitSet(
  { setsBelow }: Crop,
  { kind: goalKind }: Goal,
  pick: number,
  weather: (day: number) => DayTemperature,
): FruitSet | undefined {
  const kind = SETS[goalKind];
  if (!setsBelow || !kind) return undefined;
  let hotDays = 0;
  let hotFrom: number | undefined;
  for (let day = pick - FROM_DAYS; day < pick - TO_DAYS; day++) {
    const { dayC, nightC } = weather(day);
    if (dayC <= setsBelow.dayC && nightC <= setsBelow.nightC) continue;
    hotDays++;
    hotFrom ??= day;
  }
  return { kind, days: FROM_DAYS - TO_DAYS, hotDays, hotFrom };
}
