import { describe, expect, it } from "vitest";
import { CROP_GOALS, findGoal, findMix } from "@/library";
import { standOn } from "../crop";
import {
  addBag,
  changeBag,
  changePlanting,
  changeRow,
  Plan,
  putPlanting,
  removePlanting,
  removeRow,
} from "../plan";
import { assessGarden, nextMeal } from ".";
import { matchAll, openCell, plantingOf, suggestGoal } from "../match";
import { shareOf, spanOf } from "../year";
import { GRADES } from "../fit";
import { id, planOf, planting, settingWith } from "@/testing/garden";

// An open place, so that what is short is soil or room.
const setting = settingWith({
  sunHours: 14,
  openSky: 0.95,
  mix: findMix("potting-mix-and-manure")!,
  floorM2: 3.52,
  limitKgM2: 195,
});
const row = (plan: Plan) => assessGarden(plan, setting).rows[0]!;

describe("slow heads in the middle, four climbers round the edge", () => {
  const heads = planting(10, "cauliflower/baby", "2026-01-20", { plants: 3 });
  const peas = planting(11, "pea/pod", "2026-01-14", { plants: 4, surface: "edge" });

  it("share soil and room, and both have enough", () => {
    const [a, b] = row(planOf("tub-80-l", heads, peas)).plantings;
    expect([a!.fit.grade, b!.fit.grade]).toEqual(["roomy", "roomy"]);
    const [near] = a!.neighbours;
    expect(near).toMatchObject({ goalId: "pea/pod" });
    expect(near!.apartCm).toBeGreaterThanOrEqual(near!.wantCm!);
  });

  it("crowd each other when there are more of both", () => {
    const [a] = row(planOf("tub-80-l", { ...heads, plants: 5 }, { ...peas, plants: 12 })).plantings;
    expect(a!.fit.grade).toBe("tight");
    expect(a!.fit.limits.filter((l) => l.grade === "tight").map((l) => l.code)).toEqual(["soil"]);
  });

  it("do not count a planting that is over before the next comes in", () => {
    const [a, kale] = row(
      planOf("tub-80-l", heads, planting(12, "kale/leaf", "2026-06-20", { plants: 2 })),
    ).plantings;
    expect(a!.neighbours).toEqual([]);
    expect(kale!.neighbours).toEqual([]);
  });
});

describe("loads", () => {
  it("meet the hand sum of a tower on its spot and over the floor", () => {
    const plan = planOf("tower-75", planting(10, "kale/leaf", "2026-02-01", { surface: "side", plants: 75 }));
    const garden = assessGarden(plan, setting);
    // π · 30² · 85 cm less the core's π · 7.5² · 85, wet at 1.0 kg/L, the core at 1.6 kg/L, the sack at 5 g/L.
    const soil = (Math.PI * (900 - 56.25) * 85) / 1000;
    const wet = soil * 1.005 + ((Math.PI * 56.25 * 85) / 1000) * 1.6;
    expect(garden.rows[0]!.wetKg).toBeCloseTo(wet, 6);
    expect(garden.rows[0]!.load!.kgM2).toBeCloseTo(wet / 0.762 ** 2, 6);
    expect(garden.rows[0]!.load).toMatchObject({ grade: "over" });
    expect(garden.rows[0]!.load!.boardCm).toBeCloseTo(100 * Math.sqrt(wet / 195), 6);
    expect(garden.load.kgM2).toBeCloseTo(wet / 3.52, 6);
    expect(garden.load.grade).toBe("within");
  });

  it("warn near the limit and over it, and do not pretend without one", () => {
    const plan = planOf("tower-75");
    const grade = (limitKgM2?: number) => assessGarden(plan, { ...setting, limitKgM2 }).load.grade;
    expect([grade(), grade(75), grade(60), grade(500)]).toEqual(["unknown", "near", "over", "within"]);
  });
});

it("follows a change of bag, rim, goal, plants and date at once", () => {
  const plan = planOf("round-10-gal", planting(10, "tomato/bush", "2026-03-01"));
  const before = row(plan);
  expect(row(changeBag(plan, id(1), { kindId: "round-30-gal" })).soilL).toBeGreaterThan(2.5 * before.soilL);
  expect(row(changeRow(plan, id(2), { gapCm: 15 })).depthCm).toBe(before.depthCm - 10);
  expect(row(changePlanting(plan, id(10), { plants: 4 })).plantings[0]!.fit.grade).toBe("wrong");
  expect(row(changePlanting(plan, id(10), { sowOn: "2026-09-01" })).plantings[0]!.fit.grade).toBe("wrong");
  expect(row(changePlanting(plan, id(10), { plants: 3 })).plantings[0]!.top).toHaveLength(3);
  expect(row(plan)).toEqual(before);
});

