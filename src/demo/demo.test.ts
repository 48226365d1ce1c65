import { expect, it } from "vitest";
import { crownM2, LEAN_CM } from "@/core/placement";
import { assessGarden } from "@/core/garden";
import { bearingOf, skyOf, Survey } from "@/core/place";
import type { Plan } from "@/core/plan";
import { readAmount } from "@/core/record";
import { findClimate, findGoal } from "@/library";
import { id, settingWith } from "@/testing/garden";
import type { DemoHousehold } from "./doorstep";
import { DEMO_HOUSEHOLDS } from "./households";

const climate = findClimate("larkmouth")!;

/** A household's garden as its plan stands, judged in its own place. */
function gardenOf({ survey, bags }: DemoHousehold) {
  const { kind, sun, length, width, faces, limit } = Survey.parse(survey);
  const setting = settingWith({
    ...skyOf({ kind, sun, faces: faces ? bearingOf(faces) : undefined, seenOn: "2026-04-18" }, climate),
    floorM2: (length.value * width.value) / 10_000,
    limitKgM2: limit?.value,
  });
  const plan: Plan = {
    bags: bags.map((bag, i) => ({
      id: id(i),
      kindId: bag.kind,
      shape: bag.measured ?? null,
      atHand: true,
      firstSeason: 2026,
    })),
    rows: bags.map((bag, i) => ({
      id: id(100 + i),
      bagId: id(i),
      gapCm: null,
      plantings: (bag.plantings ?? []).map((p, k) => ({
        id: id(1000 + 100 * i + k),
        goalId: p.goal,
        surface: p.surface ?? "top",
        method: p.method,
        plants: p.plants ?? null,
        sowOn: p.sowOn,
      })),
    })),
  };
  return assessGarden(plan, setting);
}

const planted = DEMO_HOUSEHOLDS.filter(({ bags }) => bags.some((b) => b.plantings));

it("plants only what can be started so, and nothing that its place makes wrong", () => {
  for (const household of planted) {
    for (const { goal, method } of household.bags.flatMap((b) => b.plantings ?? []))
      expect(
        findGoal(goal)?.goal.methods.map((m) => m.method),
        goal,
      ).toContain(method);
    for (const row of gardenOf(household).rows) {
      const wrong = row.plantings.filter((p) => p.fit.grade === "wrong").map((p) => p.goal.id);
      expect(wrong, household.survey.name).toEqual([]);
      expect(row.clashes, household.survey.name).toEqual([]);
    }
  }
});

it("promises what gardens of its size give: 1 to 8 kg a year for each m² under lit crowns", () => {
  for (const household of planted) {
    const { rows } = gardenOf(household);
    const filled = rows.filter((r) => r.plantings.length > 0);
    const crowns = filled.reduce((sum, r) => {
      const sided = r.plantings.some((p) => p.planting.surface === "side");
      return sum + crownM2(r.shape, sided ? "side" : "top", LEAN_CM);
    }, 0);
    const kg = filled.flatMap((r) => r.plantings).reduce((sum, p) => sum + p.harvest.likely, 0);
    // What a sill's tray gives comes with the seed.
    const least = household.survey.kind === "sill" || household.survey.kind === "landing" ? 0.5 : 1;
    expect(kg / crowns, household.survey.name).toBeGreaterThan(least);
    expect(kg / crowns, household.survey.name).toBeLessThan(8);
  }
});

it("records no more than what was picked could give", () => {
  for (const household of planted) {
    const views = gardenOf(household).rows;
    for (const [i, bag] of household.bags.entries()) {
      for (const [k, { records = [] }] of (bag.plantings ?? []).entries()) {
        const kg = records
          .filter(([kind]) => kind === "picked")
          .map(([kind, , text = ""]) => readAmount(kind, text))
          .reduce((sum, read) => sum + (read.ok && read.value?.measure === "mass" ? read.value.value : 0), 0);
        const planting = views[i]!.plantings[k]!;
        expect(kg, `${household.survey.name} ${planting.goal.id}`).toBeLessThanOrEqual(planting.harvest.high);
      }
    }
  }
});
