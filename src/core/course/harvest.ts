import type { Course } from "./course";

/** A range: four seasons of five lie between `low` and `high`. */
export interface Range {
  readonly low: number;
  readonly likely: number;
  readonly high: number;
}

/** Where the plants of a planting stand, and what they share. */
export interface Ground {
  /** Plants, or m² of a dense stand. */
  readonly units: number;
  /** What its crowns can catch light on, m²; unused for a dense stand, which catches on what it is sown on. */
  readonly lightM2: number;
  /** Litres of mix for each plant. */
  readonly soilL: number;
}

/** What a planting gives over all its picks, kg, and what limits it. */
export interface Harvest extends Range {
  readonly scarce: "light" | "soil" | "growth" | "room" | "none";
  /** What one unit's picks of its course are to be multiplied by, so that they come to the likely harvest. */
  readonly share: number;
}

/** A plant in a closed stand at the usual density gives this share of what it gives with all the room that it can use. Assumption, no source. */
const CLOSED_SHARE = 1 / 2.5;
/** However dense, a stand gives this much of a closed one at the usual density: Y of the reciprocal law, where 1/w = 1/w₁ + ρ/Y. */
const DENSEST = 1 / (1 - CLOSED_SHARE);
/** Twice the soil gives 43 % more. Poorter, Bühler, van Dusschoten, Climent and Postma 2012 (from memory): 2 to the power of this. */
const SOIL_POWER = Math.log2(1.43);

type Mark = "low" | "likely" | "high";

/**
 * What a plant gives, kg: by its light as plants that share it do (the reciprocal law of yield and density: Shinozaki and
 * Kira 1956, Willey and Heath 1969), by its soil as pots do, whichever is scarcer.
 */
function plantKg(course: Course, ground: Ground, mark: Mark): { light: number; soil: number } {
  const { goal } = course;
  const aloneKg = goal.yieldG[mark] / 1000;
  if (goal.stand.type === "dense" || goal.closedKgM2 === undefined) return { light: aloneKg, soil: Infinity };
  const densest = DENSEST * goal.closedKgM2[mark];
  const aPlantM2 = ground.lightM2 / ground.units;
  return {
    light: 1 / (1 / aloneKg + 1 / (densest * aPlantM2)),
    soil: aloneKg * CLOSED_SHARE * (ground.soilL / goal.stand.soilL.good) ** SOIL_POWER,
  };
}

/** What a planting gives over its picks: low, likely and high, never above what can grow in its light. */
export function harvestOf(course: Course, ground: Ground): Harvest {
  const { units } = ground;
  const { picked, sunlit } = course.share;
  const nothing = { low: 0, likely: 0, high: 0, scarce: "none", share: 0 } as const;
  if (units <= 0 || picked <= 0) return nothing;
  const dense = course.goal.stand.type === "dense";
  const growthKg = course.growthKg(units, dense ? units : ground.lightM2);
  const { light, soil } = plantKg(course, ground, "likely");
  const kg = (plant: { light: number; soil: number }) =>
    Math.min(units * picked * Math.min(plant.light * sunlit, plant.soil), growthKg);
  const low = kg(plantKg(course, ground, "low"));
  const likely = kg({ light, soil });
  const high = kg(plantKg(course, ground, "high"));
  const alone = course.goal.yieldG.likely / 1000;
  return {
    low,
    likely,
    high,
    scarce:
      likely >= growthKg
        ? "growth"
        : soil < light * sunlit
          ? "soil"
          : sunlit < 1
            ? "light"
            : light < CLOSED_SHARE * alone
              ? "room"
              : "none",
    share: (1000 * likely) / (units * course.pickedG),
  };
}

/**
 * What many plantings give together. One summer is good or bad for all of them and each has luck of its own: half of
 * what makes a harvest uncertain is shared. Assumption, no source.
 */
export function together(all: readonly Range[]): Range {
  const SHARED = 0.5;
  const sum = (of: (r: Range) => number) => all.reduce((total, r) => total + of(r), 0);
  const likely = sum((r) => r.likely);
  const wide = (off: (r: Range) => number) =>
    Math.sqrt(SHARED * sum(off) ** 2 + (1 - SHARED) * sum((r) => off(r) ** 2));
  return {
    low: likely - wide((r) => r.likely - r.low),
    likely,
    high: likely + wide((r) => r.high - r.likely),
  };
}
