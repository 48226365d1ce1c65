import { describe, expect, it } from "vitest";
import { findMix, MIXES, mixesWith } from "@/library";
import { planOf, planting, settingWith } from "@/testing/garden";
import { assessGarden } from "../garden";
import { inForce } from "../school";
import { densityOf, limeFor, loadsOf, mixUnder, OwnMix, ownMixId, ownMixName, partsOf, withoutSoil } from ".";

const SOUR = findMix("soil-and-manure")!;

/** Common practice, no source: nine of soil, six of manure, and 2 kg of lime or a bucket of ash to those fifteen barrows. */
it("mixes and limes the programme's tower mix as growers do, by the whole heap", () => {
  const heap = 15 * 65;
  expect(partsOf(SOUR.recipe, heap).map(({ litres }) => litres / 65)).toEqual([9, 6]);
  expect(limeFor(SOUR, heap, "lime")).toEqual({ limeKg: 2 });
  expect(limeFor(SOUR, heap / 2, "ash")).toEqual({ ashL: 5 });
  expect(limeFor(SOUR, heap, "neither")).toBeUndefined();
  expect(limeFor(findMix("potting-mix")!, heap, "lime")).toBeUndefined();
});

describe("what a mix weighs", () => {
  it("is the mean of its parts, by hand sum", () => {
    expect(densityOf([{ part: "coir", parts: 2 }]).wetKgL).toBeCloseTo(0.8, 12);
    // Three of soil at 1.8 and one of manure at 1.4: 6.8 over 4.
    expect(findMix("topsoil-and-manure")!.wetKgL).toBeCloseTo(1.7, 12);
    expect(() => densityOf([])).toThrow(RangeError);
  });

  it("follows a litre that the programme weighed, in every load", () => {
    const plan = planOf("round-10-gal", planting(10, "tomato/bush", "2026-05-01"));
    const wet = (mixes: ReturnType<typeof mixesWith>) =>
      assessGarden(plan, settingWith({ mix: mixes.find((m) => m.id === "potting-mix")!, mixes })).rows[0]!;
    const [usual, weighed] = [wet(MIXES), wet(mixesWith([{ id: "potting-mix", wetKgL: 1.2 }]))];
    expect(weighed.wetKg - usual.wetKg).toBeCloseTo(0.3 * usual.soilL, 9);
    expect(weighed.mix.isWeighed).toBe(true);
  });

  it("is about half where garden soil never goes into bags", () => {
    const mix = findMix("soil-and-manure")!;
    const light = mixUnder(mix, inForce({ gardenSoil: "never" }));
    expect(light.recipe).toEqual([
      { part: "potting-mix", parts: 9 },
      { part: "aged-manure", parts: 6 },
    ]);
    expect(light.wetKgL).toBeLessThan(0.7 * mix.wetKgL);
    expect(mixUnder(mix, inForce({ gardenSoil: "never" }))).toBe(light);
    expect(mixUnder(mix, inForce())).toBe(mix);
    expect(withoutSoil(findMix("potting-mix")!.recipe)).toBe(findMix("potting-mix")!.recipe);
  });
});

it("fills a bag with its own mix, and the others with the programme's", () => {
  const plan = planOf("round-10-gal", planting(10, "tomato/bush", "2026-05-01"));
  const own = { ...plan, rows: plan.rows.map((row) => ({ ...row, mixId: ownMixId("Courtyard") })) };
  const mixes = mixesWith([{ id: "own/Courtyard", recipe: [{ part: "sand", parts: 1 }] }]);
  const of = (p: typeof plan) => assessGarden(p, settingWith({ mixes })).rows[0]!;
  expect(of(own).mix.id).toBe("own/Courtyard");
  expect(of(own).wetKg).toBeGreaterThan(2 * of(plan).wetKg);
  // One whose recipe is gone falls back on the programme's.
  expect(assessGarden(own, settingWith({ mixes: MIXES })).rows[0]!.mix.id).toBe("potting-mix");
});

it("takes no recipe without parts, no sack of −20 L, no name that says nothing", () => {
  const codes = (mix: object) => {
    const read = OwnMix.safeParse(mix);
    return read.success ? "ok" : read.error.issues[0]!.message;
  };
  expect(codes({ id: "own/Ours", recipe: [{ part: "compost", parts: 2 }] })).toBe("ok");
  expect(codes({ id: "potting-mix", wetKgL: 1.1 })).toBe("ok");
  expect(codes({ id: "own/Ours", recipe: [] })).toBe("recipe-empty");
  expect(codes({ id: "own/Ours" })).toBe("recipe-empty");
  expect(codes({ id: "own/Ours", recipe: [{ part: "compost", parts: -20 }] })).toBe("parts-positive");
  expect(
    codes({
      id: "own/Ours",
      recipe: [
        { part: "compost", parts: 1 },
        { part: "compost", parts: 2 },
      ],
    }),
  ).toBe("part-twice");
  expect(codes({ id: "own/", recipe: [{ part: "compost", parts: 1 }] })).toBe("name-missing");
  expect(codes({ id: "potting-mix", wetKgL: 40 })).toBe("wet-litre");
  expect([ownMixName("own/A b"), ownMixName("potting-mix")]).toEqual(["A b", undefined]);
});

it("carries a heap in the programme's own barrows and buckets", () => {
  expect(loadsOf(130)).toEqual({ barrows: 2, buckets: 0 });
  expect(loadsOf(130, { barrowL: 80, bucketL: 12, canL: 10 })).toEqual({ barrows: 1, buckets: 5 });
});
