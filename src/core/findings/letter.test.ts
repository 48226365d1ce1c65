import { expect, it } from "vitest";
import { TRUTHS } from "@/demo/seasons";
import { linesOf } from "@/testing/past";
import { type Line, letterOf } from ".";

const lines = linesOf(3, TRUTHS);
const [{ householdId }] = lines as [Line];
const own = lines.filter((l) => l.householdId === householdId && l.sownOn?.startsWith("2024"));
const price = (item: string, minor: number) => ({ [item]: { item, minor, size: 1, together: false } });

it("sums what was picked, and what that would have cost where there is a price", () => {
  const { grown, kg, picks, worthMinor, pricedShare, firstPickOn } = letterOf(
    own,
    [],
    price("market/chard", 400),
  );
  expect(kg).toBeCloseTo(
    own.reduce((sum, l) => sum + l.kg, 0),
    9,
  );
  expect(picks).toBe(own.reduce((sum, l) => sum + l.picks, 0));
  const chard = own.filter((l) => l.cropId === "chard").reduce((sum, l) => sum + l.kg, 0);
  expect([pricedShare, worthMinor]).toEqual([expect.closeTo(chard / kg, 9), expect.closeTo(400 * chard, 6)]);
  expect(grown.map((g) => g.kg)).toEqual(grown.map((g) => g.kg).toSorted((a, b) => b - a));
  expect(firstPickOn).toBe(
    own
      .flatMap((l) => l.firstPickOn ?? [])
      .sort()
      .at(0),
  );
});

it("tells what went well and what was hard, and does not count what can hardly be", () => {
  const picked = own.find((l) => l.picks > 0 && l.plants !== null && l.expectedKg)!;
  const told = (change: Partial<Line>) =>
    letterOf([{ ...picked, lostYoung: 0, lostGrown: 0, ...change }], [], {});
  expect(told({ kg: 2 * picked.expectedKg!.likely }).well).toEqual([
    { goalId: picked.goalId, ratio: expect.closeTo(2, 9) },
  ]);
  expect(told({ lostGrown: picked.plants!, reasons: { slugs: picked.plants! } }).hard).toEqual([
    { goalId: picked.goalId, lost: picked.plants, of: picked.plants, reason: "slugs" },
  ]);
  expect(told({ kg: 400 })).toMatchObject({ kg: 0, doubtful: [{ goalId: picked.goalId, kg: 400 }] });
  expect(letterOf([], [], {})).toMatchObject({ grown: [], kg: 0, well: [], hard: [] });
});
