import { range } from "./range";
import { TEMPER } from "./tempers";
import { type CropData, goal } from "./usual";
import { bought, cells, cuttings, need, plants, stations } from "./ways";

const source = { rest: "assumption" } as const;
const gourd = { ...TEMPER.cucurbits, family: "Cucurbitaceae", germination: 0.75, source };
const rhizome = { method: "tubers", depthCm: 5, why: "not-from-seed" } as const;
const tropical = {
  emergence: { baseC: 12, bestC: 30, degreeDays: 300, leastC: 18 },
  growth: { baseC: 12, bestC: 29 },
  nights: { plantOutC: 15, standsC: 5, seedlingStandsC: 8 },
  heatC: 42,
  water: { kc: { initial: 0.6, mid: 1.05, end: 0.9 } },
  feeding: "medium" as const,
  source,
};

const climber = (
  id: string,
  spread: { heightCm: number; soil: [number, number]; window: [number, number, number] },
) =>
  goal(id, "fruit", {
    stand: plants([35, 50], spread.soil),
    depthCm: need(22, 32),
    sunHours: need(5, 7),
    heightCm: spread.heightCm,
    widthCm: 60,
    methods: [stations({ depthCm: 2.5, seeds: 2 }), cells([14, 18, 24], { depthCm: 2.5 }, { leaf: 3 })],
    days: { from: "sowing", window: range(...spread.window), atC: 26, nurseryDays: 20 },
    picking: { pattern: "continuous", window: range(35, 55, 75) },
    support: "trellis",
    cautions: ["canes-eyes", "bitter-fruit"],
  });

