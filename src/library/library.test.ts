import { expect, it } from "vitest";
import { checkLabel } from "@/core/bag";
import { Crop, SOURCES, SOWING_METHODS } from "@/core/crop";
import words from "@/ui/words/en.json";
import { BAG_KINDS, CROP_GOALS, CROPS } from ".";

it("holds at least 60 crops and 100 goals, and every sowing method", () => {
  expect(CROPS.length).toBeGreaterThanOrEqual(60);
  expect(CROP_GOALS.length).toBeGreaterThanOrEqual(100);
  const used = new Set(CROP_GOALS.flatMap(({ goal }) => goal.methods.map((m) => m.method)));
  expect(SOWING_METHODS.filter((m) => !used.has(m))).toEqual([]);
  expect(new Set(CROP_GOALS.map(({ goal }) => goal.id)).size).toBe(CROPS.flatMap((c) => c.goals).length);
});

/** US Federal Seed Act regulations, 7 CFR 201.31, least germination; memory. */
const LEAST_GERMINATION: Record<string, number> = {
  "bush-bean": 0.7,
  "climbing-bean": 0.7,
  beet: 0.65,
  broccoli: 0.75,
  cabbage: 0.75,
  carrot: 0.55,
  cauliflower: 0.75,
  chard: 0.65,
  "sweet-corn": 0.75,
  cucumber: 0.8,
  aubergine: 0.6,
  kale: 0.75,
  lettuce: 0.8,
  mustard: 0.75,
  okra: 0.5,
  onion: 0.7,
  "pak-choi": 0.75,
  pea: 0.8,
  pepper: 0.55,
  radish: 0.75,
  spinach: 0.6,
  squash: 0.75,
  tomato: 0.75,
};

it("takes germination from 7 CFR 201.31 where that has the crop", () => {
  for (const [id, least] of Object.entries(LEAST_GERMINATION))
    expect(CROPS.find((c) => c.id === id)?.germination, id).toBe(least);
});

it("gives every value a source, and every crop, bag and method a name", () => {
  for (const { goal, crop } of CROP_GOALS) {
    expect(SOURCES).toContain(goal.source.rest);
    expect(SOURCES).toContain(crop.source.rest);
    expect(words.goals).toHaveProperty([goal.id]);
    expect(words.also).toHaveProperty(crop.id);
    for (const m of goal.methods) expect(words.methods).toHaveProperty(m.method);
  }
  for (const { id } of BAG_KINDS) expect(words.bags).toHaveProperty([id.replace(".", "_")]);
});

it("gives no bag a label that its own measures contradict", () => {
  for (const { id, shape } of BAG_KINDS) expect(checkLabel(shape)?.agrees ?? true, id).toBe(true);
});

it("refuses a profile that makes no sense", () => {
  const [good] = CROPS;
  const goal = good!.goals[0]!;
  const reject = (change: object) => Crop.safeParse({ ...good, goals: [{ ...goal, ...change }] }).success;
  expect(reject({})).toBe(true);
  expect(reject({ insetCm: -1 })).toBe(false);
  expect(reject({ depthCm: { least: 30, good: 20 } })).toBe(false);
  expect(reject({ days: { ...goal.days, window: { low: 40, likely: 30, high: 50 } } })).toBe(false);
  expect(reject({ methods: [] })).toBe(false);
});
