import { seededRandom } from "@/core/chance";
import { FORTNIGHTS, type Instance, type Lane } from "@/core/planner";

/** A small question made up by chance: two bags that are there, one kind to buy, a dozen plantings; in bags that can be split, two of three in halves. */
export function smallInstance(seed: number, parts: 0 | 1 | 2 = 0): Instance {
  const random = seededRandom(seed);
  const pick = (n: number) => Math.floor(random() * n);
  const shape = { kind: "round", diameterCm: 38, heightCm: 34 } as const;
  const lanes: Lane[] =
    parts === 0
      ? ["top"]
      : parts === 1
        ? ["top", "first-half", "second-half"]
        : ["top", "first-half", "first-half"];
  const classes = [
    {
      kindId: "a",
      shape,
      row: { gapCm: null },
      bagIds: ["1", "2"],
      free: 2,
      freeFrom: 0,
      parts,
      buyable: 0,
      minor: 0,
      mixL: 0,
      wetKg: 0,
      floorM2: 0,
    },
    {
      kindId: "b",
      shape,
      row: { gapCm: null },
      bagIds: [],
      free: 0,
      freeFrom: 0,
      parts,
      buyable: 2,
      minor: 300,
      mixL: 30,
      wetKg: 30,
      floorM2: 0.2,
    },
  ];
  const candidates = Array.from({ length: 12 }, (_, i) => {
    const from = pick(40);
    const end = Math.min(52, from + 6 + pick(14));
    const harvest = Math.min(FORTNIGHTS - 1, Math.floor((end - 1) / 2));
    return {
      classIndex: pick(2),
      lane: lanes[i % lanes.length]!,
      cropIndex: i % 4,
      dishIndex: i % 4,
      goalId: "x/y",
      surface: "top" as const,
      method: "cells" as const,
      plants: 1,
      sowOn: "2026-05-18",
      from,
      end,
      group: i % 2,
      food: [
        [harvest, 100 + pick(900)],
        [Math.max(0, harvest - 1), 100 + pick(300)],
      ] as const,
      water: [[harvest, 1 + pick(6)]] as const,
      cells: { n: 1 + pick(6), from: Math.max(0, from - 4), end: Math.max(1, from) },
      seedG: random(),
      ownMinor: pick(60),
      minutes: 20 + pick(60),
      spareLight: 1,
    };
  });
  return {
    classes,
    candidates,
    // One question in three would sell some of its food.
    sells: seed % 3 === 0 ? { group: 0, g: 150, minorPerG: 0.6 } : undefined,
    crops: Array.from({ length: 4 }, (_, i) => ({
      id: `crop-${i}`,
      packetMinor: 150,
      packetG: 1,
      must: i === 0,
    })),
    groups: ["greens", "roots"],
    dishes: [0, 1, 0, 1],
    wantG: [500, 300],
    helpingG: [80, 80],
    baseG: Array.from({ length: FORTNIGHTS }, () => [50, 0]),
    athome: Array.from({ length: FORTNIGHTS }, (_, f) => f !== 5),
    weights: { early: 0.5, earlyWeeks: 8, perMinor: 0.01, perHour: 1, variety: 2, must: 10, keep: 0 },
    budgetMinor: 900,
    loadKg: 45,
    floorM2: 0.5,
    waterL: Array.from({ length: FORTNIGHTS }, () => 9),
    cells: 9,
    mixMinor: 400,
    mixSackL: 45,
    shade: () => 0,
  };
}

/**
 * One bag, two dishes of lettuce that would stand in it at the same time, and radishes after the first of them: worked by hand in
 * docs/planner.md.
 */
export function handInstance(): Instance {
  const small = smallInstance(1);
  const [bag] = small.classes;
  const [any] = small.candidates;
  const lettuce = { ...any!, classIndex: 0, cropIndex: 0, dishIndex: 0, group: 0, lane: "top" as const };
  const plain = { water: [], cells: undefined, ownMinor: 0, seedG: 0.5 };
  return {
    ...small,
    classes: [{ ...bag!, bagIds: ["1"], free: 1 }],
    candidates: [
      { ...lettuce, ...plain, from: 0, end: 10, food: [[3, 150]], minutes: 30 },
      {
        ...lettuce,
        ...plain,
        from: 10,
        end: 20,
        food: [[8, 80]],
        minutes: 12,
        cropIndex: 1,
        dishIndex: 1,
        group: 1,
      },
      { ...lettuce, ...plain, from: 4, end: 12, food: [[4, 400]], minutes: 30 },
    ],
    crops: [
      { id: "lettuce", packetMinor: 150, packetG: 1, must: true },
      { id: "radish", packetMinor: 150, packetG: 1, must: false },
    ],
    dishes: [0, 1],
    wantG: [100, 100],
    helpingG: [100, 100],
    baseG: small.baseG.map(() => [0, 0]),
    athome: small.athome.map(() => true),
    weights: { early: 0, earlyWeeks: 8, perMinor: 0.01, perHour: 1, variety: 2, must: 10, keep: 0 },
  };
}

/** Runs a generator to its end. */
export function last<T>(steps: Generator<unknown, T, boolean | undefined>): T {
  let step = steps.next();
  while (!step.done) step = steps.next();
  return step.value;
}
