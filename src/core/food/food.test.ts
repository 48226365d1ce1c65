import { describe, expect, it } from "vitest";
import { CROP_GOALS, findClimate, findGoal } from "@/library";
import { picksOf, tasteOf, Wants, weeklyWantG } from ".";
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

describe("what a household wants", () => {
  const wants: Wants = { groups: { greens: "daily", fruits: "never" }, must: ["kale"], never: ["pepper"] };

  it("comes to helpings of 80 g, five of which are the 400 g a day of WHO/FAO 2003", () => {
    const week = weeklyWantG(wants, { adults: 2, children: 2 });
    expect(week).toMatchObject({ greens: 7 * 80 * 3, fruits: 0, pods: 80 * 3 });
    const all = weeklyWantG({ groups: { greens: "daily", heads: "daily", roots: "daily", pods: "daily", fruits: "daily", herbs: "never" }, must: [], never: [] }, { adults: 1, children: 0 });
    expect(Object.values(all).reduce((a, b) => a + b) / 7).toBe(400);
  });

  it("puts a must before habits, and a refusal before all", () => {
    const taste = (goalId: string) => tasteOf(findGoal(goalId)!.crop, findGoal(goalId)!.goal, wants);
    expect(["kale/leaf", "spinach/leaf", "pea/pod", "tomato/bush", "pepper/sweet", "marigold/flower"].map(taste)).toEqual(["must", "daily", "sometimes", "refused", "refused", "plain"]);
    expect(Wants.safeParse({ groups: {}, must: ["kale"], never: ["kale"] }).success).toBe(false);
  });
});