/** Climbers of warm towns, beans and nuts, and what is grown for its taste. Values from memory: assumptions, as each says. */
export const gourdsAndSpices: CropData[] = [
  {
    ...gourd,
    id: "bitter-gourd",
    botanical: "Momordica charantia",
    thousandSeedG: 180,
    goals: [climber("bitter-gourd/fruit", { heightCm: 180, soil: [12, 18], window: [55, 62, 75] })],
  },
  {
    ...gourd,
    id: "bottle-gourd",
    botanical: "Lagenaria siceraria",
    thousandSeedG: 150,
    goals: [climber("bottle-gourd/fruit", { heightCm: 220, soil: [25, 40], window: [58, 66, 80] })],
  },
  {
    ...gourd,
    id: "ridge-gourd",
    botanical: "Luffa acutangula",
    thousandSeedG: 120,
    goals: [climber("ridge-gourd/fruit", { heightCm: 200, soil: [18, 28], window: [55, 64, 78] })],
  },
  {
    ...gourd,
    id: "melon",
    botanical: "Cucumis melo",
    thousandSeedG: 30,
    goals: [
      goal("melon/fruit", "fruit", {
        stand: plants([45, 60], [20, 30]),
        depthCm: need(24, 32),
        sunHours: need(6, 8),
        heightCm: 150,
        widthCm: 60,
        methods: [cells([18, 23, 30], { depthCm: 2 }, { leaf: 3 }), bought()],
        days: { from: "planting", window: range(70, 82, 98), atC: 25, nurseryDays: 28 },
        picking: { pattern: "continuous", window: range(15, 25, 35) },
        support: "trellis",
      }),
    ],
  },
  {
    ...TEMPER.beans,
    id: "broad-bean",
    botanical: "Vicia faba",
    family: "Fabaceae",
    setsBelow: { dayC: 26, nightC: 18 },
    emergence: { baseC: 1, bestC: 22, degreeDays: 200, leastC: 3 },
    growth: { baseC: 2, bestC: 20 },
    nights: { plantOutC: -3, standsC: -7, seedlingStandsC: -6 },
    heatC: 27,
    germination: 0.8,
    thousandSeedG: 1400,
    source,
    goals: [
      goal("broad-bean/pod", "pod", {
        stand: plants([14, 18], [4, 6]),
        depthCm: need(20, 28),
        heightCm: 100,
        widthCm: 30,
        methods: [stations({ depthCm: 5 })],
        days: { from: "sowing", window: range(85, 100, 125), atC: 14, nurseryDays: 0 },
        picking: { pattern: "flushes", window: range(14, 21, 30) },
        support: "twine",
        cautions: ["raw-bean"],
      }),
    ],
  },
  {
    ...TEMPER.beans,
    id: "runner-bean",
    botanical: "Phaseolus coccineus",
    family: "Fabaceae",
    setsBelow: { dayC: 30, nightC: 20 },
    emergence: { baseC: 6, bestC: 26, degreeDays: 140, leastC: 11 },
    growth: { baseC: 5, bestC: 24 },
    nights: { plantOutC: 9, standsC: 1, seedlingStandsC: 2 },
    heatC: 30,
    germination: 0.75,
    thousandSeedG: 1000,
    source,
    goals: [
      goal("runner-bean/pod", "pod", {
        stand: plants([15, 20], [6, 9]),
        depthCm: need(22, 30),
        heightCm: 220,
        widthCm: 30,
        methods: [stations({ depthCm: 5, seeds: 2 }), cells([12, 16, 21], { depthCm: 4 }, { leaf: 2 })],
        days: { from: "sowing", window: range(70, 80, 95), atC: 17, nurseryDays: 22 },
        picking: { pattern: "flushes", window: range(35, 55, 75) },
        support: "cane",
        cautions: ["canes-eyes", "raw-bean"],
      }),
    ],
  },
  {
    ...TEMPER.beans,
    id: "groundnut",
    botanical: "Arachis hypogaea",
    family: "Fabaceae",
    growth: { baseC: 11, bestC: 29 },
    heatC: 40,
    germination: 0.75,
    thousandSeedG: 600,
    source,
    goals: [
      goal("groundnut/pod", "pod", {
        stand: plants([18, 25], [6, 10]),
        depthCm: need(20, 28),
        sunHours: need(6, 8),
        heightCm: 40,
        widthCm: 40,
        methods: [stations({ depthCm: 4, seeds: 1 })],
        days: { from: "sowing", window: range(105, 120, 140), atC: 26, nurseryDays: 0 },
        picking: { pattern: "once", window: range(7, 14, 21) },
        keepsDays: 60,
      }),
    ],
  },
  {
    ...TEMPER.onions,
    id: "shallot",
    botanical: "Allium cepa Aggregatum group",
    family: "Amaryllidaceae",
    source,
    goals: [
      goal("shallot/bulb", "bulb", {
        stand: plants([12, 15], [2, 3.5]),
        methods: [{ method: "sets", depthCm: 2, why: "not-from-seed" }],
        days: { from: "planting", window: range(95, 110, 130), atC: 16, nurseryDays: 0 },
      }),
    ],
  },
  ...(
    [
      ["ginger", "Zingiber officinale"],
      ["turmeric", "Curcuma longa"],
    ] as const
  ).map(([id, botanical]): CropData => ({
    ...tropical,
    id,
    botanical,
    family: "Zingiberaceae",
    goals: [
      goal(`${id}/root`, "tuber", {
        stand: plants([18, 25], [8, 12]),
        depthCm: need(20, 28),
        sunHours: need(3, 5),
        heightCm: 90,
        widthCm: 35,
        methods: [rhizome],
        days: { from: "planting", window: range(220, 250, 290), atC: 26, nurseryDays: 0 },
        picking: { pattern: "once", window: range(20, 40, 60) },
        keepsDays: 30,
      }),
    ],
  })),
  {
    ...tropical,
    id: "taro",
    botanical: "Colocasia esculenta",
    family: "Araceae",
    goals: [
      goal("taro/root", "tuber", {
        stand: plants([40, 55], [25, 38]),
        depthCm: need(25, 35),
        sunHours: need(4, 6),
        heightCm: 110,
        widthCm: 70,
        methods: [rhizome],
        days: { from: "planting", window: range(190, 220, 260), atC: 26, nurseryDays: 0 },
        picking: { pattern: "once", window: range(20, 40, 60) },
        keepsDays: 21,
        cautions: ["cooked-only"],
      }),
    ],
  },
  {
    ...tropical,
    id: "lemongrass",
    c4: true,
    botanical: "Cymbopogon citratus",
    family: "Poaceae",
    nights: { plantOutC: 10, standsC: 0, seedlingStandsC: 3 },
    goals: [
      goal("lemongrass/stem", "herb", {
        stand: plants([30, 45], [8, 14]),
        depthCm: need(20, 25),
        where: ["top"],
        heightCm: 100,
        widthCm: 60,
        methods: [cuttings(3), bought()],
        days: { from: "planting", window: range(75, 95, 120), atC: 25, nurseryDays: 40 },
        picking: { pattern: "continuous", window: range(120, 200, 300) },
        cautions: ["blade"],
      }),
    ],
  },
  ...(
    [
      ["oregano", "Origanum vulgare"],
      ["sage", "Salvia officinalis"],
    ] as const
  ).map(([id, botanical]): CropData => ({
    ...TEMPER.dryHerbs,
    id,
    botanical,
    family: "Lamiaceae",
    germination: 0.6,
    thousandSeedG: id === "sage" ? 8 : 0.1,
    source,
    goals: [
      goal(`${id}/leaf`, "herb", {
        stand: plants(id === "sage" ? [25, 35] : [18, 25], id === "sage" ? [4, 7] : [2, 3.5]),
        sunHours: need(5, 7),
        heightCm: id === "sage" ? 45 : 30,
        widthCm: id === "sage" ? 45 : 30,
        picking: { pattern: "continuous", window: range(120, 200, 270) },
      }),
    ],
  })),
];
