import { range } from "./range";
import { TEMPER } from "./tempers";
import { type CropData, goal } from "./usual";
import { bought, broadcast, cells, drills, need, plants, stations, tray } from "./ways";

const source = { rest: "assumption" } as const;
const cool = { ...TEMPER.quickGreens, source, germination: 0.75 };
const hot = { ...TEMPER.hotGreens, source, germination: 0.7 };
const picked = (low: number, likely: number, high: number) => ({
  pattern: "continuous" as const,
  window: range(low, likely, high),
});

/** Leaf crops that are everyday food in some towns and news in others. Values from memory: assumptions, as each says. */
export const greens: CropData[] = [
  {
    ...TEMPER.cabbages,
    id: "collard",
    botanical: "Brassica oleracea var. viridis",
    family: "Brassicaceae",
    nights: { plantOutC: -2, standsC: -8, seedlingStandsC: -4 },
    heatC: 32,
    germination: 0.8,
    thousandSeedG: 3.5,
    source: { rest: "assumption", germination: "cfr-201" },
    goals: [
      goal("collard/leaf", "leaf", {
        stand: plants([28, 38], [5, 9]),
        depthCm: need(15, 20),
        where: ["top", "side"],
        heightCm: 70,
        widthCm: 45,
        methods: [cells([20, 26, 35]), bought()],
        days: { from: "planting", window: range(35, 45, 60), atC: 18, nurseryDays: 30 },
        picking: picked(120, 200, 270),
      }),
    ],
  },
  {
    ...cool,
    id: "chinese-cabbage",
    botanical: "Brassica rapa subsp. pekinensis",
    family: "Brassicaceae",
    heatC: 27,
    thousandSeedG: 3,
    goals: [
      goal("chinese-cabbage/head", "head", {
        stand: plants([25, 32], [8, 13]),
        depthCm: need(18, 22),
        heightCm: 40,
        widthCm: 35,
        methods: [cells([18, 22, 28]), bought()],
        days: { from: "planting", window: range(45, 55, 70), atC: 17, nurseryDays: 28 },
        picking: { pattern: "once", window: range(7, 12, 18) },
      }),
    ],
  },
  ...(["komatsuna", "tatsoi"] as const).map((id): CropData => ({
    ...cool,
    id,
    botanical: id === "tatsoi" ? "Brassica rapa subsp. narinosa" : "Brassica rapa var. perviridis",
    family: "Brassicaceae",
    nights: { plantOutC: -1, standsC: -7, seedlingStandsC: -4 },
    thousandSeedG: 2.5,
    goals: [
      goal(`${id}/leaf`, "leaf", {
        stand: plants([12, 16], [1.2, 1.8]),
        methods: [tray(), drills({ why: "no-tray" })],
        days: { from: "sowing", window: range(30, 36, 46), atC: 20, nurseryDays: 16 },
        picking: { pattern: "leaf", window: range(14, 24, 35) },
      }),
    ],
  })),
  {
    ...hot,
    id: "cowpea",
    botanical: "Vigna unguiculata",
    family: "Fabaceae",
    emergence: { baseC: 9, bestC: 32, degreeDays: 90, leastC: 15 },
    thousandSeedG: 150,
    goals: [
      goal("cowpea/leaf", "leaf", {
        where: ["top"],
        stand: plants([15, 20], [2, 3]),
        depthCm: need(15, 20),
        sunHours: need(4, 6),
        heightCm: 40,
        widthCm: 30,
        methods: [stations({ seeds: 2 })],
        days: { from: "sowing", window: range(25, 30, 38), atC: 26, nurseryDays: 0 },
        picking: { pattern: "leaf", window: range(30, 50, 70) },
      }),
    ],
  },
  {
    ...hot,
    id: "spider-plant",
    c4: true,
    botanical: "Cleome gynandra",
    family: "Cleomaceae",
    thousandSeedG: 1.3,
    goals: [
      goal("spider-plant/leaf", "leaf", {
        where: ["top"],
        stand: plants([12, 18], [1.5, 2.5]),
        depthCm: need(12, 18),
        sunHours: need(4, 6),
        heightCm: 60,
        widthCm: 25,
        methods: [broadcast({ why: "hates-moving" }), drills({ why: "hates-moving" })],
        days: { from: "sowing", window: range(28, 35, 42), atC: 25, nurseryDays: 0 },
        picking: { pattern: "leaf", window: range(25, 40, 56) },
      }),
    ],
  },
  {
    ...TEMPER.cucurbits,
    id: "pumpkin",
    botanical: "Cucurbita moschata",
    family: "Cucurbitaceae",
    germination: 0.75,
    thousandSeedG: 120,
    source,
    goals: [
      goal("pumpkin/tops", "tops", {
        stand: plants([35, 50], [10, 18]),
        depthCm: need(20, 28),
        sunHours: need(4, 6),
        where: ["top"],
        heightCm: 40,
        widthCm: 70,
        methods: [stations({ seeds: 2 })],
        days: { from: "sowing", window: range(35, 42, 52), atC: 24, nurseryDays: 0 },
        picking: { pattern: "leaf", window: range(50, 80, 110) },
      }),
    ],
  },
  {
    ...TEMPER.softHerbs,
    id: "leaf-celery",
    botanical: "Apium graveolens var. secalinum",
    family: "Apiaceae",
    germination: 0.6,
    thousandSeedG: 0.4,
    source,
    goals: [
      goal("leaf-celery/leaf", "herb", {
        stand: plants([12, 18], [1.8, 3]),
        heightCm: 35,
        methods: [cells([30, 38, 50], { depthCm: 0.2 }), bought()],
        days: { from: "planting", window: range(30, 40, 55), atC: 18, nurseryDays: 50 },
        picking: picked(90, 150, 220),
      }),
    ],
  },
  {
    ...TEMPER.flowers,
    id: "sunflower",
    botanical: "Helianthus annuus",
    family: "Asteraceae",
    germination: 0.85,
    thousandSeedG: 70,
    source,
    goals: [
      goal("sunflower/shoots", "microgreen", {
        stand: { type: "dense", seedGM2: 900 },
        days: { from: "sowing", window: range(8, 10, 13), atC: 20, nurseryDays: 0 },
      }),
    ],
  },
];