it("suggests for an empty bag what fits it best, and plants it so that it does", () => {
  for (const kindId of ["bottle", "round-10-gal", "tower-75", "pocket-12", "flat-1-cu-ft"]) {
    for (const day of ["2026-01-20", "2026-05-18", "2026-09-10"]) {
      const empty = planOf(kindId);
      const view = row(empty);
      const best = suggestGoal(CROP_GOALS, view.bag, day, setting)!;
      const planted = plantingOf(best, view, day, setting)!;
      const judged = row(putPlanting(empty, id(1), { id: id(50), ...planted }, id(2))).plantings[0]!;
      expect(["right", "roomy"], `${kindId} ${day}: ${best.goal.id}`).toContain(judged.fit.grade);
    }
  }
  const tomato = findGoal("tomato/bush")!;
  expect(plantingOf(tomato, row(planOf("round-30-gal")), "2026-03-01", setting)).toEqual({
    goalId: "tomato/bush",
    surface: "top",
    method: "cells",
    plants: 1,
    sowOn: "2026-03-01",
  });
});

it("judges only the row that changed anew", () => {
  const two: Plan = { ...planOf("round-10-gal", planting(10, "tomato/bush", "2026-03-01")) };
  const plan = addBag(
    two,
    { id: id(20), kindId: "bottle", shape: null, atHand: true, firstSeason: null },
    id(21),
  );
  const before = assessGarden(plan, setting);
  const after = assessGarden(changePlanting(plan, id(10), { plants: 2 }), setting);
  expect(after.rows[1]).toBe(before.rows[1]);
  expect(after.rows[0]).not.toBe(before.rows[0]);
  expect(assessGarden(plan, { ...setting, sunHours: 1 }).rows[0]).not.toBe(before.rows[0]);
});

it("edits without touching what it was given, and takes out again what it put in", () => {
  const empty: Plan = { bags: [], rows: [] };
  const bag = { id: id(1), kindId: "bottle", shape: null, atHand: false, firstSeason: null };
  const withBag = addBag(empty, bag, id(2));
  const planted = putPlanting(withBag, id(1), planting(10, "pak-choi/leaf", "2026-05-20"), id(3));
  expect(empty).toEqual({ bags: [], rows: [] });
  expect(planted.rows).toHaveLength(1);
  expect(removePlanting(planted, id(10))).toEqual(withBag);
  expect(removeRow(planted, id(2))).toEqual(empty);
  expect(removeRow(changeBag(planted, id(1), { atHand: true }), id(2)).bags).toHaveLength(1);
});

it("finds the first meal, and the next one once that is past", () => {
  const garden = assessGarden(
    planOf(
      "tub-80-l",
      planting(10, "radish/root", "2026-04-01", { plants: 9 }),
      planting(11, "bush-bean/pod", "2026-05-10", { plants: 4 }),
    ),
    setting,
  );
  expect(nextMeal(garden, "2026-04-02")).toMatchObject({ goalId: "radish/root", first: true });
  expect(nextMeal(garden, "2026-05-18")).toMatchObject({ goalId: "bush-bean/pod", first: false });
  const span = spanOf(garden, "2026-05-18");
  expect(span.from).toBe("2026-04-01");
  expect(shareOf(span, span.from)).toBe(0);
  expect(shareOf(span, "2030-01-01")).toBe(1);
});

it("matches every goal against every bag, and leaves out bags without a surface for it", () => {
  const bags = ["round-10-gal", "tower-75", "pocket-12"].map((kindId, n) => ({
    id: id(n),
    kindId,
    shape: null,
    atHand: true,
    firstSeason: null,
  }));
  const goals = [findGoal("kale/leaf")!, findGoal("tomato/bush")!];
  const [kale, tomato] = matchAll(goals, bags, "2026-02-10", setting);
  expect(kale!.cells.map((c) => c.where)).toEqual(["top", "side", "side"]);
  expect(tomato!.cells.every((c) => c.where === "top")).toBe(true);
  expect(kale!.cells[1]!.fit.plants).toBe(75);
});

