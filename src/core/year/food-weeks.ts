import { FOOD_GROUPS, type FoodGroup } from "../food";
import type { Range } from "../course";
import type { Day } from "../day";
import type { Economy } from "./economy";

/** What comes to the table week by week, g, as wide as the year's harvest is: one summer is good or bad for all of its weeks. */
export function foodByWeek({ weeks, harvest }: Economy): (Range & { readonly from: Day })[] {
  const { low, likely, high } = harvest;
  const [few, many] = likely > 0 ? [low / likely, high / likely] : [0, 0];
  return weeks.map(({ from, g }) => {
    const all = Object.values(g).reduce((sum, of) => sum + of, 0);
    return { from, low: few * all, likely: all, high: many * all };
  });
}

/** What comes to the table in all weeks of each kind of food, g; kinds of which there is nothing are left out. */
export const foodByKind = ({ weeks }: Economy): { readonly group: FoodGroup; readonly g: number }[] =>
  FOOD_GROUPS.map((group) => ({
    group,
    g: weeks.reduce((sum, week) => sum + (week.g[group] ?? 0), 0),
  })).filter(({ g }) => g > 0);
