/**
 * What growers find by hand, for the crops that the library holds: bag, plants, sowing method and days.
 * Common practice, no published source.
 */
import { describe, expect, it } from "vitest";
import { findBagKind, findGoal } from "@/library";
import { fit, rankMethods, surfaceFor } from ".";
import type { Climate } from "../climate";
import { judgeSeason, stagesFrom } from "../calendar";
import { daysBetween } from "../day";

const flat = (nightC: number, dayC: number): Climate => ({
  id: "flat",
  latitude: 20,
  lowC: Array(12).fill(nightC),
  highC: Array(12).fill(dayC),
});
const WARM = flat(23, 30);
const MILD = flat(12, 20);
const SPRING = flat(11, 21);
const SOW = "2026-03-01";

function ask(goalId: string, bag: string, climate: Climate, plants?: number, claimedL = 0, gapCm?: number) {
  const { crop, goal } = findGoal(goalId)!;
  const { shape } = findBagKind(bag)!;
  const where = surfaceFor(goal, shape)!;
  const { method } = rankMethods(goal, where)[0]!;
  const season = judgeSeason({ crop, goal, method }, SOW, climate);
  const result = fit({ goal, shape, where, plants, gapCm, lightMol: 24, season, claimedL });
  const stages = stagesFrom({ crop, goal, method }, SOW, climate);
  const after = (day: string | undefined) => (day === undefined ? Number.NaN : daysBetween(SOW, day));
  return {
    ...result,
    where,
    method,
    up: stages.up && {
      early: after(stages.up.early),
      likely: after(stages.up.likely),
      late: after(stages.up.late),
    },
    pick: after(stages.firstPick?.likely),
    moved: after(stages.move?.likely),
    stages,
  };
}

describe("leaf crops, one to a cut bottle", () => {
  it.each([
    ["pak-choi/leaf", 3, 5, 25, 30, "tray"],
    ["lettuce/leaf", 2, 5, 27, 31, "tray"],
    ["water-spinach/leaf", 5, 8, 26, 31, "cells"],
    ["mustard/leaf", 3, 5, 25, 30, "tray"],
    ["choy-sum/leaf", 3, 5, 25, 30, "tray"],
    ["gai-lan/leaf", 3, 5, 25, 31, "tray"],
    ["amaranth/leaf", 3, 6, 25, 31, "tray"],
  ] as const)("%s", (goalId, upFrom, upTo, pickFrom, pickTo, method) => {
    const answer = ask(goalId, "bottle", WARM);
    expect(answer.plants).toBe(1);
    expect(
      answer.limits
        .filter((l) => l.code !== "season")
        .every((l) => l.grade === "right" || l.grade === "roomy"),
    ).toBe(true);
    expect(answer.method.method).toBe(method);
    expect(answer.up!.likely).toBeGreaterThanOrEqual(upFrom);
    expect(answer.up!.likely).toBeLessThanOrEqual(upTo);
    expect(answer.pick).toBeGreaterThanOrEqual(pickFrom);
    expect(answer.pick).toBeLessThanOrEqual(pickTo);
  });

  it("moves at the third leaf, water spinach at five centimetres; lettuce takes 7 to 10 days in the cool", () => {
    for (const goalId of ["pak-choi/leaf", "mustard/leaf", "choy-sum/leaf", "gai-lan/leaf", "amaranth/leaf"])
      expect(ask(goalId, "bottle", WARM).method.move?.leaf).toBe(3);
    expect(ask("water-spinach/leaf", "bottle", WARM).method.move?.heightCm).toBe(5);
    // A tray under cover at about 9 °C.
    const cool = ask("lettuce/leaf", "bottle", flat(3, 9)).up!;
    expect(cool.early).toBeGreaterThanOrEqual(5);
    expect(cool.likely).toBeGreaterThanOrEqual(7);
    expect(cool.likely).toBeLessThanOrEqual(10);
  });
});

it("two beans in a six-litre jug, sown where they grow, up in 5 to 8 days, first pods a little after day 30 in the warm", () => {
  const bean = ask("bush-bean/pod", "jug-6-l", WARM);
  expect(bean).toMatchObject({ plants: 2, grade: "right", method: { method: "stations" } });
  expect(bean.up!.likely).toBeGreaterThanOrEqual(5);
  expect(bean.up!.likely).toBeLessThanOrEqual(8);
  expect(bean.pick).toBeGreaterThan(30);
  expect(bean.pick).toBeLessThan(40);
});

