import { describe, expect, it } from "vitest";
import { findMix } from "@/library";
import { planOf, planting, settingWith } from "@/testing/garden";
import { sideHoles, soilVolumeL } from "../bag";
import { cautionsOfFilling, cautionsOfGarden, cautionsOfPlanting } from "../caution";
import { assessGarden } from "../garden";
import type { Plan } from "../plan";
import type { PlainSetting } from "../setting";
import { fillingOf, plantSteps, sowSteps } from ".";

const rowOf = (plan: Plan, more: Partial<PlainSetting> = {}) => {
  const setting = settingWith({ mix: findMix("soil-and-manure")!, openSky: 0.9, ...more });
  return { row: assessGarden(plan, setting).rows[0]!, setting };
};
const fill = (plan: Plan, more: Partial<PlainSetting> = {}, isRefresh = false) => {
  const { row } = rowOf(plan, more);
  return fillingOf(row, 1, { soilL: isRefresh ? 5 : row.soilL, isRefresh, until: "2026-05-20" });
};
const codes = (steps: readonly { code: string }[]) => steps.map(({ code }) => code);

describe("filling a bag", () => {
  const tower = planOf(
    "tower-100",
    planting(10, "chard/leaf", "2026-05-27", { method: "bought", plants: 80, surface: "side" }),
  );

  it("builds a tower in its order: limed mix, plumb, stones, mix in leaf layers, soak, top up", () => {
    const filling = fill(tower);
    expect(codes(filling.steps)).toEqual([
      "lime",
      "plumb",
      "stones",
      "fill",
      "layers",
      "soak",
      "top-up",
      "mulch",
    ]);
    // Common practice, no source: the first soak of a large tower takes about four buckets.
    const soak = filling.steps.find((step) => step.code === "soak")!;
    expect(soak.waterL).toBeGreaterThan(25);
    expect(soak.waterL).toBeLessThan(60);
    expect(codes(fill(tower, { schools: { core: "none", lime: "neither" } }).steps)).not.toContain("stones");
    expect(codes(fill(tower, { mix: findMix("potting-mix")! }).steps)).not.toContain("layers");
    expect(cautionsOfFilling(filling).map(({ code }) => code)).toEqual([
      "liftNever",
      "manure",
      "unknown-soil",
      "lime",
    ]);
  });

  it("saves the good part under shallow roots, and firms the bed for the cabbage family", () => {
    const lettuce = fill(planOf("round-30-gal", planting(10, "lettuce/leaf", "2026-05-27", { plants: 4 })));
    const lumpy = lettuce.steps.find((step) => step.code === "lumpy")!;
    const { row } = rowOf(planOf("round-30-gal", planting(10, "lettuce/leaf", "2026-05-27", { plants: 4 })));
    // What is left above it is as deep as the crop wants.
    expect(row.depthCm - lumpy.cm).toBeCloseTo(row.plantings[0]!.goal.depthCm.good, 9);
    expect(lumpy.lumpyL / row.soilL).toBeCloseTo(lumpy.cm / row.depthCm, 9);
    expect(codes(lettuce.steps)).not.toContain("firm");
    const cabbage = fill(
      planOf("round-5-gal", planting(10, "cabbage/compact", "2026-05-27", { method: "bought" })),
    );
    expect(codes(cabbage.steps)).toContain("firm");
    expect(codes(cabbage.steps)).not.toContain("lumpy");
  });

  it("refreshes what was used: less goes back than came out, or none is bought in a lean year", () => {
    const plan = planOf("round-10-gal", planting(10, "tomato/bush", "2026-05-27", { method: "bought" }));
    const filling = fill(plan, {}, true);
    const out = filling.steps.find((step) => step.code === "out")!;
    expect(out.outL).toBeGreaterThan(filling.soilL);
    expect(filling.topUpL).toBe(0);
    const { row } = rowOf(plan);
    const lean = fillingOf(row, 1, { soilL: 0, isRefresh: true, until: "2026-05-20" });
    expect(codes(lean.steps)).toEqual(["loosen", "soak", "mulch"]);
  });

  /** Common practice, no source: potatoes start 8 cm below the rim, corn is topped up 8 to 10 cm as it grows. */
  it("leaves the rim free for what is earthed up, and puts in all of the mix in the end", () => {
    const potato = planOf("round-15-gal", planting(10, "potato/tuber", "2026-05-27", { plants: 3 }));
    const filling = fill(potato);
    const first = filling.steps.find((step) => step.code === "fill")!;
    const later = filling.steps.find((step) => step.code === "earth-up")!;
    expect(first.gapCm).toBe(8);
    expect(first.soilL + later.soilL).toBeCloseTo(filling.soilL, 9);
    expect(later.cm + rowOf(potato).row.gapCm).toBe(8);
  });

  it("says until when raw manure could go in, by the first of all harvests in it", () => {
    const filling = fill(
      planOf(
        "tub-80-l",
        planting(10, "tomato/bush", "2026-05-27", { method: "bought", surface: "first-half" }),
        planting(11, "radish/root", "2026-05-27", { plants: 6, surface: "second-half" }),
      ),
    );
    expect(filling.rawManureUntil! < "2026-05-20").toBe(true);
  });
});

