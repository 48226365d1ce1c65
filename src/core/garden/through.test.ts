import * as fc from "fast-check";
import { describe, expect, it } from "vitest";
import { CROP_GOALS, findGoal, findMix } from "@/library";
import { id, planOf, planting, settingWith } from "@/testing/garden";
import { adviceFor } from "../advice";
import { sunHoursOn } from "../course";
import { assessGarden, changeOf, curesFor, isTooHeavy } from ".";
import {
  changePlanting,
  changeRow,
  comparePlans,
  copyRow,
  movePlanting,
  nudgeBag,
  Plan,
  type Planting,
  rehouse,
  sowAgain,
  swapBags,
} from "../plan";
import { GRADES } from "../fit";
import { findSpots, groundOf } from "../floor";
import { matchAll, orderLines, passesTaste, plantingOf } from "../match";
import { addDays, dayNumber } from "../day";
import { pricesBy } from "../money";
import { openingsOf } from "../sun";

const setting = settingWith({ mix: findMix("potting-mix-and-manure")! });
const row = (plan: Plan) => assessGarden(plan, setting).rows[0]!;

describe("plantings of one bag through time", () => {
  const heads = planting(10, "cauliflower/baby", "2026-01-30", { plants: 3 });
  const peas = planting(11, "pea/pod", "2026-01-10", { plants: 8, surface: "edge" });

  it("let slow heads and climbers pass each other when the climbers are out in time", () => {
    const dated = { ...peas, outBy: "2026-04-02" };
    expect(row(planOf("tub-80-l", heads, dated)).clashes).toEqual([]);
    const late = row(planOf("tub-80-l", heads, peas));
    expect(late.clashes.map((c) => c.code)).toContain("room");
    const [clash] = late.clashes;
    expect(clash).toMatchObject({ goalId: "cauliflower/baby", otherGoalId: "pea/pod" });
    expect(clash!.need).toBeGreaterThan(clash!.have);
    const cure = curesFor(late, clash!, setting).find((c) => c.code === "out-by");
    if (cure?.code !== "out-by") throw new Error("no way out in time is offered");
    expect(cure).toMatchObject({ goalId: "pea/pod" });
    expect(cure.day < clash!.from && cure.day >= addDays(clash!.from, -4)).toBe(true);
  });

  it("are cured by every change that is offered", () => {
    const plan = planOf("tub-80-l", heads, { ...peas, plants: 12 });
    const before = row(plan);
    expect(before.clashes.length).toBeGreaterThan(0);
    for (const clash of before.clashes) {
      for (const cure of curesFor(before, clash, setting)) {
        const after = row(changePlanting(plan, cure.plantingId, changeOf(cure)));
        expect(after.clashes.some((c) => c.code === clash.code && c.otherId === clash.otherId)).toBe(false);
        expect(after.clashes.length).toBeLessThan(before.clashes.length);
      }
    }
  });

  it("share soil down to the least of each, and clash only below that", () => {
    const beans = (n: number, plants: number) =>
      planting(n, "bush-bean/pod", "2026-05-10", { plants, surface: n % 2 ? "edge" : "top" });
    const fits = row(planOf("round-10-gal", beans(10, 8), beans(11, 8)));
    expect(fits.plantings.map((p) => p.fit.limits.find((l) => l.code === "soil")!.grade)).toEqual([
      "tight",
      "tight",
    ]);
    expect(fits.clashes.filter((c) => c.code === "soil")).toEqual([]);
    const over = row(planOf("round-10-gal", beans(10, 10), beans(11, 10)));
    expect(over.clashes.filter((c) => c.code === "soil")).toHaveLength(1);
    expect(over.plantings.map((p) => p.fit.limits.find((l) => l.code === "soil")!.grade)).toEqual([
      "wrong",
      "wrong",
    ]);
  });

  it("keep to their halves of a top without a clash, and have half of it each when they are sown dense", () => {
    const kale = planting(10, "pak-choi/leaf", "2026-04-01", { plants: 3, surface: "first-half" });
    const carrots = planting(11, "carrot/root", "2026-04-01", { plants: 12, surface: "second-half" });
    for (const kind of ["round-15-gal", "tub-80-l"])
      expect(row(planOf(kind, kale, carrots)).clashes).toEqual([]);
    const salads = row(
      planOf(
        "flat-1.5-cu-ft",
        planting(10, "lettuce/baby-leaf", "2026-04-01", { plants: null, surface: "first-half" }),
        planting(11, "rocket/baby-leaf", "2026-04-01", { plants: null, surface: "second-half" }),
      ),
    );
    const alone = row(
      planOf("flat-1.5-cu-ft", planting(10, "lettuce/baby-leaf", "2026-04-01", { plants: null })),
    );
    expect(salads.plantings.map((p) => p.patch!.areaCm2)).toEqual([
      alone.plantings[0]!.patch!.areaCm2 / 2,
      alone.plantings[0]!.patch!.areaCm2 / 2,
    ]);
    // Dropped onto a part, a crop is planted for that part.
    const into = row(planOf("tub-80-l", planting(12, "radish/root", "2026-04-01", { plants: 5 })));
    const [whole, half, edge] = [undefined, "first-half", "edge"].map((on) =>
      plantingOf(
        { ...findGoal("pak-choi/leaf")!, on: on as Planting["surface"] | undefined },
        into,
        "2026-06-01",
        setting,
      )!,
    );
    expect(half).toMatchObject({ surface: "first-half", goalId: "pak-choi/leaf" });
    expect(half!.plants).toBeLessThan(whole!.plants!);
    expect(half!.plants).toBeGreaterThan(0);
    expect(edge).toMatchObject({ surface: "edge", plants: 4 });
    expect(
      plantingOf({ ...findGoal("carrot/root")!, on: "side" }, into, "2026-06-01", setting),
    ).toBeUndefined();
    expect(
      salads.plantings[0]!.ground!.every((p) => p.x < 0) &&
        salads.plantings[1]!.ground!.every((p) => p.x >= 0),
    ).toBe(true);
  });

  it("name the shade of tall stands over short ones", () => {
    const corn = planting(10, "sweet-corn/cob", "2026-05-20", { plants: 4 });
    const salad = planting(11, "lettuce/baby-leaf", "2026-07-01", { plants: null });
    const shaded = assessGarden(
      planOf("round-15-gal", corn, salad),
      settingWith({ sunHours: 1, openSky: 0.3 }),
    ).rows[0]!;
    expect(shaded.clashes.map((c) => [c.code, c.goalId, c.otherGoalId])).toContainEqual([
      "light",
      "lettuce/baby-leaf",
      "sweet-corn/cob",
    ]);
    expect(row(planOf("round-15-gal", corn, { ...salad, sowOn: "2026-10-01" })).clashes).toEqual([]);
  });

  it("count side holes once", () => {
    const kale = planting(10, "kale/leaf", "2026-03-02", { plants: 50, surface: "side" });
    const chard = planting(11, "chard/leaf", "2026-03-02", { plants: 30, surface: "side" });
    expect(row(planOf("tower-75", kale, chard)).clashes).toMatchObject([
      { code: "holes", need: 80, have: 75 },
    ]);
    expect(
      row(planOf("tower-75", kale, { ...chard, plants: 25 })).clashes.filter((c) => c.code === "holes"),
    ).toEqual([]);
  });

  it("sow two kinds dense side by side, each on its half", () => {
    const [a, b] = row(
      planOf(
        "flat-1.5-cu-ft",
        planting(10, "lettuce/baby-leaf", "2026-03-10", { plants: null }),
        planting(11, "spinach/baby-leaf", "2026-03-10", { plants: null }),
      ),
    ).plantings;
    const [whole] = row(
      planOf("flat-1.5-cu-ft", planting(10, "lettuce/baby-leaf", "2026-03-10", { plants: null })),
    ).plantings;
    expect([a!.patch, b!.patch]).toMatchObject([
      { index: 0, of: 2 },
      { index: 1, of: 2 },
    ]);
    expect(a!.fit.sown!.areaCm2).toBeCloseTo(whole!.fit.sown!.areaCm2 / 2, 9);
    expect(a!.fit.sown!.areaCm2 + b!.fit.sown!.areaCm2).toBeCloseTo(60 * 32, 9);
  });

  it("grow a quick crop round a slow one until that closes over it", () => {
    const cabbage = planting(10, "cabbage/standard", "2026-01-10", { plants: 1 });
    const radish = (sowOn: string) => planting(11, "radish/root", sowOn, { plants: 10, surface: "edge" });
    expect(row(planOf("round-10-gal", cabbage, radish("2026-02-10"))).clashes).toEqual([]);
    expect(row(planOf("round-10-gal", cabbage, radish("2026-04-20"))).clashes.length).toBeGreaterThan(0);
  });

  it("never clash when they stand alone, whatever and whenever", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...CROP_GOALS),
        fc.integer({ min: 0, max: 364 }),
        fc.integer({ min: 1, max: 9 }),
        ({ goal }, day, plants) => {
          const alone = planting(10, goal.id, addDays("2026-01-01", day), {
            plants: goal.stand.type === "dense" ? null : plants,
            surface: goal.where[0]!,
          });
          expect(row(planOf("tower-75", alone)).clashes.filter((c) => c.otherId === alone.id)).toEqual([]);
        },
      ),
      { numRuns: 40 },
    );
  });
});