it("radish microgreens: soaked, on 2.5 cm of mix, up in 3 days, cut at day 7", () => {
  const greens = ask("radish/microgreens", "tray", flat(17, 23), undefined, 0, 3.5);
  expect(greens.method.method).toBe("soaked");
  expect(greens.limits.find((l) => l.code === "depth")).toMatchObject({ have: 2.5, grade: "roomy" });
  expect(greens.sown!.seedG).toBeGreaterThan(0);
  expect(greens.up!.likely).toBe(3);
  expect(greens.pick).toBe(7);
});

it("a salad bag laid flat is sown dense on the surface, and slower in winter", () => {
  const salad = ask("lettuce/baby-leaf", "flat-1-cu-ft", MILD);
  expect(salad).toMatchObject({ plants: undefined, grade: "roomy", method: { method: "broadcast" } });
  expect(salad.pick).toBeGreaterThan(21);
  expect(salad.pick).toBeLessThan(45);
  expect(ask("lettuce/baby-leaf", "flat-1-cu-ft", flat(5, 12)).pick).toBeGreaterThan(1.5 * salad.pick);
});

describe("a large tub of cauliflower with peas round it", () => {
  it("takes three baby heads with room to spare, or two full ones", () => {
    expect(ask("cauliflower/baby", "tub-80-l", MILD, 3)).toMatchObject({
      grade: "roomy",
      method: { method: "cells" },
    });
    expect(ask("cauliflower/full", "tub-80-l", MILD).plants).toBe(2);
    expect(ask("cauliflower/baby", "tub-80-l", MILD).pick).toBeGreaterThan(63);
    expect(ask("cauliflower/baby", "tub-80-l", MILD).pick).toBeLessThan(73);
  });

  it("has soil for four peas besides, which are ripe before the heads", () => {
    const heads = ask("cauliflower/baby", "tub-80-l", MILD, 3, 4 * 3);
    const peas = ask("pea/pod", "tub-80-l", MILD, 4, 3 * 20);
    expect([heads.grade, peas.grade]).toEqual(["roomy", "right"]);
    expect(findGoal("pea/pod")!.goal.support).toBe("cane");
    expect(peas.pick).toBeLessThan(heads.pick);
  });
});

describe("cabbage", () => {
  it("compact: one in 5 gal, about 60 days from planting out", () => {
    const cabbage = ask("cabbage/compact", "round-5-gal", MILD);
    expect(cabbage).toMatchObject({ plants: 1, grade: "right" });
    const grown = daysBetween(cabbage.stages.move!.likely, cabbage.stages.firstPick!.likely);
    expect(Math.abs(grown - 62)).toBeLessThan(6);
  });

  it("standard: one in 10 gal, longer; in 5 gal there is no head", () => {
    const standard = ask("cabbage/standard", "round-10-gal", MILD);
    expect(standard).toMatchObject({ plants: 1, grade: "right" });
    expect(standard.pick).toBeGreaterThan(ask("cabbage/compact", "round-5-gal", MILD).pick + 14);
    const crowded = ask("cabbage/standard", "round-5-gal", MILD, 1);
    expect(crowded.grade).toBe("wrong");
    expect(crowded.notes[0]?.code).toBe("heads-none");
  });

  it("two compact ones in 10 gal give small heads on purpose, and say so", () => {
    expect(ask("cabbage/compact", "round-10-gal", MILD, 2)).toMatchObject({
      grade: "tight",
      notes: [{ code: "heads-small" }],
    });
  });
});

