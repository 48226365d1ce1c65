import { describe, expect, it } from "vitest";
import { BAG_KINDS, CROPS, SHIPPED } from "@/library";
import { id, planOf, planting, settingWith } from "@/testing/garden";
import { applyOverrides, bagValues, cropValues, dimensionOf, soundOverrides, valueField } from ".";
import { differences } from "../garden";
import type { Reference } from "../setting";

const own = (name: string, value: number) => ({ name, value, reason: "seen here", author: "Ilva Renn" });
const crop = (reference: Reference, id: string) => reference.crops.find((c) => c.id === id)!;

it("names every number of a profile once, with the mark of its source", () => {
  for (const c of CROPS) {
    for (const goal of c.goals) {
      const names = cropValues(c, goal).map((v) => v.name);
      expect(new Set(names).size, goal.id).toBe(names.length);
    }
  }
  const kale = cropValues(crop(SHIPPED, "kale"), crop(SHIPPED, "kale").goals[0]!);
  expect(kale.find((v) => v.name === "goal/kale/leaf/depthCm.good")).toMatchObject({
    value: 20,
    source: "practice",
  });
  expect(kale.find((v) => v.name === "crop/kale/germination")).toMatchObject({
    value: 0.75,
    source: "cfr-201",
  });
});

it("can put any of its own values in place again, and changes nothing then", () => {
  for (const c of CROPS.slice(0, 12)) {
    for (const v of cropValues(c, c.goals[0]!))
      expect(applyOverrides(SHIPPED, [own(v.name, v.value)]), v.name).toMatchObject({ ok: true });
  }
  for (const v of BAG_KINDS.flatMap(bagValues))
    expect(applyOverrides(SHIPPED, [own(v.name, v.value)]).ok, v.name).toBe(true);
});

it("replaces a value and leaves the SHIPPED library alone", () => {
  const applied = applyOverrides(SHIPPED, [
    own("goal/kale/leaf/stand.soilL.good", 12),
    own("crop/kale/heatC", 30),
    own("bag/round-5-gal/heightCm", 25),
  ]);
  if (!applied.ok) throw new Error("refused");
  expect(crop(applied.value, "kale").goals[0]!.stand).toMatchObject({ soilL: { least: 5, good: 12 } });
  expect(crop(applied.value, "kale").heatC).toBe(30);
  expect(applied.value.bagKinds.find((b) => b.id === "round-5-gal")!.shape).toMatchObject({ heightCm: 25 });
  expect(crop(SHIPPED, "kale").heatC).toBe(33);
});

it.each([
  ["goal/kale/leaf/depthCm.good", -5, "override-senseless"],
  ["goal/kale/leaf/depthCm.least", 90, "override-senseless"],
  ["goal/kale/leaf/days.window.low", 99, "override-senseless"],
  ["crop/kale/germination", 1.5, "override-senseless"],
  ["crop/kale/growth.baseC", 40, "override-senseless"],
  ["goal/kale/leaf/days.atC", 2, "override-senseless"],
  ["bag/tower-75/coreCm", 200, "override-senseless"],
  ["bag/round-5-gal/heightCm", -1, "override-senseless"],
  ["goal/kale/leaf/taste", 9, "value-unknown"],
  ["crop/mango/heatC", 30, "value-unknown"],
  ["nonsense", 1, "value-unknown"],
])("refuses %s = %d as %s", (name, value, code) => {
  expect(applyOverrides(SHIPPED, [own(name, value)])).toEqual({ ok: false, fields: { [name]: { code } } });
});

describe("typing a value", () => {
  it("takes units where it has some, and its own unit for a bare number", () => {
    expect(valueField("depthCm.good").parse("1 ft")).toBeCloseTo(30.48, 9);
    expect(valueField("depthCm.good").parse("25")).toBe(25);
    expect(valueField("heatC").parse("75 °F")).toBeCloseTo(23.889, 3);
    expect(valueField("nights.standsC").parse("-4")).toBe(-4);
    expect(valueField("germination").parse("0,8")).toBe(0.8);
    expect(valueField("days.window.low").parse("25")).toBe(25);
    expect(valueField("depthCm.good").safeParse("5 kg").success).toBe(false);
    expect(valueField("germination").safeParse("most").success).toBe(false);
  });

  it("knows what each value is measured in", () => {
    expect(
      [
        "stand.soilL.good",
        "days.atC",
        "sunHours.least",
        "yieldG.low",
        "picking.window.high",
        "germination",
      ].map(dimensionOf),
    ).toEqual(["volume", "temperature", "hours", "grams", "days", undefined]);
  });
});

it("moves a range as a whole, in whichever order its ends come, and leaves out what makes no sense at all", () => {
  const ends = { low: 70, likely: 80, high: 95 };
  const range = Object.entries(ends).map(([end, value]) => own(`goal/kale/leaf/days.window.${end}`, value));
  for (const order of [range, [...range].reverse()]) {
    const applied = applyOverrides(SHIPPED, order);
    expect(applied.ok && crop(applied.value, "kale").goals[0]!.days.window).toEqual(ends);
    const senseless = own("goal/kale/leaf/depthCm.least", 90);
    expect(new Set(soundOverrides(SHIPPED, [senseless, ...order]))).toEqual(new Set(range));
  }
});

it("knows how long bags last, and keeps low, likely and high in order", () => {
  const applied = applyOverrides(SHIPPED, [own("bag/tower-75/lifeSeasons.high", 9)]);
  expect(applied.ok && applied.value.bagKinds.find((b) => b.id === "tower-75")!.make.lifeSeasons).toEqual({
    low: 2,
    likely: 4,
    high: 9,
  });
  expect(applyOverrides(SHIPPED, [own("bag/tower-75/lifeSeasons.high", 1)])).toMatchObject({ ok: false });
});

it("shows what a value changes in a plan: grade, most plants, first pick", () => {
  const setting = (reference: Reference) => settingWith({}, reference);
  const plan = planOf("round-5-gal", planting(3, "tomato/bush", "2026-05-01", { method: "bought" }));
  const changed = applyOverrides(
    SHIPPED,
    [own("goal/tomato/bush/stand.soilL.least", 20), own("goal/tomato/bush/stand.soilL.good", 25)].reverse(),
  );
  if (!changed.ok) throw new Error("refused");
  expect(differences(plan, setting(SHIPPED), setting(changed.value))).toMatchObject([
    { plantingId: id(3), row: 1, before: { grade: "right", most: 1 }, after: { grade: "wrong", most: 0 } },
  ]);
  expect(differences(plan, setting(SHIPPED), setting(SHIPPED))).toEqual([]);
});
