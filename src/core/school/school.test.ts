import { describe, expect, it } from "vitest";
import { findGoal } from "@/library";
import * as words from "@/ui/words/en";
import { inForce, SCHOOL_NAMES, Schools, SCHOOLS } from ".";
import { planOf as bagWith, planting, settingWith } from "@/testing/garden";
import { assessGarden } from "../garden";
import type { Plan, Planting } from "../plan";
import { type Hands, rankMethods } from "../fit";

const planOf = (kindId: string, change: Partial<Planting>, schools?: Schools): Plan => {
  const plan = bagWith(
    kindId,
    planting(3, "cabbage/compact", "2026-01-10", { method: "cells", plants: null, ...change }),
  );
  return schools ? { ...plan, rows: plan.rows.map((r) => ({ ...r, schools })) } : plan;
};
const row = (plan: Plan, schools: Schools = {}) =>
  assessGarden(plan, settingWith({ sunHours: 14, openSky: 0.95, floorM2: 10, schools })).rows[0]!;

it("takes each school from the nearest level that has chosen", () => {
  const force = inForce({ start: "raised", density: "crowded" }, { density: "full" }, undefined, {
    core: "none",
  });
  expect(force).toMatchObject({ start: "raised", density: "full", core: "none", bagSize: "smallest" });
  expect(Object.keys(inForce())).toEqual(SCHOOL_NAMES);
});

it("has words for every school and choice, and refuses others", () => {
  for (const name of SCHOOL_NAMES) {
    expect(words.ways.names).toHaveProperty(name);
    for (const choice of SCHOOLS[name]) {
      expect(words.ways.options[name]).toHaveProperty(choice);
      expect(words.schools.means[name]).toHaveProperty(choice);
    }
  }
  expect(Schools.safeParse({ core: "gravel" }).success).toBe(false);
  expect(Schools.safeParse({ moon: "waxing" }).success).toBe(false);
});

describe("what a school changes", () => {
  it("start: sown in place or raised, where the crop leaves the choice", () => {
    const first = (goalId: string, where: "top" | "side" = "top", start?: Schools["start"], hands?: Hands) =>
      rankMethods(findGoal(goalId)!.goal, where, start, hands)[0]!;
    expect(first("pea/pod").method.method).toBe("cells");
    expect(first("pea/pod", "top", "direct")).toMatchObject({
      method: { method: "stations" },
      why: "school",
    });
    expect(first("carrot/root", "top", "raised").method.method).toBe("broadcast");
    expect(first("spinach/leaf", "side", "direct").method.method).toBe("cells");
    // What the household cannot do weighs more than what its trainer would rather see.
    expect(first("pea/pod", "top", "raised", { cells: 0, skill: "sure" })).toMatchObject({
      method: { method: "stations" },
      why: "no-trays-here",
    });
    expect(first("spinach/leaf", "side", "usual", { cells: 0, skill: "sure" })).toMatchObject({
      method: { method: "bought" },
      why: "no-trays-here",
    });
    expect(first("tomato/bush", "top", "usual", { cells: 40, skill: "first" })).toMatchObject({
      method: { method: "bought" },
      why: "first-season",
    });
    expect(first("pak-choi/leaf", "top", "usual", { cells: null, skill: "first" })).toEqual(
      first("pak-choi/leaf"),
    );
  });

  it("density: crowded on purpose counts at the least, and says small heads", () => {
    const plan = planOf("round-30-gal", {});
    const [full, crowded] = [
      row(plan).plantings[0]!.fit,
      row(plan, { density: "crowded" }).plantings[0]!.fit,
    ];
    expect(crowded.plants).toBeGreaterThan(full.plants!);
    expect(crowded.plants).toBe(crowded.most);
    expect(crowded.notes.map((n) => n.code)).toContain("heads-small");
  });

  it("bag size: one size up wants more soil for the same plants", () => {
    const plan = planOf("round-5-gal", { plants: 1 });
    expect(row(plan).plantings[0]!.fit.grade).toBe("right");
    expect(row(plan, { bagSize: "one-up" }).plantings[0]!.fit).toMatchObject({
      grade: "tight",
      limit: { code: "soil" },
    });
    expect(row(planOf("round-7-gal", { plants: 1 }), { bagSize: "one-up" }).plantings[0]!.fit.grade).toBe(
      "right",
    );
  });

  it("core: a tower without stones holds more soil; a row may differ from its programme", () => {
    const kale = { goalId: "kale/leaf", surface: "side" as const, plants: 70 };
    const [stones, none] = [row(planOf("tower-75", kale)), row(planOf("tower-75", kale), { core: "none" })];
    expect(none.soilL).toBeGreaterThan(stones.soilL);
    expect(none.wetKg).toBeLessThan(stones.wetKg);
    expect(row(planOf("tower-75", kale, { core: "stones" }), { core: "none" }).soilL).toBe(stones.soilL);
  });
});