it.each(["kale/leaf", "chard/leaf"])(
  "%s: one to each hole of a tower, seedlings, first leaves 3 to 5 weeks after planting, 8 to 10 months of picking",
  (goalId) => {
    const tower = ask(goalId, "tower-75", SPRING);
    expect(tower).toMatchObject({ plants: 75, where: "side", method: { method: "cells" } });
    expect(["right", "roomy"]).toContain(tower.grade);
    const weeks = daysBetween(tower.stages.move!.likely, tower.stages.firstPick!.likely) / 7;
    expect(weeks).toBeGreaterThanOrEqual(2.8);
    expect(weeks).toBeLessThanOrEqual(5);
    const months = daysBetween(tower.stages.firstPick!.likely, tower.stages.lastPick!.likely) / 30.4;
    expect(months).toBeGreaterThanOrEqual(8);
    expect(months).toBeLessThanOrEqual(10);
  },
);

it("eight onion sets in a 10 gal tub, 2.5 cm deep; from seed up in 7 to 10 days", () => {
  expect(ask("onion/sets", "tub-10-gal", MILD)).toMatchObject({
    plants: 8,
    grade: "right",
    method: { method: "sets", depthCm: 2.5 },
  });
  const seed = ask("onion/seed", "tub-10-gal", flat(8, 18)).up!;
  expect(seed.likely).toBeGreaterThanOrEqual(7);
  expect(seed.likely).toBeLessThanOrEqual(10);
  expect(ask("onion/sets", "round-7-gal", MILD).grade).not.toBe("wrong");
});

it("four corn plants in a diamond 8 cm in; out of the cells after 2 to 3 weeks; about 75 days", () => {
  const corn = ask("sweet-corn/cob", "round-15-gal", flat(17, 27));
  expect(corn).toMatchObject({ plants: 4, grade: "right", method: { method: "cells" } });
  expect(findGoal("sweet-corn/cob")!.goal.insetCm).toBe(8);
  expect(corn.moved).toBeGreaterThanOrEqual(13);
  expect(corn.moved).toBeLessThanOrEqual(21);
  expect(Math.abs(corn.pick - 75)).toBeLessThanOrEqual(4);
});

it("potatoes in 15 gal, 10 to 13 cm deep", () => {
  const potato = ask("potato/tuber", "round-15-gal", MILD);
  expect(potato).toMatchObject({ plants: 3, grade: "right", method: { method: "tubers" } });
  expect(potato.method.depthCm).toBeGreaterThanOrEqual(10);
  expect(potato.method.depthCm).toBeLessThanOrEqual(13);
});

it("carrots want 20 cm, are strewn and thinned; in less, their roots are short", () => {
  expect(ask("carrot/root", "round-5-gal", MILD)).toMatchObject({
    method: { method: "broadcast", seeds: 2 },
  });
  expect(ask("carrot/root", "round-5-gal", MILD).limits[0]).toMatchObject({
    code: "depth",
    need: { good: 20 },
    grade: "roomy",
  });
  const shallow = ask("carrot/root", "flat-1.5-cu-ft", MILD);
  expect(shallow.notes[0]?.code).toBe("roots-short");
});

it("one bush tomato in 5 gal, roomy in 30 gal, with no stake", () => {
  expect(ask("tomato/bush", "round-5-gal", WARM)).toMatchObject({ plants: 1, grade: "right" });
  expect(ask("tomato/bush", "round-30-gal", WARM)).toMatchObject({ plants: 1, grade: "roomy" });
  expect(findGoal("tomato/bush")!.goal.support).toBe("none");
});

it("twelve strawberries in a pocket bag, from runners", () => {
  expect(ask("strawberry/june", "pocket-12", MILD)).toMatchObject({
    plants: 12,
    where: "side",
    grade: "right",
    method: { method: "runners" },
  });
});

