import { type FoodGroup, foodGroup, weeklyWantG } from "../food";
import { wantedFor } from "../needs";
import { marketMinor, type Shopping, shoppingOf } from "../money";
import { type Range, together } from "../course";
import { addDays, type Day, daysBetween } from "../day";
import { type Garden, isSilent, silentSince } from "../garden";
import type { Setting } from "../setting";

/** Weeks in which people wait for their first meals. */
export const SOON_WEEKS = 8;

export interface Week {
  readonly from: Day;
  /** What comes to the table, g by kind of food. */
  readonly g: Partial<Record<FoodGroup, number>>;
  /** What the week's picks would cost at the market, minor units; what nobody priced is left out. */
  readonly minor: number;
}

export interface Economy {
  readonly weeks: readonly Week[];
  readonly shopping: Shopping;
  /** What is picked in all, kg. */
  readonly harvest: Range;
  /** What would be left of the kind that they want to sell, once they have eaten, kg, and what it would fetch; undefined where nobody wants to. */
  readonly sold?: { readonly kg: Range; readonly minor: Range };
  /** What comes to the table in the first `SOON_WEEKS`, kg. */
  readonly soon: Range;
  /** What the picks would cost at the market, minor units. */
  readonly worthMinor: Range;
  /** First day of the week in which the food picked is worth what it cost to start, in a likely year and in a bad one; undefined when it never is. */
  readonly paidBack?: Day;
  readonly paidBackLate?: Day;
  /** What the bags cost a season, over their likely lives. */
  readonly bagsASeasonMinor: number;
}

const times = ({ low, likely, high }: Range, by: number): Range => ({
  low: low * by,
  likely: likely * by,
  high: high * by,
});

/** What is left to sell in a low, a likely and a high year: of each week's food of that kind what they do not eat, and no more than they want to sell. */
function soldOf(table: readonly Week[], harvest: Range, { wants, people }: Setting): Economy["sold"] {
  const sell = wants?.sell;
  if (!sell) return undefined;
  const eatenG = weeklyWantG(wants, people ?? { adults: 2, children: 0 })[sell.group];
  const kgIn = (part: number) =>
    table.reduce(
      (sum, { g }) => sum + Math.min(sell.kgWeek, Math.max(0, (part * (g[sell.group] ?? 0) - eatenG) / 1000)),
      0,
    );
  const part = harvest.likely > 0 ? 1 / harvest.likely : 0;
  const kg = { low: kgIn(part * harvest.low), likely: kgIn(1), high: kgIn(part * harvest.high) };
  return { kg, minor: times(kg, sell.minorKg) };
}

/** Food on the table by week from `today` on, and what the picks are worth; and what it is worth against what the plan still costs. */
export function economyOf(garden: Garden, setting: Setting, today: Day, weeks = 52): Economy {
  const prices = setting.prices ?? {};
  const table = Array.from({ length: weeks }, (_, i) => ({
    from: addDays(today, 7 * i),
    g: {} as Partial<Record<FoodGroup, number>>,
    minor: 0,
  }));
  const weekOf = (day: Day) => table[Math.floor(daysBetween(today, day) / 7)];
  const picked: Range[] = [];
  const worth: Range[] = [];
  for (const p of garden.rows.flatMap((r) => r.plantings)) {
    const group = foodGroup(p.goal);
    if (!group || p.fit.grade === "wrong" || isSilent(silentSince(p, setting), today)) continue;
    for (const { day, g } of p.course.table) {
      const week = weekOf(day);
      if (week) week.g[group] = (week.g[group] ?? 0) + p.units * p.harvest.share * g;
    }
    let pickedG = 0;
    for (const { day, g } of p.course.picks) {
      const week = weekOf(day);
      if (!week) continue;
      const of = p.units * p.harvest.share * g;
      pickedG += of;
      week.minor += marketMinor(prices, p.crop.id, of) ?? 0;
    }
    // Of what it gives over all its picks, those of this year.
    const part = p.harvest.likely > 0 ? pickedG / 1000 / p.harvest.likely : 0;
    picked.push(times(p.harvest, part));
    worth.push(times(p.harvest, part * (marketMinor(prices, p.crop.id, 1000) ?? 0)));
  }
  const harvest = together(picked);
  const worthMinor = together(worth);
  const shopping = shoppingOf(wantedFor(garden, setting, today), prices);
  const soonKg =
    table
      .slice(0, SOON_WEEKS)
      .flatMap((week) => Object.values(week.g))
      .reduce((all, g) => all + g, 0) / 1000;
  const sold = soldOf(table, harvest, setting);
  const paidBack = (part: number) => {
    let sum = 0;
    return table.find((week) => (sum += part * week.minor) >= shopping.minor && sum > 0)?.from;
  };
  const bagsASeasonMinor = garden.rows.reduce(
    (all, { bag, make }) => all + (prices[`bag/${bag.kindId}`]?.minor ?? 0) / (make?.lifeSeasons.likely ?? 1),
    0,
  );
  return {
    weeks: table,
    shopping,
    harvest,
    sold,
    soon: times(harvest, harvest.likely > 0 ? soonKg / harvest.likely : 0),
    worthMinor,
    paidBack: paidBack(1),
    paidBackLate: paidBack(worthMinor.likely > 0 ? worthMinor.low / worthMinor.likely : 0),
    bagsASeasonMinor,
  };
}
