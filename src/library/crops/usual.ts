import type { Crop, Goal } from "@/core/crop";
import { HARVESTS } from "./harvests";
import { range } from "./range";

export { range };

export type CropData = Crop;
type GoalData = Goal;
type MethodData = GoalData["methods"][number];

export const need = (least: number, good: number) => ({ least, good });
export const plants = (
  spacing: [number, number],
  soil: [number, number],
  sideSoil?: [number, number],
): GoalData["stand"] => ({
  type: "plants",
  spacingCm: need(...spacing),
  soilL: need(...soil),
  ...(sideSoil && { sideSoilL: need(...sideSoil) }),
});
export const dense = (seedGM2: number): GoalData["stand"] => ({ type: "dense", seedGM2 });

/** Ways to start, with what they usually mean; each crop changes what is its own. Assumption, no source, where a crop says nothing else. */
export const tray = (more: Partial<MethodData> = {}): MethodData => ({
  method: "tray",
  depthCm: 0.5,
  why: "choose-the-best",
  move: { afterUp: range(6, 8, 12), leaf: 3, holdDays: 7 },
  ...more,
});
export const cells = (
  afterUp: [number, number, number],
  more: Partial<MethodData> = {},
  sign: { leaf?: number; heightCm?: number; holdDays?: number } = { leaf: 4 },
): MethodData => ({
  method: "cells",
  depthCm: 1,
  seeds: 2,
  why: "choose-the-best",
  move: { afterUp: range(...afterUp), holdDays: 14, ...sign },
  ...more,
});
export const broadcast = (more: Partial<MethodData> = {}): MethodData => ({
  method: "broadcast",
  depthCm: 0.3,
  why: "quick-and-cheap",
  ...more,
});
export const drills = (more: Partial<MethodData> = {}): MethodData => ({
  method: "drills",
  depthCm: 1,
  seeds: 2,
  why: "quick-and-cheap",
  ...more,
});
export const stations = (more: Partial<MethodData> = {}): MethodData => ({
  method: "stations",
  depthCm: 3,
  seeds: 1,
  why: "hates-moving",
  ...more,
});
const soaked: MethodData = { method: "soaked", depthCm: 0, why: "quick-and-cheap" };
export const cuttings = (depthCm = 5): MethodData => ({ method: "cuttings", depthCm, why: "not-from-seed" });
export const bought = (why: MethodData["why"] = "no-tray"): MethodData => ({
  method: "bought",
  depthCm: 0,
  why,
});

const AT_PLANTING: GoalData["feeds"] = [{ stage: "planting", share: 0 }];
const AND_GROWING: GoalData["feeds"] = [...AT_PLANTING, { stage: "growing", share: 1 }];
const AND_HEADING: GoalData["feeds"] = [...AT_PLANTING, { stage: "heading", share: 0.6 }];
const AND_FLOWERS: GoalData["feeds"] = [...AT_PLANTING, { stage: "before-flowers", share: 0.5 }];

type Usual = Omit<GoalData, "id" | "kind" | keyof (typeof HARVESTS)[string]>;
const base = {
  cautions: [],
  support: "none",
  feeds: AT_PLANTING,
  source: { rest: "assumption" },
} satisfies Partial<Usual>;