it("rolls a fabric bag down, and only that", () => {
  const plan = planOf("round-10-gal", planting(10, "lettuce/head", "2026-03-01"));
  const half = row(changeRow(plan, id(2), { rolledToCm: 22 }));
  expect(half.depthCm).toBe(17);
  expect(half.soilL).toBeCloseTo(row(plan).soilL * (17 / 25), 6);
  const tub = planOf("tub-80-l");
  expect(row(changeRow(tub, id(2), { rolledToCm: 20 })).soilL).toBe(row(tub).soilL);
});

it("advises on families, fresh mix, worn bags and empty ones", () => {
  const cabbage = planting(10, "cabbage/compact", "2026-05-20", { method: "bought" });
  const kale = planting(11, "kale/leaf", "2026-09-20", { method: "bought" });
  const advice = adviceFor(assessGarden(planOf("round-10-gal", cabbage, kale), setting), "2026-05-18");
  expect(advice.map((a) => a.code)).toEqual(["same-family", "refresh-mix"]);
  expect(advice[0]).toMatchObject({
    goalId: "kale/leaf",
    beforeGoalId: "cabbage/compact",
    family: "Brassicaceae",
  });
  const old = planOf("round-10-gal");
  expect(
    adviceFor(
      assessGarden({ ...old, bags: old.bags.map((b) => ({ ...b, firstSeason: 2019 })) }, setting),
      "2026-05-18",
    ).map((a) => a.code),
  ).toEqual(["bag-worn", "stands-empty"]);
});

