import { addDays, type Day, daysBetween } from "../day";
import type { Garden, RowView } from "../garden";
import type { Away } from "../place";
import type { Setting } from "../setting";
import { heldL } from "../water";
import { rowThirst } from "./thirst";

/** A time with nobody to water: the bags that do not last it, and what somebody who looks in has to bring. */
export interface Absence {
  readonly from: Day;
  readonly to: Day;
  /** Bags in which something stands then. */
  readonly rows: number;
  /** Those that are drawn down before it is over, the thirstiest first: their number in the plan, and how many days a soak lasts. */
  readonly short: readonly { readonly row: RowView; readonly number: number; readonly lastsDays: number }[];
  /** How often somebody has to come, days, and the water of one visit, L; undefined where every bag lasts. */
  readonly visits?: { readonly everyDays: number; readonly litres: number };
}

/** Days that a soaked bag lasts from a day on; undefined for one that outlasts `days`. */
function lastsOf(row: RowView, from: Day, days: number, setting: Setting): number | undefined {
  let left = heldL(row.soilL);
  for (let i = 0; i < days; i++) {
    left -= rowThirst(row, addDays(from, i), setting);
    if (left < 0) return i;
  }
  return undefined;
}

/** Whether something stands in a bag in these days, by plan and record. */
const stands = (row: RowView, { from, to }: Away) =>
  row.plantings.some((p) => !p.real?.endedOn && p.stay.from <= to && p.stay.to >= from);

/** What the times away that are still to come mean for a garden whose bags are soaked on the eve. */
export function absencesOf(
  garden: Garden,
  away: readonly Away[],
  { setting, today }: { readonly setting: Setting; readonly today: Day },
): Absence[] {
  return away
    .filter(({ to }) => to >= today)
    .map(({ from, to }): Absence => {
      const start = from < today ? today : from;
      const days = daysBetween(start, to) + 1;
      const planted = garden.rows.flatMap((row, i) => (stands(row, { from: start, to }) ? [{ row, i }] : []));
      const short = planted
        .flatMap(({ row, i }) => {
          const lastsDays = lastsOf(row, start, days, setting);
          return lastsDays === undefined ? [] : [{ row, number: i + 1, lastsDays }];
        })
        .sort((a, b) => a.lastsDays - b.lastsDays);
      const [first] = short;
      const everyDays = Math.max(1, first?.lastsDays ?? 0);
      const litres = planted.reduce(
        (sum, { row }) => sum + Math.min(heldL(row.soilL), everyDays * rowThirst(row, start, setting)),
        0,
      );
      return { from: start, to, rows: planted.length, short, visits: first && { everyDays, litres } };
    })
    .filter(({ rows }) => rows > 0);
}
