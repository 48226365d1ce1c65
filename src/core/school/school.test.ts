import { describe, expect, it } from "vitest";
import { findBagKind, findClimate, findGoal, findMix } from "@/library";
import words from "@/ui/words/en.json";
import { inForce, SCHOOL_NAMES, Schools, SCHOOLS } from ".";
import { assessGarden, type Plan, type Planting, type Setting } from "../garden";
import { chooseMethod } from "../fit";

const setting = (schools: Schools): Setting => ({
  climate: findClimate("larkmouth")!, mix: findMix("potting-mix")!, sunHours: 8, floorM2: 10, schools, findShape: (id) => findBagKind(id)?.shape, findGoal,
});
const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, "0")}`;
const planOf = (kindId: string, planting: Partial<Planting>, schools?: Schools): Plan => ({
  bags: [{ id: id(1), kindId, shape: null, atHand: true, firstSeason: null }],
  rows: [{ id: id(2), bagId: id(1), gapCm: null, ...(schools ? { schools } : {}), plantings: [{ id: id(3), goalId: "cabbage/compact", surface: "top", method: "cells", plants: null, sowOn: "2026-01-10", ...planting }] }],
});
const row = (plan: Plan, schools: Schools = {}) => assessGarden(plan, setting(schools)).rows[0]!;

it("takes each school from the nearest level that has chosen", () => {
  const force = inForce({ start: "raised", density: "crowded" }, { density: "full" }, undefined, { core: "none" });
  expect(force).toMatchObject({ start: "raised", density: "full", core: "none", bagSize: "smallest" });
  expect(Object.keys(inForce())).toEqual(SCHOOL_NAMES);
});

it("has words for every school and choice, and refuses others", () => {
  for (const name of SCHOOL_NAMES) {
    expect(words.schools.names).toHaveProperty(name);
    for (const choice of SCHOOLS[name]) {
      expect(words.schools.options[name]).toHaveProperty(choice);
      expect(words.schools.means[name]).toHaveProperty(choice);
    }
  }
  expect(Schools.safeParse({ core: "gravel" }).success).toBe(false);
  expect(Schools.safeParse({ moon: "waxing" }).success).toBe(false);
});

describe("what a school changes", () => {
  it("start: sown in place or raised, where the crop leaves the choice", () => {
    const pea = findGoal("pea/pod")!.goal;
    expect(chooseMethod(pea, "top")!.method.method).toBe("cells");
    expect(chooseMethod(pea, "top", "direct")).toMatchObject({ method: { method: "stations" }, why: "school" });
    expect(chooseMethod(findGoal("carrot/root")!.goal, "top", "raised")!.method.method).toBe("broadcast");
    expect(chooseMethod(findGoal("spinach/leaf")!.goal, "side", "direct")!.method.method).toBe("cells");
  });

  it("density: crowded on purpose counts at the least, and says small heads", () => {
    const plan = planOf("round-30-gal", {});
    const [full, crowded] = [row(plan).plantings[0]!.fit, row(plan, { density: "crowded" }).plantings[0]!.fit];
    expect(crowded.plants).toBeGreaterThan(full.plants!);
    expect(crowded.plants).toBe(crowded.most);
    expect(crowded.notes.map((n) => n.code)).toContain("heads-small");
  });

  it("bag size: one size up wants more soil for the same plants", () => {
    const plan = planOf("round-5-gal", { plants: 1 });
    expect(row(plan).plantings[0]!.fit.grade).toBe("right");
    expect(row(plan, { bagSize: "one-up" }).plantings[0]!.fit).toMatchObject({ grade: "tight", limit: { code: "soil" } });
    expect(row(planOf("round-7-gal", { plants: 1 }), { bagSize: "one-up" }).plantings[0]!.fit.grade).toBe("right");
  });

  it("core: a tower without stones holds more soil; a row may differ from its programme", () => {
    const kale = { goalId: "kale/leaf", surface: "side" as const, plants: 70 };
    const [stones, none] = [row(planOf("tower-75", kale)), row(planOf("tower-75", kale), { core: "none" })];
    expect(none.soilL).toBeGreaterThan(stones.soilL);
    expect(none.wetKg).toBeLessThan(stones.wetKg);
    expect(row(planOf("tower-75", kale, { core: "stones" }), { core: "none" }).soilL).toBe(stones.soilL);
  });
});
