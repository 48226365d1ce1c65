import { type FoodGroup, foodGroup } from "../food";
import { wantedFor } from "../kit";
import { marketMinor, type Shopping, shoppingOf } from "../money";
import { addDays, type Day, daysBetween } from "../day";
import type { Garden } from "../garden";
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
  /** What is picked in all, and what comes to the table in the first `SOON_WEEKS`, g. */
  readonly totalG: number;
  readonly soonG: number;
  readonly worthMinor: number;
  /** First day of the week in which the food picked is worth what it cost to start; undefined when it never is. */
  readonly paidBack?: Day;
  /** What the bags cost a season, over their likely lives. */
  readonly bagsASeasonMinor: number;
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
  let totalG = 0;
  for (const p of garden.rows.flatMap((r) => r.plantings)) {
    const group = foodGroup(p.goal);
    if (!group || p.fit.grade === "wrong") continue;
    for (const { day, g } of p.course.table) {
      const week = weekOf(day);
      if (week) week.g[group] = (week.g[group] ?? 0) + p.units * g;
    }
    for (const { day, g } of p.course.picks) {
      const week = weekOf(day);
      if (!week) continue;
      totalG += p.units * g;
      week.minor += marketMinor(prices, p.crop.id, p.units * g) ?? 0;
    }
  }
  const shopping = shoppingOf(wantedFor(garden, setting, today), prices);
  let sum = 0;
  const paid = table.find((week) => (sum += week.minor) >= shopping.minor && sum > 0);
  const bagsASeasonMinor = garden.rows.reduce(
    (all, { bag, make }) => all + (prices[`bag/${bag.kindId}`]?.minor ?? 0) / (make?.lifeSeasons.likely ?? 1),
    0,
  );
  return {
    weeks: table,
    shopping,
    totalG,
    soonG: table
      .slice(0, SOON_WEEKS)
      .flatMap((week) => Object.values(week.g))
      .reduce((all, g) => all + g, 0),
    worthMinor: table.reduce((all, week) => all + week.minor, 0),
    paidBack: paid?.from,
    bagsASeasonMinor,
  };
}
