import type { Crop } from "@/core/crop";

type Temper = Pick<Crop, "emergence" | "growth" | "nights" | "heatC" | "water" | "feeding">;

/** FAO Irrigation and Drainage Paper 56, table 12, single crop coefficients (from memory). */
const kc = (initial: number, mid: number, end: number) => ({ initial, mid, end });

/** How groups of crops stand temperature, water and feed; assumption where a crop says nothing else. */
export const TEMPER = {
  cabbages: {
    emergence: { baseC: 2.9, bestC: 25, degreeDays: 107, leastC: 4 },
    growth: { baseC: 3, bestC: 21 },
    nights: { plantOutC: -1, standsC: -6, seedlingStandsC: -3 },
    heatC: 29,
    water: { kc: kc(0.7, 1.05, 0.95) },
    feeding: "heavy",
  },
  quickGreens: {
    emergence: { baseC: 4, bestC: 28, degreeDays: 80, leastC: 4 },
    growth: { baseC: 4, bestC: 27 },
    nights: { plantOutC: 2, standsC: -3, seedlingStandsC: -1 },
    heatC: 32,
    water: { kc: kc(0.7, 1.05, 0.95) },
    feeding: "medium",
  },
  salads: {
    emergence: { baseC: 3.3, bestC: 25, degreeDays: 60, leastC: 2 },
    growth: { baseC: 3.5, bestC: 23 },
    nights: { plantOutC: 0, standsC: -4, seedlingStandsC: -2 },
    heatC: 26,
    water: { kc: kc(0.7, 1, 0.95) },
    feeding: "light",
  },
  hotGreens: {
    emergence: { baseC: 10, bestC: 32, degreeDays: 90, leastC: 12 },
    growth: { baseC: 11, bestC: 30 },
    nights: { plantOutC: 14, standsC: 4, seedlingStandsC: 6 },
    heatC: 42,
    water: { kc: kc(0.7, 1.05, 0.95) },
    feeding: "medium",
  },
  roots: {
    emergence: { baseC: 3, bestC: 25, degreeDays: 110, leastC: 4 },
    growth: { baseC: 4, bestC: 22 },
    nights: { plantOutC: 0, standsC: -5, seedlingStandsC: -2 },
    heatC: 32,
    water: { kc: kc(0.7, 1.05, 0.95) },
    feeding: "medium",
  },
  onions: {
    emergence: { baseC: 3.4, bestC: 25, degreeDays: 83, leastC: 2 },
    growth: { baseC: 4, bestC: 25 },
    nights: { plantOutC: -2, standsC: -7, seedlingStandsC: -5 },
    heatC: 38,
    water: { kc: kc(0.7, 1.05, 0.75) },
    feeding: "medium",
  },
  beans: {
    emergence: { baseC: 4.9, bestC: 30, degreeDays: 163, leastC: 15 },
    growth: { baseC: 6, bestC: 28 },
    nights: { plantOutC: 12, standsC: 1, seedlingStandsC: 2 },
    heatC: 36,
    water: { kc: kc(0.5, 1.05, 0.9) },
    feeding: "light",
  },
  peppers: {
    emergence: { baseC: 9.5, bestC: 27, degreeDays: 135, leastC: 15 },
    growth: { baseC: 9, bestC: 28 },
    nights: { plantOutC: 12, standsC: 2, seedlingStandsC: 4 },
    heatC: 37,
    water: { kc: kc(0.6, 1.05, 0.9) },
    feeding: "heavy",
  },
  cucurbits: {
    emergence: { baseC: 10, bestC: 30, degreeDays: 75, leastC: 15 },
    growth: { baseC: 9, bestC: 28 },
    nights: { plantOutC: 13, standsC: 2, seedlingStandsC: 4 },
    heatC: 38,
    water: { kc: kc(0.6, 1, 0.75) },
    feeding: "heavy",
  },
  softHerbs: {
    emergence: { baseC: 4, bestC: 25, degreeDays: 140, leastC: 5 },
    growth: { baseC: 4, bestC: 23 },
    nights: { plantOutC: 2, standsC: -5, seedlingStandsC: -2 },
    heatC: 31,
    water: { kc: kc(0.7, 1, 0.95) },
    feeding: "light",
  },
  dryHerbs: {
    emergence: { baseC: 5, bestC: 25, degreeDays: 220, leastC: 8 },
    growth: { baseC: 5, bestC: 26 },
    nights: { plantOutC: 1, standsC: -10, seedlingStandsC: -3 },
    heatC: 42,
    water: { kc: kc(0.5, 0.7, 0.7) },
    feeding: "light",
  },
  flowers: {
    emergence: { baseC: 6, bestC: 25, degreeDays: 110, leastC: 8 },
    growth: { baseC: 5, bestC: 25 },
    nights: { plantOutC: 8, standsC: -1, seedlingStandsC: 0 },
    heatC: 37,
    water: { kc: kc(0.6, 0.9, 0.8) },
    feeding: "light",
  },
  berries: {
    emergence: { baseC: 5, bestC: 25, degreeDays: 250, leastC: 5 },
    growth: { baseC: 4, bestC: 24 },
    nights: { plantOutC: 0, standsC: -20, seedlingStandsC: -5 },
    heatC: 36,
    water: { kc: kc(0.6, 1, 0.7) },
    feeding: "medium",
  },
} satisfies Record<string, Temper>;
