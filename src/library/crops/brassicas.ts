import { range } from "./range";
import { TEMPER } from "./tempers";
import { type CropData, goal, practice } from "./usual";
import { bought, broadcast, cells, need, plants, drills, dense, tray } from "./ways";

const common = {
  family: "Brassicaceae",
  ...TEMPER.quickGreens,
  germination: 0.75,
  thousandSeedG: 2.5,
  source: { rest: "assumption", germination: "cfr-201", water: "fao-56" },
} as const;
const cabbages = {
  ...common,
  ...TEMPER.cabbages,
  thousandSeedG: 3.5,
  source: { rest: "assumption", germination: "cfr-201", emergence: "harrington-1954", water: "fao-56" },
} as const;

/** Greens that growers raise one to a cut bottle: up in 3 to 5 days, picked from day 25. */
const bottleGreen = (id: string, height = 25) =>
  goal(id, "leaf", {
    stand: plants([12, 15], [1.2, 1.5]),
    depthCm: need(12, 15),
    heightCm: height,
    days: { from: "sowing", window: range(25, 27, 32), atC: 27, nurseryDays: 12 },
    picking: { pattern: "leaf", window: range(10, 14, 21) },
    source: practice("stand", "methods", "days"),
  });

export const brassicas: CropData[] = [
  {
    ...common,
    id: "pak-choi",
    botanical: "Brassica rapa subsp. chinensis",
    source: { ...common.source, emergence: "practice" },
    goals: [
      bottleGreen("pak-choi/leaf"),
      goal("pak-choi/head", "head", {
        keepsDays: 5,
        stand: plants([18, 22], [2.5, 4]),
        insetCm: 7,
        depthCm: need(15, 20),
        sunHours: need(3, 4),
        heightCm: 28,
        widthCm: 24,
        days: { from: "planting", window: range(28, 34, 42), atC: 20, nurseryDays: 16 },
        methods: [cells([8, 11, 16], {}, { leaf: 3, holdDays: 7 }), bought()],
      }),
      goal("pak-choi/baby-leaf", "baby-leaf"),
    ],
  },
  {
    ...common,
    id: "choy-sum",
    botanical: "Brassica rapa var. parachinensis",
    source: { ...common.source, emergence: "practice" },
    goals: [bottleGreen("choy-sum/leaf", 30)],
  },
  {
    ...common,
    id: "mustard",
    botanical: "Brassica juncea",
    nights: { plantOutC: 0, standsC: -7, seedlingStandsC: -4 },
    source: { ...common.source, emergence: "practice" },
    goals: [
      bottleGreen("mustard/leaf", 35),
      goal("mustard/baby-leaf", "baby-leaf"),
      goal("mustard/microgreens", "microgreen", { stand: dense(80) }),
    ],
  },
  {
    ...common,
    id: "gai-lan",
    botanical: "Brassica oleracea var. alboglabra",
    germination: 0.75,
    source: { ...common.source, emergence: "practice" },
    goals: [
      {
        ...bottleGreen("gai-lan/leaf", 30),
        days: { from: "sowing", window: range(27, 30, 36), atC: 25, nurseryDays: 12 },
      },
    ],
  },
  {
    ...common,
    id: "ethiopian-kale",
    botanical: "Brassica carinata",
    goals: [
      goal("ethiopian-kale/leaf", "leaf", {
        stand: plants([18, 25], [2, 3]),
        depthCm: need(15, 20),
        heightCm: 60,
        widthCm: 35,
        days: { from: "sowing", window: range(32, 38, 48), atC: 22, nurseryDays: 22 },
        picking: { pattern: "continuous", window: range(40, 60, 90) },
      }),
      goal("ethiopian-kale/baby-leaf", "baby-leaf"),
    ],
  },
  {
    ...common,
    id: "mizuna",
    botanical: "Brassica rapa var. nipposinica",
    nights: { plantOutC: 0, standsC: -7, seedlingStandsC: -4 },
    goals: [goal("mizuna/leaf", "leaf"), goal("mizuna/baby-leaf", "baby-leaf")],
  },
  {
    ...common,
    id: "rocket",
    botanical: "Eruca vesicaria",
    nights: { plantOutC: 0, standsC: -7, seedlingStandsC: -4 },
    thousandSeedG: 1.8,
    heatC: 27,
    goals: [goal("rocket/leaf", "leaf"), goal("rocket/baby-leaf", "baby-leaf")],
  },
  {
    ...cabbages,
    id: "kale",
    botanical: "Brassica oleracea var. sabellica",
    growth: { baseC: 3, bestC: 22 },
    nights: { plantOutC: -3, standsC: -9, seedlingStandsC: -4 },
    heatC: 33,
    source: { ...cabbages.source, nights: "practice" },
    goals: [
      goal("kale/leaf", "leaf", {
        stand: plants([25, 32], [5, 10], [1.5, 2]),
        insetCm: 8,
        depthCm: need(15, 20),
        sunHours: need(3, 5),
        where: ["side", "top"],
        heightCm: 55,
        widthCm: 45,
        methods: [cells([21, 26, 35], {}, { leaf: 3 }), bought()],
        days: { from: "planting", window: range(21, 28, 35), atC: 16, nurseryDays: 35 },
        picking: { pattern: "continuous", window: range(240, 270, 300) },
        feeds: [
          { stage: "planting", share: 0 },
          { stage: "growing", share: 1 },
        ],
        source: practice("where", "days", "picking", "depthCm"),
      }),
      goal("kale/baby-leaf", "baby-leaf"),
      goal("kale/microgreens", "microgreen", { stand: dense(90) }),
    ],
  },
  {
    ...cabbages,
    id: "cabbage",
    botanical: "Brassica oleracea var. capitata",
    goals: [
      goal("cabbage/compact", "head", {
        keepsDays: 28,
        stand: plants([25, 30], [9, 14]),
        depthCm: need(16, 20),
        heightCm: 30,
        widthCm: 35,
        days: { from: "planting", window: range(55, 60, 70), atC: 17, nurseryDays: 32 },
        picking: { pattern: "once", window: range(7, 14, 21) },
        source: practice("stand", "days", "feeds"),
      }),
      goal("cabbage/standard", "head", {
        keepsDays: 28,
        stand: plants([35, 45], [20, 30]),
        insetCm: 12,
        widthCm: 55,
        days: { from: "planting", window: range(75, 85, 100), atC: 17, nurseryDays: 32 },
        picking: { pattern: "once", window: range(7, 14, 21) },
        source: practice("stand", "feeds"),
      }),
      goal("cabbage/red", "head", {
        keepsDays: 42,
        stand: plants([35, 42], [18, 26]),
        insetCm: 12,
        widthCm: 50,
        days: { from: "planting", window: range(82, 95, 110), atC: 17, nurseryDays: 35 },
        picking: { pattern: "once", window: range(10, 20, 30) },
      }),
    ],
  },
  {
    ...cabbages,
    id: "broccoli",
    botanical: "Brassica oleracea var. italica",
    heatC: 28,
    goals: [
      goal("broccoli/head", "head", {
        keepsDays: 5,
        stand: plants([32, 40], [15, 22]),
        widthCm: 50,
        heightCm: 55,
        days: { from: "planting", window: range(55, 65, 78), atC: 17, nurseryDays: 32 },
      }),
      goal("broccoli/microgreens", "microgreen", { stand: dense(90) }),
    ],
  },
  {
    ...cabbages,
    id: "cauliflower",
    botanical: "Brassica oleracea var. botrytis",
    growth: { baseC: 3, bestC: 20 },
    nights: { plantOutC: 1, standsC: -4, seedlingStandsC: -2 },
    heatC: 27,
    goals: [
      goal("cauliflower/baby", "baby-head", {
        stand: plants([15, 18], [8, 12]),
        heightCm: 40,
        days: { from: "sowing", window: range(63, 68, 78), atC: 16, nurseryDays: 32 },
        source: practice("stand", "days"),
      }),
      goal("cauliflower/full", "head", {
        stand: plants([30, 35], [15, 20]),
        depthCm: need(22, 28),
        heightCm: 50,
        widthCm: 50,
        days: { from: "sowing", window: range(85, 95, 110), atC: 16, nurseryDays: 32 },
        picking: { pattern: "once", window: range(5, 10, 14) },
        source: practice("stand"),
      }),
    ],
  },
  {
    ...cabbages,
    id: "kohlrabi",
    botanical: "Brassica oleracea var. gongylodes",
    goals: [
      goal("kohlrabi/bulb", "baby-head", {
        keepsDays: 14,
        stand: plants([12, 18], [2.5, 4]),
        insetCm: 6,
        depthCm: need(15, 20),
        widthCm: 22,
        methods: [cells([14, 18, 25], {}, { leaf: 3, holdDays: 10 }), drills({ why: "no-tray" })],
        days: { from: "sowing", window: range(50, 58, 70), atC: 17, nurseryDays: 24 },
        feeds: [{ stage: "planting", share: 0 }],
      }),
    ],
  },
  {
    ...common,
    id: "radish",
    botanical: "Raphanus sativus",
    emergence: { baseC: 4.2, bestC: 20, degreeDays: 64, leastC: 5 },
    growth: { baseC: 4, bestC: 22 },
    nights: { plantOutC: 1, standsC: -3, seedlingStandsC: -2 },
    heatC: 30,
    thousandSeedG: 10,
    source: { ...common.source, emergence: "harrington-1954" },
    goals: [
      goal("radish/root", "root", {
        keepsDays: 7,
        stand: plants([4, 5], [0.25, 0.35]),
        depthCm: need(10, 15),
        heightCm: 18,
        widthCm: 10,
        methods: [drills({ seeds: 1 })],
        days: { from: "sowing", window: range(25, 29, 36), atC: 18, nurseryDays: 0 },
        picking: { pattern: "once", window: range(5, 8, 12) },
        source: practice("methods"),
      }),
      goal("radish/microgreens", "microgreen", {
        stand: dense(180),
        days: { from: "sowing", window: range(6, 7, 9), atC: 20, nurseryDays: 0 },
        source: practice("depthCm", "methods", "days"),
      }),
      goal("radish/winter", "root", {
        keepsDays: 42,
        stand: plants([10, 15], [2, 3.5]),
        depthCm: need(25, 30),
        heightCm: 40,
        widthCm: 25,
        methods: [drills({ seeds: 2 })],
        days: { from: "sowing", window: range(50, 60, 75), atC: 17, nurseryDays: 0 },
      }),
    ],
  },
  {
    ...common,
    id: "turnip",
    botanical: "Brassica rapa subsp. rapa",
    nights: { plantOutC: 0, standsC: -7, seedlingStandsC: -4 },
    thousandSeedG: 2.8,
    growth: { baseC: 4, bestC: 22 },
    goals: [
      goal("turnip/root", "root", {
        stand: plants([7, 10], [0.8, 1.3]),
        methods: [drills({ thin: [{ afterUp: 14, toCm: 10 }] })],
        days: { from: "sowing", window: range(42, 50, 62), atC: 17, nurseryDays: 0 },
      }),
      goal("turnip/leaf", "leaf", { methods: [broadcast({ depthCm: 1 }), tray()] }),
    ],
  },
];
