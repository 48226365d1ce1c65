import { expect, it } from "vitest";
import { doseFor, equalFeed } from ".";

const TABLESPOON_L = 0.01478676478125;
const CUP_L = 0.2365882365;

/** Common practice, no source: 2 tablespoons of organic granules for a cabbage; round four corn plants 1 cup of 10-10-10, or 2 cups of 5-5-5. */
it("meets the doses that growers give, in either school", () => {
  expect(doseFor({ feeding: "heavy" }, "planting", 1, "organic").volumeL).toBeCloseTo(2 * TABLESPOON_L, 9);
  expect(doseFor({ feeding: "heavy" }, "ring", 4, "organic").volumeL).toBeCloseTo(2 * CUP_L, 6);
  expect(doseFor({ feeding: "heavy" }, "ring", 4, "mineral").volumeL).toBeCloseTo(CUP_L, 6);
});

/** N-P₂O₅-K₂O is percent by mass: equal nutrient means that amount × analysis is equal. */
it("gives half the analysis twice the amount", () => {
  const ten = { id: "mineral-granules", analysis: [10, 10, 10] } as const;
  const five = { id: "organic-granules", analysis: [5, 5, 5] } as const;
  expect(equalFeed(1, ten, five)).toBe(2);
  expect(equalFeed(equalFeed(3, ten, five), five, ten)).toBe(3);
});