describe("sowing and planting", () => {
  const steps = (kind: string, goalId: string, more: object, schools: object = {}) => {
    const { row, setting } = rowOf(planOf(kind, planting(10, goalId, "2026-05-20", more)), { schools });
    return { sow: sowSteps(row.plantings[0]!, row, setting), plant: plantSteps(row.plantings[0]!, row), row };
  };

  it("raises in cells with seed to spare, and says when to look and when to move", () => {
    const { sow, plant } = steps("round-7-gal", "cabbage/compact", { method: "cells", plants: 1 });
    expect(codes(sow)).toEqual(["cells", "label", "mist", "up-between", "move-at"]);
    expect(sow[0]).toMatchObject({ code: "cells", count: 1, seedsEach: 2 });
    expect(codes(plant)).toEqual(["set", "deep", "label", "water-in"]);
    expect(
      codes(steps("round-7-gal", "cabbage/compact", { method: "cells" }, { brassicaDepth: "level" }).plant),
    ).toContain("level");
  });

  it("plants side holes from the lowest ring up, as many as stand there", () => {
    const { plant, row } = steps("tower-100", "chard/leaf", {
      method: "bought",
      plants: 80,
      surface: "side",
    });
    const { rings } = plant.find((step) => step.code === "rings")!;
    expect(rings.reduce((sum, ring) => sum + ring.plants, 0)).toBe(80);
    expect(rings.map(({ heightCm }) => heightCm)).toEqual(
      rings.map(({ heightCm }) => heightCm).sort((a, b) => a - b),
    );
    expect(sideHoles(row.shape)).toBeGreaterThanOrEqual(80);
  });

  it("soaks and spreads shoots, halves potatoes, and keeps onion necks above", () => {
    const shoots = steps("tray", "radish/microgreens", { method: "soaked", plants: null });
    expect(codes(shoots.sow).slice(0, 2)).toEqual(["soak-seed", "solid"]);
    expect(cautionsOfPlanting(shoots.row.plantings[0]!, "start").map(({ code }) => code)).toContain(
      "clean-seed",
    );
    const potato = steps("round-15-gal", "potato/tuber", { method: "tubers", plants: 3 });
    expect(codes(potato.sow)).toEqual(["halve", "set", "label", "water-in"]);
    expect(cautionsOfPlanting(potato.row.plantings[0]!, "start").map(({ code }) => code)).toContain("blade");
    expect(codes(steps("tub-80-l", "onion/sets", { method: "sets", plants: 6 }).plant)).toContain("crown");
  });
});

it("warns a garden once of each thing, the gravest first", () => {
  const plan = planOf(
    "tower-100",
    planting(10, "chard/leaf", "2026-05-27", { method: "bought", plants: 80, surface: "side" }),
  );
  const { row, setting } = rowOf(plan);
  const filling = fillingOf(row, 1, { soilL: soilVolumeL(row.shape), isRefresh: false, until: "2026-05-20" });
  const all = cautionsOfGarden(assessGarden(plan, setting), [filling, filling], "2026-05-18").map(
    ({ code }) => code,
  );
  expect(new Set(all).size).toBe(all.length);
  expect(all[0]).toBe("liftNever");
  for (const code of ["floor", "wayOut", "water", "feed", "lime", "pesticide"]) expect(all).toContain(code);
});
