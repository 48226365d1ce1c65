import { planOf, planting, settingWith } from "@/testing/garden";
import { assessGarden } from "../garden";
import { rowThirst, wateringDays } from "../year";
import { describe, expect, it } from "vitest";
import { findBagKind, findClimate } from "@/library";
import { daysBetweenWaterings, drawnL, evaporationOn, hargreaves, wallFactor } from ".";
import { extraterrestrial } from "../sun";

/** FAO Irrigation and Drainage Paper 56, Allen, Pereira, Raes, Smith 1998 (memory). */
describe("what the air draws, against FAO-56", () => {
  it("meets the extraterrestrial radiation of examples 8 and 10", () => {
    // The paper takes the sun's declination from a coarse sine, 0.6° off in September; ours is the Almanac's: 1 % apart.
    expect(Math.abs(extraterrestrial(-20, "2026-09-03") / 32.2 - 1)).toBeLessThan(0.01);
    expect(extraterrestrial(-(22 + 54 / 60), "2026-05-15")).toBeCloseTo(25.1, 1);
  });

  it("meets Hargreaves in example 20: Lyon in July", () => {
    expect(hargreaves(14.8, 26.6, extraterrestrial(45 + 43 / 60, "2026-07-15"))).toBeCloseTo(5, 1);
  });

  it("is nothing in the polar night, and never below nought", () => {
    expect(extraterrestrial(80, "2026-12-21")).toBeCloseTo(0, 6);
    expect(hargreaves(-30, -20, 2)).toBe(0);
  });
});

describe("what a bag draws", () => {
  const make = (id: string) => findBagKind(id)!.make;

  it("meets the hand sum of leaves over half of the top", () => {
    // 5 mm a day: half of 2000 cm² in leaf at Kc 1.0, the rest bare at 0.3: 5 · (0.1 + 0.03) L.
    expect(drawnL(5, 2000, [{ leafCm2: 1000, kc: 1 }], { wall: 1 })).toBeCloseTo(0.65, 9);
    // Leaves hang out over the rim, to four times the top at most.
    expect(drawnL(5, 2000, [{ leafCm2: 90_000, kc: 1 }], { wall: 1 })).toBeCloseTo(4, 9);
  });

  it("is more from fabric than from a hard pot, and from dark than from light", () => {
    expect(wallFactor(make("round-5-gal"))).toBeGreaterThan(wallFactor(make("pot-25-l")));
    expect(wallFactor({ ...make("round-5-gal"), colour: "light" })).toBeLessThan(
      wallFactor(make("round-5-gal")),
    );
  });

  /** Common practice, no source: a 5 gal bag in full leaf takes 4 to 11 L a time, every few days; about 25 mm a week suits cabbage. */
  it("is of the size that growers pour", () => {
    const july = evaporationOn(findClimate("larkmouth")!, "2026-07-10");
    const daily = drawnL(july, Math.PI * 14 ** 2, [{ leafCm2: Math.PI * 22 ** 2, kc: 1.05 }], {
      wall: wallFactor(make("round-5-gal")),
    });
    const days = daysBetweenWaterings(16, daily, "deep");
    expect(daily * days).toBeGreaterThan(2);
    expect(daily * days).toBeLessThan(11.4);
    expect(days).toBeGreaterThan(1);
    expect(days).toBeLessThan(7);
    expect(daysBetweenWaterings(16, daily, "often")).toBeLessThan(days / 2);
    expect(daysBetweenWaterings(16, 0, "deep")).toBe(Number.POSITIVE_INFINITY);
  });
});

it("waters small pots as growers do: a leafy plant in a cut bottle daily in the heat, a tomato in 5 gal by litres", () => {
  // Common practice: at 30 °C a bottle is watered every day, and a tomato in July takes 1.5 to 4 L.
  const summer = settingWith({
    climate: { id: "hot", latitude: 37, lowC: Array(12).fill(20), highC: Array(12).fill(31) },
  });
  const daily = (kindId: string, goalId: string, sowOn: string, method: string) => {
    const { rows } = assessGarden(
      planOf(kindId, planting(10, goalId, sowOn, { method: method as "bought" })),
      summer,
    );
    return {
      litres: rowThirst(rows[0]!, "2026-07-10", summer),
      every: wateringDays(rows[0]!, "2026-07-10", summer),
    };
  };
  const bottle = daily("bottle", "african-nightshade/leaf", "2026-05-20", "bought");
  expect(bottle.every).toBeLessThan(1.5);
  const tomato = daily("round-5-gal", "tomato/bush", "2026-05-01", "bought");
  expect(tomato.litres).toBeGreaterThan(1.2);
  expect(tomato.litres).toBeLessThan(4);
});

/** Common practice, no source: a tower takes about 20 L twice a week in the dry; a 5 gal bag with a large crop in leaf 1 to 3 US gal a time. */
it("waters a tower and a cabbage by what growers pour", () => {
  const dry = settingWith({
    sunHours: 9,
    openSky: 0.8,
    climate: { ...findClimate("larkmouth")!, rainMm: Array(12).fill(0) },
  });
  const pours = (kindId: string, goalId: string, day: string, more: object) => {
    const plan = planOf(kindId, planting(10, goalId, "2026-04-10", { method: "bought", ...more }));
    const row = assessGarden(plan, dry).rows[0]!;
    const daily = rowThirst(row, day, dry);
    return { weekL: 7 * daily, timeL: daily * wateringDays(row, day, dry) };
  };
  const tower = pours("tower-50", "chard/leaf", "2026-06-20", { plants: 45, surface: "side" });
  expect(tower.weekL).toBeGreaterThan(20);
  expect(tower.weekL).toBeLessThan(60);
  const cabbage = pours("round-5-gal", "cabbage/compact", "2026-05-28", {});
  expect(cabbage.timeL).toBeGreaterThan(2);
  expect(cabbage.timeL).toBeLessThan(3 * 3.785411784);
});
