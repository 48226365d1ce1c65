import * as fc from "fast-check";
import { describe, expect, it } from "vitest";
import { findClimate, findGoal } from "@/library";
import { chanceOfAtLeast, seedsFor, sowingBill } from ".";
import { stagesFrom } from "../calendar";
import { daysBetween } from "../day";

const billOf = (goalId: string, method: number, plants: number, confidence = 0.9, germination?: number) => {
  const { crop, goal } = findGoal(goalId)!;
  const stages = stagesFrom(
    { crop, goal, method: goal.methods[method]! },
    "2026-03-01",
    findClimate("larkmouth")!,
  );
  return {
    ...sowingBill(
      { crop, goal, method: goal.methods[method]!, stages },
      { plants, areaCm2: 2000 },
      confidence,
      germination,
    ),
    stages,
  };
};

describe("seeds for a number of plants", () => {
  it("meets the exact binomial: p 0.75, six plants at 90 % are ten seeds", () => {
    expect(seedsFor(6, 0.75, 0.9)).toBe(10);
    expect(chanceOfAtLeast(10, 0.75, 6)).toBeCloseTo(0.9219, 4);
    expect(chanceOfAtLeast(9, 0.75, 6)).toBeCloseTo(0.8343, 4);
  });

  it("sums to one with the chance of fewer, by the textbook's formula", () => {
    const choose = (n: number, k: number): number => (k === 0 ? 1 : (choose(n - 1, k - 1) * n) / k);
    for (const [n, p, least] of [
      [12, 0.55, 4],
      [30, 0.8, 25],
      [5, 0.5, 5],
    ] as const) {
      const fewer = Array.from(
        { length: least },
        (_, k) => choose(n, k) * p ** k * (1 - p) ** (n - k),
      ).reduce((a, b) => a + b, 0);
      expect(chanceOfAtLeast(n, p, least)).toBeCloseTo(1 - fewer, 10);
    }
  });

  it("is the smallest number that is enough, also for a thousand", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 1000 }),
        fc.double({ min: 0.3, max: 0.99, noNaN: true }),
        fc.double({ min: 0.5, max: 0.99, noNaN: true }),
        (plants, p, confidence) => {
          const n = seedsFor(plants, p, confidence);
          expect(chanceOfAtLeast(n, p, plants)).toBeGreaterThanOrEqual(confidence);
          expect(n === plants || chanceOfAtLeast(n - 1, p, plants) < confidence).toBe(true);
        },
      ),
      { numRuns: 60 },
    );
  });
});

describe("the bill of a sowing", () => {
  it("counts cells for what is raised, and says until when it may wait", () => {
    const bill = billOf("kale/leaf", 0, 6);
    // Two seeds a cell at 75 %: a cell is empty once in sixteen times.
    expect(bill.places).toEqual({ count: 7, seedsEach: 2 });
    expect(bill.seeds).toBe(14);
    expect(bill.seedG).toBeCloseTo((14 * 3.5) / 1000, 9);
    expect(bill.moveOn).toBe(bill.stages.move!.likely);
    expect(daysBetween(bill.moveOn!, bill.holdUntil!)).toBe(14);
  });

  it("puts more seed to a station rather than leave a gap", () => {
    const bill = billOf("bush-bean/pod", 0, 8);
    expect(bill.places).toEqual({ count: 8, seedsEach: 4 });
    expect(bill.chance).toBeGreaterThanOrEqual(0.9);
  });

  it("follows the programme's own germination and the confidence asked for", () => {
    expect(billOf("carrot/root", 0, 60).seeds).toBeGreaterThan(60 / 0.55);
    expect(billOf("carrot/root", 0, 60, 0.9, 0.9).seeds).toBeLessThan(billOf("carrot/root", 0, 60).seeds!);
    expect(billOf("carrot/root", 0, 60, 0.99).seeds).toBeGreaterThan(
      billOf("carrot/root", 0, 60, 0.6).seeds!,
    );
  });

  it("weighs what is sown dense, and counts pieces of what is not sown", () => {
    expect(billOf("radish/microgreens", 0, 0).seedG).toBeCloseTo(0.2 * 180, 9);
    expect(billOf("potato/tuber", 0, 3)).toMatchObject({ pieces: 3 });
    expect(billOf("potato/tuber", 0, 3).seeds).toBeUndefined();
  });
});