describe("sun through the year", () => {
  const seenOn = "2026-06-21";
  // A place that faces north sees the sun only round midsummer, early and late.
  const north = settingWith({
    sunHours: 6,
    faces: 0,
    sunSeenOn: seenOn,
    sky: openingsOf({ seen: [{ from: 5, to: 11 }], latitude: 37, seenOn, faces: 0 }),
  });
  const sunOf = (sowOn: string, setting = north) =>
    assessGarden(
      planOf("round-10-gal", planting(10, "lettuce/leaf", sowOn, { method: "bought" })),
      setting,
    ).rows[0]!.plantings[0]!.fit.limits.find((l) => l.code === "light")!;

  it("is that of the survey in its own season, and less in winter on a north side", () => {
    const [summer, winter] = [sunOf("2026-06-10"), sunOf("2026-11-20")].map((l) =>
      l.code === "light" ? l.have : Number.NaN,
    );
    // No sun comes round in winter: what is left is what half the sky sends, about 5 mol of some 15 outdoors.
    expect(summer).toBeGreaterThan(12);
    expect(Math.abs(winter! - 5)).toBeLessThan(1);
    expect(sunOf("2026-11-20").grade).toBe("wrong");
  });

  it("is that of the survey all the year where nobody knows which way the place faces", () => {
    const place = settingWith({ sunHours: 6 });
    for (const day of ["2026-06-21", "2026-11-20"]) expect(sunHoursOn(place, dayNumber(day))).toBe(6);
    expect(sunHoursOn(settingWith({ sunHours: 13 }), dayNumber("2026-12-21"))).toBeLessThan(10);
  });

  it("judges a match as it judges the plan", () => {
    const [line] = matchAll(
      CROP_GOALS.filter((g) => g.goal.id === "lettuce/leaf"),
      planOf("round-10-gal").bags,
      "2026-11-20",
      north,
    );
    expect(line!.cells[0]!.fit.limits.find((l) => l.code === "light")).toMatchObject({
      code: "light",
      grade: "wrong",
    });
  });
});

