import { expect, it } from "vitest";
import { CROP_GOALS, findClimate, findGoal } from "@/library";
import { picksOf } from ".";
import { stagesFrom } from "../calendar";

const climate = findClimate("larkmouth")!;
const picks = (goalId: string, sowOn: string, units: number) => {
  const { crop, goal } = findGoal(goalId)!;
  return picksOf(goal, stagesFrom(crop, goal, goal.methods[0]!, sowOn, climate), units);
};
const grams = (list: { g: number }[]) => list.reduce((sum, p) => sum + p.g, 0);

it("shares a likely yield over the picks, whatever the pattern, and never gives more", () => {
  for (const { crop, goal } of CROP_GOALS) {
    const stages = stagesFrom(crop, goal, goal.methods[0]!, "2026-02-20", climate);
    const list = picksOf(goal, stages, 3);
    expect(grams(list)).toBeLessThanOrEqual(3 * goal.yieldG.likely * (1 + 1e-9));
    for (const p of list) {
      expect(p.g).toBeGreaterThan(0);
      expect(p.day >= stages.firstPick!.likely && p.day <= stages.lastPick!.likely, goal.id).toBe(true);
    }
  }
});

it("cuts a head once, picks leaf every ten days and fruit every week, fullest in the middle", () => {
  expect(picks("cabbage/compact", "2026-01-10", 2)).toMatchObject([{ g: 1800 }]);
  const leaf = picks("lettuce/leaf", "2026-02-01", 1);
  expect(leaf.length).toBeGreaterThan(2);
  expect(leaf[0]!.g).toBeGreaterThan(leaf.at(-1)!.g);
  const tomato = picks("tomato/bush", "2026-03-01", 1);
  const most = tomato.reduce((a, b) => (b.g > a.g ? b : a));
  expect(tomato.indexOf(most)).toBeGreaterThan(0);
  expect(tomato.indexOf(most)).toBeLessThan(tomato.length - 1);
  expect(grams(tomato)).toBeCloseTo(1800, 6);
});

it("gives less when heat cuts the picking short, and nothing of flowers", () => {
  const { goal } = findGoal("lettuce/leaf")!;
  expect(grams(picks("lettuce/leaf", "2026-04-05", 1))).toBeLessThan(goal.yieldG.likely);
  expect(picks("marigold/flower", "2026-03-01", 5)).toEqual([]);
});
