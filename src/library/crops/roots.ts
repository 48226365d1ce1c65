import { bought, broadcast, cells, type CropData, days, goal, need, plants, practice, rows, TEMPER } from "./usual";

const carrotMethods = [
  broadcast({ depthCm: 1, seeds: 2, why: "hates-moving", thin: [{ afterUp: 18, toCm: 2 }, { afterUp: 35, toCm: 4 }] }),
  rows({ depthCm: 2, why: "hates-moving", thin: [{ afterUp: 18, toCm: 2 }, { afterUp: 35, toCm: 4 }] }),
];

export const roots: CropData[] = [
  { ...TEMPER.onions, id: "onion", botanical: "Allium cepa", family: "Amaryllidaceae", germination: 0.7, thousandSeedG: 3.7, source: { rest: "memory", emergence: "harrington-1954", germination: "cfr-201" }, goals: [
    goal("onion/sets", "bulb", { stand: plants([8, 9], [2, 3.5]), methods: [{ method: "sets", depthCm: 2.5, why: "head-start" }], days: { from: "planting", window: days(90, 105, 120), atC: 17, nurseryDays: 0 }, source: practice("stand", "methods", "feeds") }),
    goal("onion/seed", "bulb", { stand: plants([8, 9], [2, 3.5]), methods: [rows({ thin: [{ afterUp: 30, toCm: 8 }] })], days: { from: "sowing", window: days(120, 140, 160), atC: 17, nurseryDays: 0 }, feeds: [{ stage: "week-3", share: 0.15 }], source: practice("methods", "feeds") }),
    goal("onion/spring", "bulb", { keepsDays: 7, stand: plants([2, 3], [0.15, 0.25]), insetCm: 3, depthCm: need(12, 15), sunHours: need(3, 5), heightCm: 35, widthCm: 5, methods: [rows(), { method: "sets", depthCm: 2, why: "head-start" }], days: { from: "sowing", window: days(60, 70, 85), atC: 17, nurseryDays: 0 }, yieldG: days(10, 18, 28), picking: { pattern: "continuous", window: days(20, 30, 45) }, feeds: [] }),
  ] },
  { ...TEMPER.onions, id: "garlic", botanical: "Allium sativum", family: "Amaryllidaceae", source: { rest: "memory" }, goals: [
    goal("garlic/bulb", "bulb", { keepsDays: 180, stand: plants([9, 12], [1.8, 3]), methods: [{ method: "sets", depthCm: 3, why: "not-from-seed" }], days: { from: "planting", window: days(170, 200, 230), atC: 13, nurseryDays: 0 }, yieldG: days(30, 45, 70) }),
    goal("garlic/green", "leaf", { keepsDays: 7, stand: plants([3, 5], [0.3, 0.5]), depthCm: need(10, 15), heightCm: 35, widthCm: 6, methods: [{ method: "sets", depthCm: 2, why: "not-from-seed" }], days: { from: "planting", window: days(35, 45, 55), atC: 15, nurseryDays: 0 }, yieldG: days(10, 18, 25) }),
  ] },
  { ...TEMPER.onions, id: "leek", botanical: "Allium ampeloprasum, Leek group", family: "Amaryllidaceae", germination: 0.6, thousandSeedG: 2.8, feeding: "heavy", source: { rest: "memory" }, goals: [
    goal("leek/stem", "bulb", { keepsDays: 10, stand: plants([9, 12], [2.5, 4]), depthCm: need(22, 28), heightCm: 50, methods: [cells([50, 60, 75], {}, { heightCm: 20 }), bought()], days: { from: "planting", window: days(90, 110, 140), atC: 16, nurseryDays: 70 }, picking: { pattern: "continuous", window: days(30, 60, 90) }, yieldG: days(100, 170, 260) }),
  ] },
  { ...TEMPER.roots, id: "carrot", botanical: "Daucus carota subsp. sativus", family: "Apiaceae", emergence: { baseC: 2, bestC: 25, degreeDays: 131 }, nights: { plantOutC: 0, standsC: -6, seedlingStandsC: -2 }, heatC: 33, germination: 0.55, thousandSeedG: 1.2, feeding: "light", source: { rest: "memory", emergence: "harrington-1954", germination: "cfr-201", water: "fao-56" }, goals: [
    goal("carrot/root", "root", { keepsDays: 21, stand: plants([3, 4], [0.25, 0.35]), insetCm: 3, heightCm: 35, widthCm: 8, methods: carrotMethods, days: { from: "sowing", window: days(70, 80, 95), atC: 17, nurseryDays: 0 }, picking: { pattern: "once", window: days(14, 28, 40) }, yieldG: days(40, 70, 110), source: practice("depthCm", "methods") }),
    goal("carrot/round", "root", { stand: plants([3, 4], [0.2, 0.28]), insetCm: 3, depthCm: need(9, 12), heightCm: 25, widthCm: 8, methods: carrotMethods, days: { from: "sowing", window: days(60, 68, 80), atC: 17, nurseryDays: 0 }, yieldG: days(20, 32, 45) }),
    goal("carrot/long", "root", { keepsDays: 21, stand: plants([4, 5], [0.5, 0.7]), insetCm: 4, depthCm: need(25, 30), heightCm: 40, widthCm: 9, methods: carrotMethods, days: { from: "sowing", window: days(90, 105, 125), atC: 17, nurseryDays: 0 }, yieldG: days(70, 120, 180) }),
  ] },
  { ...TEMPER.roots, id: "beet", botanical: "Beta vulgaris, Conditiva group", family: "Amaranthaceae", emergence: { baseC: 4, bestC: 27, degreeDays: 100 }, germination: 0.65, thousandSeedG: 17, source: { rest: "memory", germination: "cfr-201", water: "fao-56" }, goals: [
    goal("beet/root", "root", { keepsDays: 21, stand: plants([8, 10], [1, 1.6]), methods: [rows({ depthCm: 2, seeds: 1, why: "hates-moving", thin: [{ afterUp: 14, toCm: 5 }, { afterUp: 30, toCm: 10 }] }), cells([10, 14, 20], { depthCm: 2 }, { leaf: 3, holdDays: 7 })], days: { from: "sowing", window: days(55, 65, 80), atC: 17, nurseryDays: 0 }, yieldG: days(80, 140, 220) }),
    goal("beet/leaf", "leaf", { methods: [rows({ depthCm: 2, seeds: 1 })], days: { from: "sowing", window: days(35, 42, 52), atC: 18, nurseryDays: 0 } }),
    goal("beet/baby-leaf", "baby-leaf", { stand: { type: "thick", seedGM2: 15 } }),
  ] },
  { ...TEMPER.roots, id: "parsnip", botanical: "Pastinaca sativa", family: "Apiaceae", emergence: { baseC: 2, bestC: 22, degreeDays: 230 }, nights: { plantOutC: 0, standsC: -15, seedlingStandsC: -4 }, germination: 0.6, thousandSeedG: 4, source: { rest: "memory" }, goals: [
    goal("parsnip/root", "root", { stand: plants([8, 12], [2, 3.5]), depthCm: need(30, 40), heightCm: 40, widthCm: 25, methods: [rows({ depthCm: 1.5, seeds: 3, why: "hates-moving", thin: [{ afterUp: 25, toCm: 10 }] })], days: { from: "sowing", window: days(110, 130, 160), atC: 16, nurseryDays: 0 }, yieldG: days(90, 160, 260) }),
  ] },
  { ...TEMPER.roots, id: "potato", botanical: "Solanum tuberosum", family: "Solanaceae", emergence: { baseC: 5, bestC: 22, degreeDays: 250 }, growth: { baseC: 5, bestC: 20 }, nights: { plantOutC: 4, standsC: -1, seedlingStandsC: 0 }, heatC: 31, water: { class: "medium", kc: { initial: 0.5, mid: 1.15, end: 0.75 } }, feeding: "heavy", source: { rest: "memory", water: "fao-56" }, goals: [
    goal("potato/tuber", "tuber", { cautions: ["green-potato"], source: practice("methods") }),
    goal("potato/early", "tuber", { keepsDays: 21, stand: plants([18, 22], [8, 11]), depthCm: need(22, 25), heightCm: 50, days: { from: "planting", window: days(65, 75, 90), atC: 17, nurseryDays: 0 }, yieldG: days(250, 450, 700), cautions: ["green-potato"], source: practice("methods") }),
  ] },
];
