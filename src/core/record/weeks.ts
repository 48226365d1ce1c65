import { addDays, type Day, daysBetween } from "../day";

/** What was picked and weighed in the week that begins on a day. */
export interface PickedWeek {
  readonly from: Day;
  readonly kg: number;
}

const WEEK_DAYS = 7;

/** All weeks from the first to the last, those without a pick too: time goes on. @param weeks in their order */
export function everyWeek(weeks: readonly PickedWeek[]): PickedWeek[] {
  const [first, last] = [weeks[0], weeks.at(-1)];
  if (!first || !last) return [];
  const kg = new Map(weeks.map((week) => [week.from, week.kg]));
  return Array.from({ length: daysBetween(first.from, last.from) / WEEK_DAYS + 1 }, (_, i) => {
    const from = addDays(first.from, WEEK_DAYS * i);
    return { from, kg: kg.get(from) ?? 0 };
  });
}

/** What some weeks come to, kg. */
export const kgOf = (weeks: readonly Pick<PickedWeek, "kg">[]): number =>
  weeks.reduce((sum, { kg }) => sum + kg, 0);