describe("more of what growers find by hand", () => {
  it("sweet potato tops from bare cuttings in a shallow box, picked from day 30", () => {
    const tops = ask("sweet-potato/tops", "tray", WARM, undefined, 0, 0);
    expect(tops.method.method).toBe("cuttings");
    expect(Math.abs(ask("sweet-potato/tops", "flat-1-cu-ft", WARM).pick - 29)).toBeLessThanOrEqual(2);
    expect(ask("sweet-potato/tops", "flat-1-cu-ft", WARM).grade).not.toBe("wrong");
  });

  it("two bush long beans in a six-litre jug, up in 5 to 8 days, first pods a little after day 30, 3 to 4 flushes", () => {
    const bean = ask("long-bean/bush", "jug-6-l", WARM);
    expect(bean).toMatchObject({ plants: 2, grade: "right", method: { method: "stations" } });
    expect(bean.up!.likely).toBeGreaterThanOrEqual(5);
    expect(bean.up!.likely).toBeLessThanOrEqual(8);
    expect(bean.pick).toBeGreaterThan(30);
    expect(bean.pick).toBeLessThan(38);
    expect(findGoal("long-bean/bush")!.goal.picking.pattern).toBe("flushes");
  });

  it("one pepper in 5 gal or more; aubergine, okra, cucumber and climbing bean want 30 cm", () => {
    expect(ask("pepper/sweet", "round-5-gal", WARM)).toMatchObject({ plants: 1, grade: "right" });
    for (const goalId of ["aubergine/fruit", "okra/pod", "cucumber/fruit", "climbing-bean/pod"]) {
      expect(findGoal(goalId)!.goal.depthCm.good).toBe(30);
      expect(ask(goalId, "round-15-gal", WARM).grade).not.toBe("wrong");
      expect(ask(goalId, "round-5-gal", WARM).limits[0]!.grade).not.toBe("roomy");
    }
  });

  it("onion and garlic in 7 gal; herbs in 20 to 25 cm; a fruit tree in a barrel at least 33 cm deep", () => {
    expect(ask("garlic/bulb", "round-7-gal", MILD)).toMatchObject({ method: { method: "sets" } });
    expect(ask("garlic/bulb", "round-7-gal", MILD).plants).toBeGreaterThan(3);
    for (const { goal } of ["basil/leaf", "parsley/leaf", "mint/leaf", "thyme/leaf"].map((id) =>
      findGoal(id)!,
    )) {
      expect(goal.depthCm.good).toBeGreaterThanOrEqual(20);
      expect(goal.depthCm.good).toBeLessThanOrEqual(25);
    }
    for (const goalId of ["lemon/fruit", "fig/fruit", "guava/fruit"])
      expect(findGoal(goalId)!.goal.depthCm.least).toBe(33);
  });

  it("hardy leaf stands −9 °C as a plant, less as a seedling; corn waits for nights of 15.5 °C; lettuce bolts at 24 °C", () => {
    for (const goalId of ["kale/leaf", "spinach/leaf"]) {
      expect(findGoal(goalId)!.crop.nights.standsC).toBe(-9);
      expect(findGoal(goalId)!.crop.nights.seedlingStandsC).toBeGreaterThan(-9);
    }
    expect(findGoal("sweet-corn/cob")!.crop.nights.plantOutC).toBe(15.5);
    expect(findGoal("lettuce/head")!.crop.heatC).toBe(24);
  });
});

/** Container tables that extension services publish, from memory: so many plants, good or with care. */
it.each([
  ["tomato/bush", "round-5-gal", 1, 1],
  ["cabbage/compact", "round-5-gal", 1, 1],
  ["aubergine/fruit", "round-5-gal", 1, 1],
  ["pepper/sweet", "round-5-gal", 1, 1],
  ["lettuce/head", "round-10-gal", 3, 4],
  ["kale/leaf", "round-10-gal", 2, 3],
  ["pepper/sweet", "round-15-gal", 2, 3],
] as const)("%s in %s: %i to %i, as container tables say", (goalId, bag, few, many) => {
  for (const plants of [few, many]) {
    const room = ask(goalId, bag, WARM, plants).limits.filter((l) => l.code === "room" || l.code === "soil");
    expect(room.map((l) => l.grade)).not.toContain("wrong");
  }
  // And hardly more: what crowds is told.
  expect(ask(goalId, bag, WARM).plants!).toBeLessThanOrEqual(many);
  const crowded = ask(goalId, bag, WARM, 2 * many + 1).limits.filter(
    (l) => l.code === "room" || l.code === "soil",
  );
  expect(crowded.map((l) => l.grade)).toContain("wrong");
});

it("a few plants round a bag have more room than at the same distance in a row", () => {
  // Three heads 26 cm apart in a row take 52 cm of bed between the outer two; a bag of 41 cm holds three round its middle.
  const heads = ask("lettuce/head", "round-10-gal", MILD, 3).limits.find((l) => l.code === "room")!;
  expect(heads.grade).toBe("right");
});
