import { describe, expect, it } from "vitest";
import { CROP_GOALS, findMix } from "@/library";
import { id, planOf, planting, settingWith } from "@/testing/garden";
import { tasksOf } from "../days";
import { assessGarden } from "../garden";
import { fillingsIn } from "../kit";
import { carry } from "../load";
import type { PlainSetting } from "../setting";
import { cautionsOfGarden, cautionsOfPlanting, cautionsOfTask } from ".";

const garden = (
  kindId: string,
  goalId: string,
  sowOn: string,
  more: Partial<PlainSetting> = {},
  bought = false,
) => {
  const setting = settingWith({ openSky: 0.9, ...more });
  const plan = planOf(kindId, planting(10, goalId, sowOn, bought ? { method: "bought" } : {}));
  return {
    garden: assessGarden({ ...plan, bags: plan.bags.map((b) => ({ ...b, atHand: false })) }, setting),
    setting,
  };
};
const codes = (cautions: readonly { code: string }[]) => cautions.map(({ code }) => code);

describe("every crop that can hurt", () => {
  const careful = CROP_GOALS.filter(({ goal }) => goal.cautions.length > 0);

  it("says so where it is picked, each once, for all of them", () => {
    expect(careful.length).toBeGreaterThan(15);
    for (const { crop, goal } of careful) {
      const told = codes(cautionsOfPlanting({ crop, goal, method: goal.methods[0]! }, "pick"));
      expect(told, goal.id).toEqual(expect.arrayContaining([...goal.cautions]));
      expect(new Set(told).size, goal.id).toBe(told.length);
    }
  });

  it("says what can hurt already when it is started, and keeps the rest for later", () => {
    for (const { crop, goal } of careful) {
      const told = codes(cautionsOfPlanting({ crop, goal, method: goal.methods[0]! }, "start"));
      const early = ["clean-seed", "acid-mix", "weed-law", "gloves", "green-potato"];
      expect(told.filter((c) => early.includes(c)).sort(), goal.id).toEqual(
        goal.cautions.filter((c) => early.includes(c)).sort(),
      );
    }
  });

  it.each([
    // Common practice: green potatoes and the green parts of nightshades are poisonous, beans are eaten cooked.
    ["potato/early", "green-potato"],
    ["tomato/cherry", "green-parts"],
    ["bush-bean/pod", "raw-bean"],
  ])("%s: %s", (goalId, code) => {
    const { crop, goal } = CROP_GOALS.find((one) => one.goal.id === goalId)!;
    expect(codes(cautionsOfPlanting({ crop, goal, method: goal.methods[0]! }, "pick"))).toContain(code);
  });
});

describe("where one acts", () => {
  it("a bag that is filled says whether one person can carry it, by its own wet weight", () => {
    for (const kindId of ["round-5-gal", "round-10-gal", "round-20-gal", "round-30-gal"]) {
      const { garden: g, setting } = garden(kindId, "chard/leaf", "2026-05-20");
      const [row] = g.rows;
      if (!row) throw new Error(kindId);
      const tasks = tasksOf(g, [], { setting, today: "2026-05-10" });
      const fill = tasks.find(({ kind }) => kind === "fill")!;
      const lifting = cautionsOfTask(fill, row).filter((c) => c.code === "lift" || c.code === "liftNever");
      const { grade, limitKg } = carry(row.wetKg, row.shape.kind === "round" ? row.shape.diameterCm : 0);
      if (grade === "fine") expect(lifting, kindId).toEqual([]);
      else
        expect(lifting, kindId).toEqual([
          { code: grade === "heavy" ? "lift" : "liftNever", kg: row.wetKg, limitKg, isGrave: true },
        ]);
    }
  });

  it("feeding, canes and propping a cover each have their own, and thinning none", () => {
    const { garden: g, setting } = garden("round-20-gal", "tomato/cordon", "2026-03-10");
    const [row] = g.rows;
    const tasks = tasksOf(g, [], { setting, today: "2026-03-10" });
    const of = (kind: string) =>
      codes(tasks.filter((t) => t.kind === kind).flatMap((t) => cautionsOfTask(t, row!)));
    expect(new Set(of("feed"))).toEqual(new Set(["feed"]));
    expect(of("stake")).toEqual(["canes-eyes"]);
    expect(of("harden")).toEqual([]);
    expect(new Set(of("pick"))).toContain("green-parts");
  });

  it("raw manure, unknown soil and lime are told where a bag is filled with them, and not where it is not", () => {
    const told = (mix: string, schools: PlainSetting["schools"]) => {
      const { garden: g, setting } = garden("round-7-gal", "chard/leaf", "2026-05-20", {
        mix: findMix(mix)!,
        schools,
      });
      const tasks = tasksOf(g, [], { setting, today: "2026-05-10" });
      return codes(cautionsOfGarden(g, fillingsIn(tasks, g), "2026-05-10"));
    };
    expect(told("soil-and-manure", { lime: "lime" })).toEqual(
      expect.arrayContaining(["manure", "unknown-soil", "lime"]),
    );
    expect(told("soil-and-manure", { lime: "ash" })).toContain("ash");
    const bought = told("potting-mix", { lime: "neither" });
    for (const code of ["manure", "unknown-soil", "lime", "ash"]) expect(bought).not.toContain(code);
  });
});

describe("on the sheet", () => {
  it("stands each caution once, those that are grave first, and always the floor, the way out, water and pesticides", () => {
    const setting = settingWith({ openSky: 0.9 });
    const plan = planOf(
      "round-30-gal",
      planting(10, "tomato/cherry", "2026-03-10"),
      planting(11, "bush-bean/pod", "2026-07-01"),
    );
    const g = assessGarden({ ...plan, bags: plan.bags.map((b) => ({ ...b, atHand: false })) }, setting);
    const tasks = tasksOf(g, [], { setting, today: "2026-03-10" });
    const all = cautionsOfGarden(g, fillingsIn(tasks, g), "2026-03-10");
    expect(new Set(codes(all)).size).toBe(all.length);
    expect(codes(all)).toEqual(
      expect.arrayContaining(["floor", "wayOut", "water", "pesticide", "green-parts", "raw-bean"]),
    );
    const graves = all.map((c) => c.isGrave === true);
    expect(graves).toEqual([...graves].sort((a, b) => Number(b) - Number(a)));
    expect(graves[0]).toBe(true);
  });

  it("says nothing any more of what has ended", () => {
    const beans = planting(10, "bush-bean/pod", "2026-04-20");
    const at = (happened: PlainSetting["happened"]) => {
      const setting = settingWith({ happened });
      return codes(cautionsOfGarden(assessGarden(planOf("round-10-gal", beans), setting), [], "2026-05-18"));
    };
    expect(at({})).toContain("raw-bean");
    expect(at({ [id(10)]: { sownOn: "2026-04-20", endedOn: "2026-05-10" } })).not.toContain("raw-bean");
  });
});
