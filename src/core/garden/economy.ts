import { type FoodGroup, foodGroup, picksOf, tableOf } from "../food";
import { marketMinor, type Shopping, shoppingOf, type Wanted } from "../money";
import { addDays, type Day, daysBetween } from "../day";
import { sowingBill } from "../sowing";
import type { Garden, PlantingView } from "./assess";
import type { BagThing } from "./plan";
import type { Setting } from "./setting";
import { unitsOf } from "./units";

/** How sure a sowing is to give its plants when it is priced. */
const CONFIDENCE = 0.9;
/** Used mix is refreshed with this share of new. Memory. */
const REFRESH = 0.2;

/** The bill of one planting's sowing, by the programme's own germination where it knows one. */
const billOf = ({ crop, goal, method, season, planting, fit }: PlantingView, setting: Setting) =>
  sowingBill(
    { crop, goal, method, stages: season.stages },
    { plants: planting.plants ?? undefined, areaCm2: fit.sown?.areaCm2 ?? 0 },
    CONFIDENCE,
    setting.germination?.[crop.id]?.share,
  );

/** Litres of new mix that a bag takes: all of it for a new one, a part for one that has a season behind it, none for one in use. */
export function mixFor(bag: BagThing, soilL: number, today: Day): number {
  if (!bag.atHand || bag.firstSeason === null) return soilL;
  return bag.firstSeason < Number(today.slice(0, 4)) ? REFRESH * soilL : 0;
}

/** Everything that is still to be bought for a plan: bags, mix, and seed or pieces for what is not sown yet. */
export function wantedFor(garden: Garden, setting: Setting, today: Day): Wanted[] {
  return garden.rows.flatMap((row): Wanted[] => [
    ...(row.bag.atHand ? [] : [{ item: `bag/${row.bag.kindId}`, amount: 1 }]),
    { item: `mix/${setting.mix.id}`, amount: mixFor(row.bag, row.soilL, today) },
    ...row.plantings
      .filter((p) => p.planting.sowOn >= today)
      .map((p): Wanted => {
        const bill = billOf(p, setting);
        return bill.pieces === undefined
          ? { item: `packet/${p.crop.id}`, amount: bill.seedG ?? 0 }
          : { item: `piece/${p.crop.id}`, amount: bill.pieces };
      }),
  ]);
}

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
    const units = unitsOf(p);
    for (const { day, g } of tableOf(p.goal, p.season.stages, units, p.stay.to)) {
      const week = weekOf(day);
      if (week) week.g[group] = (week.g[group] ?? 0) + g;
    }
    for (const { day, g } of picksOf(p.goal, p.season.stages, units)) {
      const week = day > p.stay.to ? undefined : weekOf(day);
      if (!week) continue;
      totalG += g;
      week.minor += marketMinor(prices, p.crop.id, g) ?? 0;
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
