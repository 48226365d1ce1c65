import { describe, expect, it } from "vitest";
import { CROP_GOALS, findClimate, findGoal } from "@/library";
import { picksOf, tableOf, tasteOf, Wants, weeklyWantG } from ".";
import { stagesFrom } from "../calendar";
import { addDays, daysBetween } from "../day";

const climate = findClimate("larkmouth")!;
const picks = (goalId: string, sowOn: string, units: number) => {
  const { crop, goal } = findGoal(goalId)!;
  return picksOf(goal, stagesFrom({ crop, goal, method: goal.methods[0]! }, sowOn, climate), units);
};
const likely = (goalId: string) => findGoal(goalId)!.goal.yieldG.likely;
const grams = (list: { g: number }[]) => list.reduce((sum, p) => sum + p.g, 0);

it("shares a likely yield over the picks, whatever the pattern, and never gives more", () => {
  for (const { crop, goal } of CROP_GOALS) {
    const stages = stagesFrom({ crop, goal, method: goal.methods[0]! }, "2026-02-20", climate);
    const list = picksOf(goal, stages, 3);
    expect(grams(list)).toBeLessThanOrEqual(3 * goal.yieldG.likely * (1 + 1e-9));
    for (const p of list) {
      expect(p.g).toBeGreaterThan(0);
      expect(p.day >= stages.firstPick!.likely && p.day <= stages.lastPick!.likely, goal.id).toBe(true);
    }
  }
});

it("cuts a head once, picks leaf every ten days and fruit every week, fullest in the middle", () => {
  expect(picks("cabbage/compact", "2026-01-10", 2)).toMatchObject([{ g: 2 * likely("cabbage/compact") }]);
  const leaf = picks("lettuce/leaf", "2026-02-01", 1);
  expect(leaf.length).toBeGreaterThan(2);
  expect(leaf[0]!.g).toBeGreaterThan(leaf.at(-1)!.g);
  const tomato = picks("tomato/bush", "2026-03-01", 1);
  const most = tomato.reduce((a, b) => (b.g > a.g ? b : a));
  expect(tomato.indexOf(most)).toBeGreaterThan(0);
  expect(tomato.indexOf(most)).toBeLessThan(tomato.length - 1);
  expect(grams(tomato)).toBeCloseTo(likely("tomato/bush"), 6);
});

it("gives less when heat cuts the picking short, and nothing of flowers", () => {
  const { goal } = findGoal("lettuce/leaf")!;
  expect(grams(picks("lettuce/leaf", "2026-04-05", 1))).toBeLessThan(goal.yieldG.likely);
  expect(picks("marigold/flower", "2026-03-01", 5)).toEqual([]);
});

it("brings to the table all that is picked, for as long as it keeps and not before", () => {
  for (const { crop, goal } of CROP_GOALS) {
    const stages = stagesFrom({ crop, goal, method: goal.methods[0]! }, "2026-02-20", climate);
    const { firstPick, lastPick } = stages;
    if (!firstPick || !lastPick) continue;
    const list = tableOf(goal, stages, picksOf(goal, stages, 3), lastPick.likely);
    expect(grams(list), goal.id).toBeCloseTo(grams(picksOf(goal, stages, 3)), 6);
    for (const { day } of list)
      expect(day >= firstPick.likely && day <= addDays(lastPick.likely, goal.keepsDays), goal.id).toBe(true);
  }
});

it("takes a crop that is picked once as it is wanted, and no longer than it stands", () => {
  const table = (goalId: string, sowOn: string, to?: string) => {
    const { crop, goal } = findGoal(goalId)!;
    const stages = stagesFrom({ crop, goal, method: goal.methods[0]! }, sowOn, climate);
    return {
      goal,
      stages,
      list: tableOf(
        goal,
        stages,
        picksOf(goal, stages, 12).filter(({ day }) => day <= (to ?? "9")),
        to ?? stages.lastPick!.likely,
      ),
    };
  };
  // Radish: ready for some 20 days, and a week at home. Cleared on its first day, it is the week at home.
  const radish = table("radish/root", "2026-03-10");
  const span = daysBetween(radish.stages.firstPick!.likely, radish.stages.lastPick!.likely);
  expect(radish.list).toHaveLength(1 + Math.floor((span + 7) / 7));
  expect(table("radish/root", "2026-03-10", radish.stages.firstPick!.likely).list).toHaveLength(2);
  expect(table("radish/root", "2026-03-10", addDays(radish.stages.firstPick!.likely, -1)).list).toEqual([]);
  // Onions are eaten into the winter, leaves in the week in which they are cut.
  expect(table("onion/sets", "2026-03-10").list.length).toBeGreaterThan(16);
  const leaf = table("lettuce/leaf", "2026-02-01");
  expect(leaf.list).toEqual(picksOf(leaf.goal, leaf.stages, 12));
});

describe("what a household wants", () => {
  const wants: Wants = { groups: { greens: "daily", fruits: "never" }, must: ["kale"], never: ["pepper"] };

  it("comes to helpings of 80 g, five of which are the 400 g a day of WHO/FAO 2003", () => {
    const week = weeklyWantG(wants, { adults: 2, children: 2 });
    expect(week).toMatchObject({ greens: 7 * 80 * 3, fruits: 0, pods: 80 * 3 });
    const all = weeklyWantG(
      {
        groups: {
          greens: "daily",
          heads: "daily",
          roots: "daily",
          pods: "daily",
          fruits: "daily",
          herbs: "never",
        },
        must: [],
        never: [],
      },
      { adults: 1, children: 0 },
    );
    expect(Object.values(all).reduce((a, b) => a + b) / 7).toBe(400);
  });

  it("puts a must before habits, and a refusal before all", () => {
    const taste = (goalId: string) => tasteOf(findGoal(goalId)!.crop, findGoal(goalId)!.goal, wants);
    expect(
      ["kale/leaf", "spinach/leaf", "pea/pod", "tomato/bush", "pepper/sweet", "marigold/flower"].map(taste),
    ).toEqual(["must", "daily", "sometimes", "refused", "refused", "plain"]);
    expect(Wants.safeParse({ groups: {}, must: ["kale"], never: ["kale"] }).success).toBe(false);
  });
});
