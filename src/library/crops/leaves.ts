import { bought, broadcast, cells, type CropData, cuttings, days, goal, need, plants, practice, rows, stations, TEMPER, thick, tray } from "./usual";

const hot = { ...TEMPER.hotGreens, germination: 0.7, source: { rest: "memory" } } as const;

export const leaves: CropData[] = [
  { ...TEMPER.salads, id: "lettuce", botanical: "Lactuca sativa", family: "Asteraceae", emergence: { baseC: 3.3, bestC: 25, degreeDays: 47 }, growth: { baseC: 3.5, bestC: 24 }, heatC: 24, germination: 0.8, thousandSeedG: 1.1,
    source: { rest: "memory", emergence: "harrington-1954", heatC: "practice", germination: "cfr-201", water: "fao-56" }, goals: [
    goal("lettuce/leaf", "leaf", { stand: plants([12, 16], [1.2, 1.5]), depthCm: need(10, 15), heightCm: 22, methods: [tray({ depthCm: 0.2, move: { afterUp: days(7, 10, 14), leaf: 3, holdDays: 7 } }), bought()], days: { from: "sowing", window: days(27, 30, 38), atC: 23, nurseryDays: 14 }, picking: { pattern: "leaf", window: days(21, 35, 50) }, source: practice("stand", "methods", "days") }),
    goal("lettuce/baby-leaf", "baby-leaf", { stand: thick(2), methods: [broadcast({ depthCm: 0.2 })], days: { from: "sowing", window: days(26, 32, 42), atC: 18, nurseryDays: 0 }, picking: { pattern: "leaf", window: days(21, 35, 50) }, source: practice("methods", "picking") }),
    goal("lettuce/head", "head", { stand: plants([20, 26], [3, 5]), insetCm: 8, depthCm: need(15, 20), sunHours: need(4, 5), heightCm: 25, widthCm: 28, methods: [cells([14, 18, 25], { depthCm: 0.3 }, { leaf: 3, holdDays: 10 }), bought()], days: { from: "planting", window: days(35, 42, 55), atC: 17, nurseryDays: 23 }, picking: { pattern: "once", window: days(5, 8, 12) }, yieldG: days(150, 280, 450), feeds: [{ stage: "planting", share: 0 }], source: practice("methods") }),
  ] },
  { ...hot, id: "water-spinach", botanical: "Ipomoea aquatica", family: "Convolvulaceae", emergence: { baseC: 10, bestC: 30, degreeDays: 95 }, growth: { baseC: 12, bestC: 30 }, nights: { plantOutC: 15, standsC: 6, seedlingStandsC: 8 }, thousandSeedG: 45, source: { rest: "memory", emergence: "practice", water: "practice" }, goals: [
    goal("water-spinach/leaf", "leaf", { stand: plants([10, 14], [1.2, 1.5]), depthCm: need(12, 15), sunHours: need(4, 6), where: ["top"], heightCm: 35, methods: [cells([4, 6, 9], {}, { heightCm: 5, holdDays: 7 }), stations({ depthCm: 1, seeds: 2, why: "no-tray" })], days: { from: "sowing", window: days(27, 29, 34), atC: 27, nurseryDays: 12 }, picking: { pattern: "leaf", window: days(30, 60, 90) }, source: practice("stand", "methods", "days") }),
  ] },
  { ...TEMPER.salads, id: "spinach", botanical: "Spinacia oleracea", family: "Amaranthaceae", emergence: { baseC: -2, bestC: 25, degreeDays: 127 }, growth: { baseC: 1, bestC: 20 }, nights: { plantOutC: -3, standsC: -9, seedlingStandsC: -5 }, heatC: 27, germination: 0.6, thousandSeedG: 10, feeding: "medium",
    source: { rest: "memory", emergence: "harrington-1954", nights: "practice", germination: "cfr-201", water: "fao-56" }, goals: [
    goal("spinach/leaf", "leaf", { stand: plants([10, 14], [1.2, 1.8]), depthCm: need(15, 20), where: ["side", "top"], methods: [cells([14, 18, 25], {}, { leaf: 3, holdDays: 10 }), rows({ depthCm: 1.5, seeds: 1, why: "no-tray" }), bought()], days: { from: "planting", window: days(21, 28, 35), atC: 15, nurseryDays: 25 }, picking: { pattern: "leaf", window: days(240, 260, 300) }, yieldG: days(150, 300, 500), source: practice("where", "days", "picking", "depthCm") }),
    goal("spinach/baby-leaf", "baby-leaf", { stand: thick(15) }),
  ] },
  { ...TEMPER.salads, id: "chard", botanical: "Beta vulgaris subsp. vulgaris, Cicla group", family: "Amaranthaceae", emergence: { baseC: 4, bestC: 27, degreeDays: 105 }, growth: { baseC: 4, bestC: 24 }, nights: { plantOutC: 0, standsC: -7, seedlingStandsC: -2 }, heatC: 34, germination: 0.65, thousandSeedG: 17, feeding: "medium", source: { rest: "memory", germination: "cfr-201", nights: "practice" }, goals: [
    goal("chard/leaf", "leaf", { stand: plants([18, 24], [1.5, 2.5]), insetCm: 7, depthCm: need(15, 20), where: ["side", "top"], heightCm: 40, widthCm: 35, methods: [cells([16, 21, 30], { depthCm: 1.5 }, { leaf: 3 }), stations({ depthCm: 1.5, seeds: 2, why: "no-tray" }), bought()], days: { from: "planting", window: days(21, 28, 35), atC: 17, nurseryDays: 30 }, picking: { pattern: "continuous", window: days(200, 260, 300) }, yieldG: days(500, 900, 1500), source: practice("where", "days", "picking") }),
    goal("chard/baby-leaf", "baby-leaf", { stand: thick(12) }),
  ] },
  { ...hot, id: "amaranth", botanical: "Amaranthus tricolor", family: "Amaranthaceae", thousandSeedG: 0.7, source: { rest: "memory", emergence: "practice" }, goals: [
    goal("amaranth/leaf", "leaf", { stand: plants([10, 14], [1.2, 1.5]), depthCm: need(12, 15), sunHours: need(4, 6), heightCm: 40, methods: [tray({ depthCm: 0.3 }), broadcast({ why: "no-tray" })], days: { from: "sowing", window: days(26, 29, 34), atC: 27, nurseryDays: 13 }, picking: { pattern: "leaf", window: days(21, 40, 60) }, source: practice("stand", "methods", "days") }),
    goal("amaranth/microgreens", "microgreen", { stand: thick(25), methods: [broadcast()] }),
  ] },
  { ...hot, id: "african-nightshade", botanical: "Solanum scabrum", family: "Solanaceae", thousandSeedG: 1, goals: [
    goal("african-nightshade/leaf", "leaf", { stand: plants([18, 25], [2, 3]), depthCm: need(15, 20), sunHours: need(4, 6), heightCm: 50, widthCm: 35, methods: [cells([20, 26, 35], { depthCm: 0.5 }, { leaf: 4 }), bought()], days: { from: "sowing", window: days(45, 52, 65), atC: 24, nurseryDays: 35 }, picking: { pattern: "continuous", window: days(50, 80, 120) }, cautions: ["known-kinds-cooked", "blade"] }),
  ] },
  { ...hot, id: "jute-mallow", botanical: "Corchorus olitorius", family: "Malvaceae", thousandSeedG: 2, goals: [
    goal("jute-mallow/leaf", "leaf", { stand: plants([12, 18], [1.5, 2.5]), depthCm: need(15, 20), sunHours: need(4, 6), heightCm: 60, methods: [tray(), broadcast({ why: "no-tray" })], days: { from: "sowing", window: days(32, 38, 46), atC: 27, nurseryDays: 16 }, picking: { pattern: "leaf", window: days(40, 60, 80) } }),
  ] },
  { ...hot, id: "malabar-spinach", botanical: "Basella alba", family: "Basellaceae", thousandSeedG: 28, goals: [
    goal("malabar-spinach/leaf", "leaf", { stand: plants([20, 28], [4, 6]), insetCm: 8, depthCm: need(20, 25), sunHours: need(4, 6), where: ["top"], heightCm: 150, widthCm: 35, methods: [cells([18, 24, 32], {}, { leaf: 3 }), cuttings()], days: { from: "sowing", window: days(50, 58, 70), atC: 26, nurseryDays: 35 }, picking: { pattern: "continuous", window: days(60, 100, 150) }, yieldG: days(400, 800, 1400), support: "trellis" }),
  ] },
  { ...hot, id: "sweet-potato", botanical: "Ipomoea batatas", family: "Convolvulaceae", nights: { plantOutC: 14, standsC: 4, seedlingStandsC: 4 }, goals: [
    goal("sweet-potato/tops", "tops", { depthCm: need(10, 15), source: practice("methods", "days") }),
    goal("sweet-potato/tuber", "tuber", { stand: plants([25, 30], [12, 18]), depthCm: need(28, 32), sunHours: need(6, 8), heightCm: 30, widthCm: 80, methods: [cuttings(8)], days: { from: "planting", window: days(100, 120, 140), atC: 25, nurseryDays: 0 } }),
  ] },
  { ...TEMPER.salads, id: "lambs-lettuce", botanical: "Valerianella locusta", family: "Caprifoliaceae", nights: { plantOutC: -2, standsC: -12, seedlingStandsC: -6 }, heatC: 23, germination: 0.65, thousandSeedG: 1.5, source: { rest: "memory" }, goals: [
    goal("lambs-lettuce/leaf", "leaf", { stand: plants([6, 10], [0.5, 0.8]), insetCm: 3, depthCm: need(8, 12), heightCm: 10, widthCm: 10, methods: [broadcast({ depthCm: 0.5 })], days: { from: "sowing", window: days(45, 55, 70), atC: 14, nurseryDays: 0 }, yieldG: days(8, 15, 25) }),
  ] },
  { ...TEMPER.salads, id: "purslane", botanical: "Portulaca oleracea", family: "Portulacaceae", ...TEMPER.hotGreens, water: TEMPER.dryHerbs.water, germination: 0.7, thousandSeedG: 0.4, source: { rest: "memory" }, goals: [
    goal("purslane/leaf", "leaf", { stand: plants([8, 12], [0.8, 1.2]), depthCm: need(8, 12), sunHours: need(4, 6), heightCm: 20, methods: [broadcast({ depthCm: 0.1 })], days: { from: "sowing", window: days(28, 34, 42), atC: 25, nurseryDays: 0 } }),
  ] },
];
