import { expect, it } from "vitest";
import { checkLabel } from "@/core/bag";
import { Crop, SOURCES, SOWING_METHODS } from "@/core/crop";
import * as words from "@/ui/words/en";
import { BAG_KINDS, CROP_GOALS, CROPS } from ".";

it("keeps to its contract, crop by crop", () => {
  for (const crop of CROPS) {
    const read = Crop.safeParse(crop);
    expect(
      read.success ? [] : read.error.issues.map((i) => `${crop.id} ${i.path.join(".")}: ${i.message}`),
    ).toEqual([]);
  }
});

it("holds at least 60 crops and 100 goals, and every sowing method", () => {
  expect(CROPS.length).toBeGreaterThanOrEqual(60);
  expect(CROP_GOALS.length).toBeGreaterThanOrEqual(100);
  const used = new Set(CROP_GOALS.flatMap(({ goal }) => goal.methods.map((m) => m.method)));
  expect(SOWING_METHODS.filter((m) => !used.has(m))).toEqual([]);
  expect(new Set(CROP_GOALS.map(({ goal }) => goal.id)).size).toBe(CROPS.flatMap((c) => c.goals).length);
});

it("expects of no seed less than the trade may sell, nor more than a fresh packet gives", () => {
  // US Federal Seed Act regulations, 7 CFR 201.31: no vegetable may be sold below half; from memory.
  for (const { id, germination } of CROPS) {
    // Sets, tubers and slips are not sown as seed.
    if (germination === undefined) continue;
    expect(germination, id).toBeGreaterThanOrEqual(0.5);
    expect(germination, id).toBeLessThanOrEqual(0.95);
  }
  // What every grower knows: carrots and peppers come up worse than peas and lettuce.
  const of = (id: string) => CROPS.find((c) => c.id === id)!.germination!;
  for (const poor of ["carrot", "pepper", "okra"])
    for (const sure of ["pea", "lettuce", "cucumber"]) expect(of(poor)).toBeLessThan(of(sure));
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
