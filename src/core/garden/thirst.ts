import { canopyOn, grownOn } from "../canopy";
import type { Day } from "../day";
import { coefficient, daysBetweenWaterings, drawnL, evaporationOn, openCm2, wallFactor } from "../water";
import type { Garden, PlantingView, RowView } from "./assess";
import type { Setting } from "./setting";

/** A bag whose kind nobody knows is taken for dark fabric, the thirstiest. */
const UNKNOWN_MAKE = {
  material: "fabric",
  colour: "dark",
  lifeSeasons: { low: 1, likely: 1, high: 1 },
} as const;

function drawing({ crop, goal, season, planting, patch, stay }: PlantingView, day: Day) {
  if (day < stay.from || day > stay.to) return { leafCm2: 0, kc: 0 };
  const grown = grownOn(season.stages, day);
  const leafCm2 = patch
    ? patch.areaCm2 * Math.min(1, grown * 1.5)
    : (planting.plants ?? 0) * Math.PI * (canopyOn(goal, season.stages, day).widthCm / 2) ** 2;
  return { leafCm2, kc: coefficient(crop.water, grown) };
}

/** A bag's colour as the school has it, where the bag is to be bought or its make can be chosen. */
const makeOf = (view: RowView) => {
  const make = view.make ?? UNKNOWN_MAKE;
  return make.material === "fabric" ? { ...make, colour: view.schools.colour } : make;
};

/** Rows that were asked before: a row that is judged anew is another object, so that what is kept stays true. */
const asked = new WeakMap<RowView, Map<Day, number>>();

/** Litres that one bag draws on a day; nothing while nothing stands in it. */
export function rowThirst(view: RowView, day: Day, setting: Setting): number {
  const days = asked.get(view) ?? new Map<Day, number>();
  asked.set(view, days);
  const known = days.get(day) ?? thirstOf(view, day, setting);
  days.set(day, known);
  return known;
}

function thirstOf(view: RowView, day: Day, setting: Setting): number {
  const stands = view.plantings.map((p) => drawing(p, day));
  if (!stands.some((s) => s.leafCm2 > 0)) return 0;
  return drawnL(evaporationOn(setting.climate, day), openCm2(view.shape), stands, wallFactor(makeOf(view)));
}

/** Days between waterings of a bag on a day, by the school in force. */
export const wateringDays = (view: RowView, day: Day, setting: Setting): number =>
  daysBetweenWaterings(view.soilL, rowThirst(view, day, setting), view.schools.water);

/** Litres a week that the whole plan draws about a day. */
export const weeklyThirst = (garden: Garden, day: Day, setting: Setting): number =>
  7 * garden.rows.reduce((sum, row) => sum + rowThirst(row, day, setting), 0);
