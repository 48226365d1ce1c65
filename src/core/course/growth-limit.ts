import { temperatures } from "../climate";
import type { Crop, Goal } from "../crop";
import type { Setting } from "../setting";
import { MOL_PER_MJ_USED } from "../sun";
import { lightOn } from "./light";

/** Dry matter that a closed stand builds a day at most, g/m², for each part of reference evapotranspiration that it transpires: normalized water productivity, upper ends for C3 and C4. FAO AquaCrop, Steduto, Hsiao, Raes and Fereres 2009 (from memory). */
const BY_WATER = { c3: 20, c4: 35 };
/** And for each MJ of light that it can use: radiation use efficiency, upper end. Sinclair and Muchow 1999 (from memory). */
const BY_LIGHT = 3;
/** A plant that has all the room it can use covers so much more ground than one among its like. Assumption, no source. */
const FREE_CROWN = 2;
/** Days between looks. */
const STEP_DAYS = 4;

/** What grows: which crop, from when to when as numbers, and the ground under one unit's leaves on a day, cm². */
interface Growing {
  readonly crop: Crop;
  readonly goal: Goal;
  readonly from: number;
  readonly to: number;
  leafCm2(day: number): number;
}

/** What could grow under a closed stand, g of dry matter a m², on the days that are looked at from the one on which it stands in its bag. */
export function growthByDay(course: Growing, setting: Setting): Float64Array {
  const { crop, from, to } = course;
  const byWater = (crop.c4 ? BY_WATER.c4 : BY_WATER.c3) * crop.water.kc.mid;
  const at = temperatures(setting.climate);
  return Float64Array.from({ length: 1 + Math.floor((to - from) / STEP_DAYS) }, (_, i) => {
    const day = from + i * STEP_DAYS;
    if (at(day).meanC <= crop.growth.baseC) return 0;
    return STEP_DAYS * Math.min(byWater, (BY_LIGHT * lightOn(setting, day)) / MOL_PER_MJ_USED);
  });
}

/** Ground under the leaves of one unit that has all the room it can use, m², on the days that are looked at. */
export function leavesByDay(course: Growing): Float64Array {
  const spread = course.goal.stand.type === "plants" ? FREE_CROWN : 1;
  return Float64Array.from(
    { length: 1 + Math.floor((course.to - course.from) / STEP_DAYS) },
    (_, i) => (spread * course.leafCm2(course.from + i * STEP_DAYS)) / 10_000,
  );
}

/**
 * The most that can be harvested, kg: what grew under its leaves, the part of it that is eaten, with its water. What came
 * with the seed is added: shoots that are cut young live on it.
 *
 * @param growth from `growthByDay`, @param leaves from `leavesByDay`
 * @param areaM2 what the crowns can catch light on
 */
export function mostKg(
  { goal }: Pick<Growing, "goal">,
  { growth, leaves }: { readonly growth: Float64Array; readonly leaves: Float64Array },
  units: number,
  areaM2: number,
): number {
  let dryG = 0;
  for (let i = 0; i < growth.length; i++) dryG += growth[i]! * Math.min(units * leaves[i]!, areaM2);
  const seedG = goal.stand.type === "dense" ? units * goal.stand.seedGM2 : 0;
  return (dryG * goal.harvestIndex + seedG) / goal.dryMatter / 1000;
}