it("refuses plans that contradict themselves", () => {
  const plan = planOf("bottle", planting(10, "pak-choi/leaf", "2026-05-20"));
  const complaint = (broken: unknown) => Plan.safeParse(broken).error?.issues[0]?.message;
  expect(complaint(plan)).toBeUndefined();
  expect(complaint({ ...plan, rows: [...plan.rows, { ...plan.rows[0]!, id: id(9), plantings: [] }] })).toBe(
    "bag-twice",
  );
  expect(complaint({ ...plan, bags: [] })).toBe("bag-unknown");
  expect(complaint(changePlanting(plan, id(10), { sowOn: "2026-02-30" }))).toBe("not-a-date");
  expect(complaint(changePlanting(plan, id(10), { plants: -1 }))).toBeDefined();
});

describe("the match and the plan agree", () => {
  const bags = [
    "bottle",
    "jug-6-l",
    "round-5-gal",
    "round-20-gal",
    "tub-80-l",
    "flat-1-cu-ft",
    "pocket-12",
    "tower-50",
  ].map((kindId, n) => ({ id: id(n), kindId, shape: null, atHand: true, firstSeason: null }));
  const cases = ["2026-01-20", "2026-05-18", "2026-09-10"].flatMap((day) =>
    matchAll(CROP_GOALS, bags, day, setting).map((line) => ({ day, line })),
  );

  it("on grade, plants and dates of every cell that is put into a plan", () => {
    // Every goal once, on one of the days: all of them on all days take half a minute and find no more.
    for (const { day, line } of cases.filter((_, i) => Math.floor(i / CROP_GOALS.length) === i % 3)) {
      // A wrong season is wrong on both sides, and slow to look past.
      for (const cell of line.cells.filter((c) => c.season.grade !== "wrong")) {
        const bag = bags.find((b) => b.id === cell.bagId)!;
        const own = planting(90, line.goal.id, day, {
          surface: cell.where,
          method: cell.choice.method.method,
          plants: cell.fit.plants ?? null,
        });
        const view = assessGarden(putPlanting({ bags: [bag], rows: [] }, bag.id, own, id(91)), setting)
          .rows[0]!.plantings[0]!;
        expect(
          [view.fit.grade, view.fit.limit.code, view.season.stages.firstPick],
          `${line.goal.id} in ${bag.kindId} on ${day}`,
        ).toEqual([cell.fit.grade, cell.fit.limit.code, cell.season.stages.firstPick]);
        if (cell.fit.grade !== "wrong")
          expect(view.top.length + view.sides.length).toBe(cell.fit.plants ?? 0);
      }
    }
  });

  it("on the next right day that an opened cell offers", () => {
    const wrong = cases
      .filter(({ line }) => line.season.grade === "wrong" && line.cells.length > 0)
      .slice(0, 25);
    expect(wrong.length).toBeGreaterThan(10);
    for (const { day, line } of wrong) {
      const cell = line.cells[0]!;
      const fix = openCell(
        { line, cell, bag: bags.find((b) => b.id === cell.bagId)! },
        day,
        setting,
      ).fit.fixes.find((f) => f.code === "sow-on");
      if (fix?.code !== "sow-on") continue;
      const then = matchAll([{ crop: line.crop, goal: line.goal }], bags, fix.day, setting)[0]!;
      expect(then.season.grade, `${line.goal.id} from ${day} to ${fix.day}`).toBe("right");
      expect(fix.day > day).toBe(true);
    }
  });

  it("never offers more where there is less sun, and never the top's plants on soil that the sides need", () => {
    const dim = matchAll(CROP_GOALS, bags, "2026-03-10", { ...setting, sunHours: 2 });
    const bright = matchAll(CROP_GOALS, bags, "2026-03-10", setting);
    dim.forEach((line, i) =>
      line.cells.forEach((cell, k) => {
        expect(GRADES.indexOf(cell.fit.grade)).toBeGreaterThanOrEqual(
          GRADES.indexOf(bright[i]!.cells[k]!.fit.grade),
        );
        if (cell.top && line.goal.stand.type === "plants") {
          const soil = assessGarden(
            putPlanting(
              { bags: [bags.find((b) => b.id === cell.bagId)!], rows: [] },
              cell.bagId,
              planting(90, line.goal.id, "2026-03-10", { surface: "side", plants: 1 }),
              id(91),
            ),
            setting,
          ).rows[0]!.soilL;
          const inHoles = standOn(line.goal, "side");
          const wanted =
            cell.top.plants! * line.goal.stand.soilL.least +
            (inHoles.type === "plants" ? cell.fit.plants! * inHoles.soilL.least : 0);
          expect(wanted).toBeLessThanOrEqual(soil * (1 + 1e-9));
        }
      }),
    );
  });
});
