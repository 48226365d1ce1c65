import { describe, expect, it } from "vitest";
import { doseFor, equalFeed, manureWaitDays, rawManureUntil, readAnalysis, spoonsOf } from ".";

const TABLESPOON_L = 0.01478676478125;
const CUP_L = 0.2365882365;

/** Common practice, no source: 2 tablespoons of organic granules for a cabbage; round four corn plants 1 cup of 10-10-10, or 2 cups of 5-5-5. */
it("meets the doses that growers give, in either school, and says them in spoons and cups", () => {
  const cabbage = doseFor({ feeding: "heavy" }, "planting", 1, "organic").volumeL;
  expect(cabbage).toBeCloseTo(2 * TABLESPOON_L, 9);
  expect(spoonsOf(cabbage)).toEqual({ unit: "tablespoon", count: 2 });
  const [organic, mineral] = (["organic", "mineral"] as const).map(
    (school) => doseFor({ feeding: "heavy" }, "ring", 4, school).volumeL,
  );
  expect(organic).toBeCloseTo(2 * CUP_L, 6);
  expect(mineral).toBeCloseTo(CUP_L, 6);
  expect(spoonsOf(mineral!)).toEqual({ unit: "cup", count: 1 });
  expect(spoonsOf(0.0001)).toEqual({ unit: "teaspoon", count: 0.5 });
});

describe("what another feed gives", () => {
  /** N-P₂O₅-K₂O is percent by mass: equal nutrient means that amount × analysis is equal. */
  it("gives half the analysis twice the amount, and there and back the same", () => {
    expect(equalFeed(1, [10, 10, 10], [5, 5, 5])).toBe(2);
    expect(equalFeed(equalFeed(3, [10, 10, 10], [8, 2, 4])!, [8, 2, 4], [10, 10, 10])).toBeCloseTo(3, 12);
    expect(equalFeed(1, [5, 5, 5], [18, 46, 0], "p")).toBeCloseTo(5 / 46, 12);
    expect(equalFeed(1, [5, 5, 5], [18, 46, 0], "k")).toBeUndefined();
  });

  it("reads what stands on a sack, and tells what feeds nothing", () => {
    const code = (text: string) => {
      const read = readAnalysis(text);
      return read.ok ? read.value : read.problem.code;
    };
    expect(code("8-2-4")).toEqual([8, 2, 4]);
    expect(code("NPK 8,5 : 2 : 4")).toEqual([8.5, 2, 4]);
    expect(code("0-0-0")).toBe("analysis-nothing");
    expect(code("50-40-30")).toBe("analysis-over");
    expect(code("5-5")).toBe("analysis-three");
    expect(code("1-2-3-4")).toBe("analysis-three");
    expect(code(" ")).toBe("empty");
  });
});

/** US National Organic Program, 7 CFR 205.203(c)(1). */
it("keeps raw manure away 120 days from a harvest that touches soil, 90 from another", () => {
  expect((["leaf", "root", "bulb", "tuber", "microgreen"] as const).map(manureWaitDays)).toEqual(
    Array(5).fill(120),
  );
  expect((["fruit", "pod", "cob", "tree"] as const).map(manureWaitDays)).toEqual(Array(4).fill(90));
  expect(rawManureUntil("2026-09-01", "root")).toBe("2026-05-04");
  expect(rawManureUntil("2026-09-01", "fruit")).toBe("2026-06-03");
});
