import { type Day, dayNumber, dayOf, monthStart } from "../day";
import type { Garden } from "../garden";

/** The stretch of the calendar that a season strip shows, on whole months. */
export interface Span {
  readonly from: Day;
  readonly to: Day;
  /** First day of each month in it. */
  readonly months: readonly Day[];
}

const LEAST_MONTHS = 6;
const MOST_MONTHS = 14;

/** What was sown longer ago than this begins before the strip does. */
const MOST_BACK_MONTHS = 8;

/** The months from the first sowing, or today, to the last pick: at least half a year, at most fourteen months, and today always among them. */
export function spanOf(garden: Garden, today: Day): Span {
  const stages = garden.rows.flatMap((r) => r.plantings).map((p) => p.season.stages);
  const first = [today, ...stages.map((s) => s.sow)].reduce((a, b) => (b < a ? b : a));
  const ends = stages.map((s) => s.seasons?.at(-1)?.to ?? s.lastPick?.late ?? s.sow);
  const last = [today, ...ends].reduce((a, b) => (b > a ? b : a));
  const [start, earliest] = [monthStart(first), monthStart(today, -MOST_BACK_MONTHS)];
  const from = start > earliest ? start : earliest;
  const months: Day[] = [];
  for (let i = 0; i < MOST_MONTHS; i++) {
    const month = monthStart(from, i);
    if (i >= LEAST_MONTHS && month > last) break;
    months.push(month);
  }
  return { from, to: dayOf(dayNumber(monthStart(from, months.length)) - 1), months };
}

/** Where a day lies in a span, from 0 at its start to 1 at its end; outside days stay at the ends. */
export function shareOf(span: Span, day: Day): number {
  const start = dayNumber(span.from);
  return Math.min(1, Math.max(0, (dayNumber(day) - start) / (dayNumber(span.to) + 1 - start)));
}