describe("edits by hand", () => {
  const plan = planOf(
    "round-10-gal",
    planting(10, "pak-choi/leaf", "2026-05-20", { plants: 5, outBy: "2026-07-20" }),
  );
  const ids = () => {
    let n = 100;
    return () => id(n++);
  };

  it("move a planting with its end, sow it again, copy its row, swap bags and rehouse it", () => {
    expect(movePlanting(plan, id(10), 7).rows[0]!.plantings[0]).toMatchObject({
      sowOn: "2026-05-27",
      outBy: "2026-07-27",
    });
    expect(movePlanting(movePlanting(plan, id(10), 7), id(10), -7)).toEqual(plan);
    expect(
      sowAgain(plan, id(10), { everyDays: 21, times: 2 }, ids()).rows[0]!.plantings.map((p) => p.sowOn),
    ).toEqual(["2026-05-20", "2026-06-10", "2026-07-01"]);
    const two = copyRow(plan, id(2), ids());
    expect(Plan.safeParse(two).success).toBe(true);
    expect(two.rows.map((r) => r.plantings.length)).toEqual([1, 1]);
    const swapped = swapBags(two, two.rows[0]!.id, two.rows[1]!.id);
    expect(swapped.rows.map((r) => r.bagId)).toEqual([two.rows[1]!.bagId, two.rows[0]!.bagId]);
    expect(swapBags(swapped, two.rows[0]!.id, two.rows[1]!.id)).toEqual(two);
    const moved = rehouse(two, id(10), two.rows[1]!.id);
    expect(moved.rows.map((r) => r.plantings.length)).toEqual([0, 2]);
    expect(comparePlans(two, moved)).toMatchObject({
      added: [],
      removed: [],
      changed: [{ after: { id: id(10) } }],
    });
    expect(comparePlans(plan, sowAgain(plan, id(10), { everyDays: 21, times: 1 }, ids())).added).toHaveLength(
      1,
    );
  });

  it("find spots for bags that have none, and leave the others where they stand", () => {
    const placed = settingWith({ floor: { lengthCm: 320, widthCm: 110 }, faces: 135, limitKgM2: 195 });
    const before = copyRow(plan, id(2), ids());
    const spotted = findSpots(before, assessGarden(before, placed), placed);
    expect(spotted.bags.every((b) => b.spot !== undefined)).toBe(true);
    expect(groundOf(assessGarden(spotted, placed), placed, "2026-06-21")!.faults).toEqual([]);
    expect(findSpots(spotted, assessGarden(spotted, placed), placed)).toEqual(spotted);
    expect(groundOf(assessGarden(spotted, setting), setting, "2026-06-21")).toBeUndefined();
  });
});

