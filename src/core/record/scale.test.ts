import { describe, expect, it } from "vitest";
import { atRest, inKg, readAmount, weighedBy, WeighingsTyped } from ".";

const readings = (...gs: number[]) => gs.map((g, i) => ({ at: 200 * i, g }));

it("takes a weight only once the scale has rested, and nothing off an empty one", () => {
  expect(atRest(readings(0, 120, 260, 340))).toBeUndefined();
  expect(atRest(readings(0, 120, 350, 351, 350, 350, 350))).toBe(350);
  // Long at rest before, and on the move again.
  expect(atRest(readings(350, 350, 350, 350, 350, 350, 500))).toBeUndefined();
  expect(atRest(readings(0, 1, 0, 1, 0, 1, 0, 1))).toBeUndefined();
  expect(atRest([])).toBeUndefined();
});

describe("what is counted", () => {
  const grams = [90, 110, 130];

  it("comes to the mean of those that were weighed, as sure as the next ones and the mean are known", () => {
    const { g, lowG, highG } = weighedBy({ grams }, 6);
    expect(g).toBeCloseTo(660, 9);
    // The variance of three is 400: six new ones give 2400, the mean of three known to 400/3 gives 36 times that.
    const off = 2 * Math.sqrt(2400 + (36 * 400) / 3);
    expect([lowG, highG]).toEqual([expect.closeTo(660 - off, 9), expect.closeTo(660 + off, 9)]);
    expect(weighedBy({ grams: [100] }, 6)).toEqual({ g: 600 });
  });

  it("is left as it is where nobody knows what one weighs", () => {
    const picked = { kg: 1, pieces: 4, bunches: 2 };
    const weighings = [{ goalId: "kale/leaf", measure: "bunches", grams } as const];
    const { kg, countedKg, left } = inKg(picked, weighings);
    expect([kg, countedKg, left]).toEqual([1.22, 0.22, { pieces: 4, bunches: 0 }]);
  });

  it.each([
    ["90, 110, 120 g", [90, 110, 120]],
    ["90g 110g", [90, 110]],
    ["0.1 kg; 4 oz", [100, 113.398]],
    ["1,5 kg", [1500]],
  ])("is typed as %s", (typed, expected) => {
    expect(WeighingsTyped.parse(typed).map((g) => Number(g.toFixed(3)))).toEqual(expected);
  });
  it.each(["", "many", "90, x", "-4 g", "0 g", "90 L"])("is refused as %j", (typed) => {
    expect(WeighingsTyped.safeParse(typed).success).toBe(false);
  });
});

it.each([
  ["3.50 / kg", 3.5],
  ["€ 2 a lb", 2 / 0.45359237],
  ["1,20 for 500 g", 2.4],
  ["4 € per kilo", 4],
])("reads the price %s for a kg", (typed, perKg) => {
  const read = readAmount("priced", typed);
  expect(read.ok && read.value?.value).toBeCloseTo(perKg, 9);
});
it.each([
  ["3.50", "price-of-what"],
  ["dear", "price-of-what"],
  ["2 / piece", "unknown-unit"],
  ["2 for 0 g", "zero"],
])("asks about the price %s", (typed, code) => {
  expect(readAmount("priced", typed)).toMatchObject({ ok: false, problem: { code } });
});
