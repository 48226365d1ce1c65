import { expect, it } from "vitest";
import { checkLabel } from "@/core/bag";
import { Crop, SOURCES, SOWING_METHODS } from "@/core/crop";
import words from "@/ui/words/en.json";
import { BAG_KINDS, CROP_GOALS, CROPS } from ".";

it("holds sixteen crops, and every sowing method but cuttings, which none of them is grown from", () => {
  expect(CROPS).toHaveLength(16);
  const used = new Set(CROP_GOALS.flatMap(({ goal }) => goal.methods.map((m) => m.method)));
  expect(SOWING_METHODS.filter((m) => !used.has(m))).toEqual(["cuttings"]);
});

/** US Federal Seed Act regulations, 7 CFR 201.31, least germination; memory. */
const LEAST_GERMINATION: Record<string, number> = {
  "bush-bean": 0.7, cabbage: 0.75, carrot: 0.55, cauliflower: 0.75, "sweet-corn": 0.75, kale: 0.75, lettuce: 0.8, onion: 0.7, "pak-choi": 0.75,
  pea: 0.8, radish: 0.75, spinach: 0.6, tomato: 0.75,
};

it("takes germination from 7 CFR 201.31 where that has the crop", () => {
  for (const [id, least] of Object.entries(LEAST_GERMINATION)) expect(CROPS.find((c) => c.id === id)?.germination, id).toBe(least);
});

it("gives every value a source, and every crop, bag and method a name", () => {
  for (const { goal, crop } of CROP_GOALS) {
    expect(SOURCES).toContain(goal.source.rest);
    expect(SOURCES).toContain(crop.source.rest);
    expect(words.goals).toHaveProperty([goal.id]);
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
