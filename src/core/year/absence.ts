import { addDays, type Day, daysBetween } from "../day";
import type { Garden, RowView } from "../garden";
import type { Away } from "../place";
import { ONE_SIZE_UP } from "../school";
import type { Setting } from "../setting";
import { heldL } from "../water";
import { rowThirst, thirstOf } from "./thirst";

/** A time with nobody to water: the bags that do not last it, and what somebody who looks in has to bring. */
export interface Absence {
  readonly from: Day;
  readonly to: Day;
  /** Bags in which something stands then. */
  readonly rows: number;
  /** Those that are drawn down before it is over, the thirstiest first: their number in the plan, and how many days a soak lasts. */
  readonly short: readonly {
    readonly row: RowView;
    readonly number: number;
    readonly lastsDays: number;
    /** How long it lasts with each aid, and with all of them; undefined for the whole time. */
    readonly with: Readonly<Record<Aid | "all", number | undefined>>;
  }[];
  /** How often somebody has to come, days, and the water of one visit, L; undefined where every bag lasts. */
  readonly visits?: { readonly everyDays: number; readonly litres: number };
}

/** What stretches a bag's water, by what growers do: straw over the mix, a cloth against the noon sun, a bag one size up. */
export const AIDS = ["mulch", "shade", "larger"] as const;
export type Aid = (typeof AIDS)[number];

/** Under a cloth at noon leaves lose this share of what they would. Assumption, no source. */
const SHADED = 0.7;

/** Days that a soaked bag lasts from a day on, with what helps it; undefined for one that outlasts `days`. */
function lastsOf(
  row: RowView,
  from: Day,
  { days, setting, aids = [] }: { days: number; setting: Setting; aids?: readonly Aid[] },
): number | undefined {
  const isMulched = aids.includes("mulch");
  let left = heldL(row.soilL) * (aids.includes("larger") ? ONE_SIZE_UP : 1);
  for (let i = 0; i < days; i++) {
    const day = addDays(from, i);
    const drawn = isMulched ? thirstOf(row, day, setting, true) : rowThirst(row, day, setting);
    left -= drawn * (aids.includes("shade") ? SHADED : 1);
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
          const lasts = (aids: readonly Aid[]) => lastsOf(row, start, { days, setting, aids });
          const lastsDays = lasts([]);
          if (lastsDays === undefined) return [];
          const aided = {
            mulch: lasts(["mulch"]),
            shade: lasts(["shade"]),
            larger: lasts(["larger"]),
            all: lasts(AIDS),
          };
          return [{ row, number: i + 1, lastsDays, with: aided }];
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