it("orders and filters the match by tastes and by worth", () => {
  const wants = { groups: { greens: "daily", fruits: "never" }, must: ["pea"], never: ["kale"] } as const;
  const eaters = settingWith({
    wants: { groups: wants.groups, must: [...wants.must], never: [...wants.never] },
    prices: pricesBy([{ item: "market/pea", minor: 650, size: 1 }]),
  });
  const lines = matchAll(CROP_GOALS, planOf("round-10-gal").bags, "2026-03-01", eaters);
  const order = orderLines(lines, "tastes", eaters).map((l) => l.crop.id);
  expect(order[0]).toBe("pea");
  expect(order.indexOf("spinach")).toBeLessThan(order.indexOf("tomato"));
  const best = orderLines(lines, "fit", eaters);
  const gradeOf = (l: (typeof lines)[number]) => Math.min(...l.cells.map((c) => GRADES.indexOf(c.fit.grade)));
  // Shoots fit anywhere: they stand after all that fits as well.
  for (const [i, line] of best.entries())
    if (line.goal.kind === "microgreen")
      for (const later of best.slice(i).filter((l) => l.goal.kind !== "microgreen"))
        expect(gradeOf(later)).toBeGreaterThan(gradeOf(line));
  expect(orderLines(lines, "money", eaters)[0]!.crop.id).toBe("pea");
  const liked = lines.filter((l) => passesTaste(l, "liked", eaters)).map((l) => l.crop.id);
  expect(liked).not.toContain("kale");
  expect(liked).not.toContain("tomato");
  expect(
    lines
      .filter((l) => passesTaste(l, "often", eaters))
      .every(
        (l) =>
          ["pea"].includes(l.crop.id) || ["leaf", "baby-leaf", "tops", "microgreen"].includes(l.goal.kind),
      ),
  ).toBe(true);
});

describe("a bag that is nudged", () => {
  const placed = (spot?: { xCm: number; yCm: number; turned: boolean }) => ({
    ...planOf("tub-80-l"),
    bags: [{ ...planOf("tub-80-l").bags[0]!, ...(spot && { spot }) }],
  });
  it("goes from where it stands and back again, turns in its place, and stays away where it stands nowhere", () => {
    const plan = placed({ xCm: 100.1, yCm: 90, turned: false });
    const there = nudgeBag(nudgeBag(plan, id(1), [-5, 0]), id(1), [0, 5]);
    expect(there.bags[0]!.spot).toEqual({ xCm: 95.1, yCm: 95, turned: false });
    expect(nudgeBag(nudgeBag(there, id(1), [0, -5]), id(1), [5, 0])).toEqual(plan);
    expect(nudgeBag(plan, id(1), "turn").bags[0]!.spot).toEqual({ xCm: 100.1, yCm: 90, turned: true });
    expect(nudgeBag(placed(), id(1), [5, 0])).toEqual(placed());
    expect(nudgeBag(plan, id(9), [5, 0])).toEqual(plan);
  });
});

it("says that a bag is too heavy for its spot, or for its hook, and for nothing that nobody has a limit for", () => {
  const heavy = (kindId: string, more: Parameters<typeof settingWith>[0]) =>
    isTooHeavy(assessGarden(planOf(kindId), settingWith(more)).rows[0]!);
  expect([
    heavy("tower-75", { limitKgM2: 195 }),
    heavy("round-5-gal", { limitKgM2: 195 }),
    heavy("tower-75", {}),
  ]).toEqual([true, false, false]);
  expect([
    heavy("pocket-12", { hooks: { limitKg: 5 } }),
    heavy("pocket-12", { hooks: { limitKg: 60 } }),
    heavy("pocket-12", {}),
  ]).toEqual([true, false, false]);
});
