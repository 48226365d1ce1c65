import { type Drinker, type DrunkFrom, drunkL } from "../course";
import type { Day } from "../day";
import type { Garden, RowView } from "../garden";
import { halfOf, type Planting } from "../plan";
import type { Setting } from "../setting";
import { daysBetweenWaterings } from "../water";

/** Rows that were asked before, by the setting that they were asked under: a row that is judged anew is another object. */
const asked = new WeakMap<Setting, WeakMap<RowView, Map<Day, number>>>();

const partOf = (planting: Planting): Drinker["part"] =>
  halfOf(planting) ?? (planting.surface === "side" ? "side" : "top");

/** Litres that one bag draws on a day; nothing while nothing stands in it. */
export function rowThirst(view: RowView, day: Day, setting: Setting): number {
  const rows = asked.get(setting) ?? new WeakMap<RowView, Map<Day, number>>();
  asked.set(setting, rows);
  const days = rows.get(view) ?? new Map<Day, number>();
  rows.set(view, days);
  const known = days.get(day) ?? thirstOf(view, day, setting);
  days.set(day, known);
  return known;
}

/** Litres that one bag draws on a day, with or without mulch. */
export function thirstOf(view: RowView, day: Day, { climate }: Setting, isMulched = false): number {
  const { shape, make, schools, setting } = view;
  const bag: DrunkFrom = { shape, make, schools, isCovered: setting.uncovered !== undefined, isMulched };
  const drinkers = view.plantings.map(({ course, units, planting }) => ({
    course,
    units,
    part: partOf(planting),
  }));
  return drunkL(bag, drinkers, day, climate);
}

/** Days between waterings of a bag on a day, by the school in force. */
export const wateringDays = (view: RowView, day: Day, setting: Setting): number =>
  daysBetweenWaterings(view.soilL, rowThirst(view, day, setting), view.schools.water);

/** Litres a week that the whole plan draws about a day. */
export const weeklyThirst = (garden: Garden, day: Day, setting: Setting): number =>
  7 * garden.rows.reduce((sum, row) => sum + rowThirst(row, day, setting), 0);