/** What each kind of harvest usually wants in a bag. Figures of the trade from memory; a crop's own values replace them. */
const USUAL: Record<GoalData["kind"], Usual> = {
  leaf: {
    ...base,
    stand: plants([12, 16], [1.2, 1.8]),
    insetCm: 5,
    depthCm: need(12, 18),
    sunHours: need(3, 4),
    where: ["top", "side"],
    heightCm: 25,
    widthCm: 20,
    methods: [tray(), bought()],
    days: { from: "sowing", window: range(28, 34, 42), atC: 22, nurseryDays: 14 },
    picking: { pattern: "leaf", window: range(14, 28, 45) },
    keepsDays: 4,
    cautions: ["blade"],
  },
  "baby-leaf": {
    ...base,
    stand: dense(3),
    insetCm: 2,
    depthCm: need(8, 12),
    sunHours: need(3, 4),
    where: ["top"],
    heightCm: 12,
    widthCm: 8,
    methods: [broadcast()],
    days: { from: "sowing", window: range(22, 28, 36), atC: 18, nurseryDays: 0 },
    picking: { pattern: "leaf", window: range(14, 28, 42) },
    keepsDays: 3,
    feeds: [],
    cautions: ["blade"],
  },
  microgreen: {
    ...base,
    stand: dense(120),
    insetCm: 0,
    depthCm: need(2, 2.5),
    sunHours: need(0, 2),
    where: ["top"],
    heightCm: 7,
    widthCm: 3,
    methods: [soaked],
    days: { from: "sowing", window: range(7, 9, 12), atC: 20, nurseryDays: 0 },
    picking: { pattern: "once", window: range(1, 2, 3) },
    keepsDays: 3,
    feeds: [],
    cautions: ["clean-seed", "blade"],
  },
  head: {
    ...base,
    stand: plants([30, 38], [14, 20]),
    insetCm: 10,
    depthCm: need(20, 25),
    sunHours: need(4, 6),
    where: ["top"],
    heightCm: 40,
    widthCm: 45,
    methods: [cells([20, 25, 35]), bought()],
    days: { from: "planting", window: range(60, 70, 85), atC: 17, nurseryDays: 32 },
    picking: { pattern: "once", window: range(6, 12, 18) },
    keepsDays: 7,
    feeds: AND_HEADING,
    cautions: ["blade"],
  },
  "baby-head": {
    ...base,
    stand: plants([15, 18], [10, 15]),
    insetCm: 8,
    depthCm: need(20, 25),
    sunHours: need(4, 6),
    where: ["top"],
    heightCm: 35,
    widthCm: 25,
    methods: [cells([20, 25, 35]), bought()],
    days: { from: "planting", window: range(40, 48, 60), atC: 17, nurseryDays: 32 },
    picking: { pattern: "once", window: range(5, 10, 14) },
    keepsDays: 7,
    feeds: AND_HEADING,
    cautions: ["blade"],
  },
  bulb: {
    ...base,
    stand: plants([8, 10], [2, 3.5]),
    insetCm: 5,
    depthCm: need(15, 20),
    sunHours: need(5, 7),
    where: ["top"],
    heightCm: 45,
    widthCm: 12,
    methods: [drills()],
    days: { from: "sowing", window: range(120, 140, 165), atC: 17, nurseryDays: 0 },
    picking: { pattern: "once", window: range(10, 14, 21) },
    keepsDays: 120,
    feeds: [...AT_PLANTING, { stage: "week-3", share: 0.2 }],
  },
  root: {
    ...base,
    stand: plants([5, 8], [0.5, 0.9]),
    insetCm: 4,
    depthCm: need(15, 20),
    sunHours: need(4, 6),
    where: ["top"],
    heightCm: 30,
    widthCm: 15,
    methods: [drills()],
    days: { from: "sowing", window: range(50, 60, 75), atC: 17, nurseryDays: 0 },
    picking: { pattern: "once", window: range(10, 20, 30) },
    keepsDays: 14,
    feeds: [],
  },
  tuber: {
    ...base,
    stand: plants([20, 25], [11, 15]),
    insetCm: 8,
    depthCm: need(25, 28),
    sunHours: need(5, 6),
    where: ["top"],
    heightCm: 60,
    widthCm: 40,
    methods: [{ method: "tubers", depthCm: 11.5, why: "not-from-seed" }],
    days: { from: "planting", window: range(80, 92, 110), atC: 17, nurseryDays: 0 },
    picking: { pattern: "once", window: range(10, 21, 30) },
    keepsDays: 90,
  },
  pod: {
    ...base,
    stand: plants([8, 12], [2, 3]),
    insetCm: 5,
    depthCm: need(20, 25),
    sunHours: need(5, 6),
    where: ["top"],
    heightCm: 50,
    widthCm: 30,
    methods: [stations()],
    days: { from: "sowing", window: range(45, 52, 62), atC: 22, nurseryDays: 0 },
    picking: { pattern: "flushes", window: range(21, 35, 50) },
    keepsDays: 5,
    feeds: AND_FLOWERS,
  },
  cob: {
    ...base,
    stand: plants([18, 20], [7, 9]),
    insetCm: 8,
    depthCm: need(25, 30),
    sunHours: need(6, 8),
    where: ["top"],
    heightCm: 170,
    widthCm: 40,
    methods: [stations({ seeds: 2, why: "quick-and-cheap" })],
    days: { from: "sowing", window: range(70, 75, 85), atC: 22, nurseryDays: 0 },
    picking: { pattern: "once", window: range(5, 8, 12) },
    keepsDays: 3,
    support: "wire",
  },
  fruit: {
    ...base,
    stand: plants([35, 45], [12, 18]),
    insetCm: 12,
    depthCm: need(25, 30),
    sunHours: need(5, 7),
    where: ["top"],
    heightCm: 80,
    widthCm: 50,
    methods: [cells([28, 35, 45], { why: "seed-is-dear" }, { heightCm: 15 }), bought()],
    days: { from: "planting", window: range(60, 70, 85), atC: 22, nurseryDays: 42 },
    picking: { pattern: "continuous", window: range(45, 65, 90) },
    keepsDays: 7,
    feeds: AND_FLOWERS,
    support: "cane",
    cautions: ["canes-eyes"],
  },
  tops: {
    ...base,
    stand: plants([12, 18], [1.5, 2.5]),
    insetCm: 4,
    depthCm: need(10, 15),
    sunHours: need(4, 6),
    where: ["top", "side"],
    heightCm: 25,
    widthCm: 35,
    methods: [cuttings()],
    days: { from: "planting", window: range(26, 30, 38), atC: 27, nurseryDays: 0 },
    picking: { pattern: "leaf", window: range(45, 75, 110) },
    keepsDays: 4,
    cautions: ["blade"],
  },
  herb: {
    ...base,
    stand: plants([15, 22], [2, 3.5]),
    insetCm: 5,
    depthCm: need(15, 20),
    sunHours: need(4, 6),
    where: ["top", "side"],
    heightCm: 35,
    widthCm: 30,
    methods: [bought(), cells([25, 32, 45])],
    days: { from: "planting", window: range(20, 30, 45), atC: 20, nurseryDays: 45 },
    picking: { pattern: "continuous", window: range(120, 200, 300) },
    keepsDays: 7,
    feeds: AND_GROWING,
  },
  flower: {
    ...base,
    stand: plants([15, 20], [1.5, 2.5]),
    insetCm: 4,
    depthCm: need(12, 15),
    sunHours: need(4, 6),
    where: ["top", "side"],
    heightCm: 25,
    widthCm: 25,
    methods: [cells([20, 26, 35]), bought()],
    days: { from: "planting", window: range(25, 35, 50), atC: 18, nurseryDays: 35 },
    picking: { pattern: "continuous", window: range(60, 100, 150) },
    keepsDays: 1,
  },
  tree: {
    ...base,
    stand: plants([80, 100], [35, 60]),
    insetCm: 20,
    depthCm: need(33, 40),
    sunHours: need(5, 7),
    where: ["top"],
    heightCm: 150,
    widthCm: 90,
    methods: [bought("not-from-seed")],
    days: { from: "planting", window: range(330, 365, 380), atC: 18, nurseryDays: 0 },
    picking: { pattern: "once", window: range(14, 30, 45) },
    keepsDays: 5,
    feeds: AND_GROWING,
  },
};

/** A goal with what its kind usually wants, what is its own, and what it gives. */
export function goal(id: string, kind: GoalData["kind"], own: Partial<Usual> = {}): GoalData {
  const given = HARVESTS[id];
  if (!given) throw new Error(`nobody says what ${id} gives`);
  const { marks, ...gives } = given;
  const usual = { ...USUAL[kind], ...own };
  return { ...usual, ...gives, id, kind, source: { ...usual.source, ...marks } };
}

/** Marks of own values: those that practice names, the rest from memory. */
export const practice = (...keys: (keyof GoalData["source"] & string)[]): GoalData["source"] =>
  ({
    rest: "assumption",
    ...Object.fromEntries(keys.map((k) => [k, "practice"])),
  }) as GoalData["source"];

type Kept = "emergence" | "growth" | "nights" | "heatC" | "water" | "feeding";
type Temper = Pick<CropData, Kept>;

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
