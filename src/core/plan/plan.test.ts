import * as fc from "fast-check";
import { describe, expect, it } from "vitest";
import { id, planOf, planting } from "@/testing/garden";
import {
  addBag,
  changeBag,
  changePlanting,
  changeRow,
  comparePlans,
  copyRow,
  EMPTY_PLAN,
  halfOf,
  movePlanting,
  nudgeBag,
  type Plan,
  Plan as PlanSchema,
  putPlanting,
  rehouse,
  removePlanting,
  removeRow,
  sowAgain,
  swapBags,
} from ".";

const bag = (n: number, atHand = false) => ({
  ...{ id: id(n), kindId: "round-7-gal", shape: null, atHand, firstSeason: null },
});
const chard = (n: number) => planting(n, "chard/leaf", "2026-04-10", { plants: 2 });
const plantings = (plan: Plan) => plan.rows.flatMap((row) => row.plantings);

/** Edits by number, each on what the plan has at that moment. */
const edits = (newId: () => string): ((plan: Plan, pick: number) => Plan)[] => {
  const rowOf = (plan: Plan, n: number) => plan.rows[n % Math.max(1, plan.rows.length)]?.id ?? "none";
  const of = (plan: Plan, n: number) =>
    plantings(plan)[n % Math.max(1, plantings(plan).length)]?.id ?? "none";
  return [
    (plan, n) => addBag(plan, { ...bag(1, n % 2 === 0), id: newId() }, newId()),
    (plan, n) => {
      const row = plan.rows[n % Math.max(1, plan.rows.length)];
      return row ? putPlanting(plan, row.bagId, { ...chard(1), id: newId() }, newId()) : plan;
    },
    (plan, n) => copyRow(plan, rowOf(plan, n), newId),
    (plan, n) => removeRow(plan, rowOf(plan, n)),
    (plan, n) => removePlanting(plan, of(plan, n)),
    (plan, n) => swapBags(plan, rowOf(plan, n), rowOf(plan, n + 1)),
    (plan, n) => rehouse(plan, of(plan, n), rowOf(plan, n + 1)),
    (plan, n) => sowAgain(plan, of(plan, n), { everyDays: 14, times: n % 3 }, newId),
    (plan, n) => movePlanting(plan, of(plan, n), n - 20),
    (plan, n) => changeRow(plan, rowOf(plan, n), { gapCm: n }),
  ];
};

it("stays a plan that can be stored, whatever is done to it: each row has its bag, and no id stands twice", () => {
  fc.assert(
    fc.property(fc.array(fc.tuple(fc.nat(9), fc.nat(40)), { maxLength: 40 }), (done) => {
      let n = 100;
      const all = edits(() => id(n++));
      const plan = done.reduce((p, [which, pick]) => all[which]!(p, pick), EMPTY_PLAN as Plan);
      expect(PlanSchema.safeParse(plan).success).toBe(true);
      const bags = new Set(plan.bags.map((b) => b.id));
      expect(plan.rows.every((row) => bags.has(row.bagId))).toBe(true);
      expect(new Set(plan.rows.map((row) => row.bagId)).size).toBe(plan.rows.length);
      const ids = [...plan.bags, ...plan.rows, ...plantings(plan)].map((thing) => thing.id);
      expect(new Set(ids).size).toBe(ids.length);
    }),
    { numRuns: 200 },
  );
});

describe("an edit", () => {
  const two = addBag(planOf("round-10-gal", chard(10), chard(11)), bag(3), id(4));

  it("is undone by its opposite", () => {
    expect(swapBags(swapBags(two, id(2), id(4)), id(2), id(4))).toEqual(two);
    expect(movePlanting(movePlanting(two, id(10), 9), id(10), -9)).toEqual(two);
    expect(rehouse(rehouse(two, id(11), id(4)), id(11), id(2))).toEqual(two);
    expect(removeRow(addBag(two, bag(5), id(6)), id(6))).toEqual(two);
  });

  it("of what is not there changes nothing", () => {
    for (const plan of [
      movePlanting(two, id(99), 3),
      rehouse(two, id(10), id(99)),
      swapBags(two, id(2), id(99)),
      copyRow(two, id(99), () => id(50)),
      sowAgain(two, id(99), { everyDays: 7, times: 2 }, () => id(50)),
      changePlanting(two, id(99), { plants: 9 }),
    ])
      expect(plan).toEqual(two);
  });

  it("keeps a bag that the household has when its row goes, and not one that was to be bought", () => {
    const kept = changeBag(two, id(3), { atHand: true });
    expect(removeRow(kept, id(4)).bags.map((b) => b.id)).toContain(id(3));
    expect(removeRow(two, id(4)).bags.map((b) => b.id)).not.toContain(id(3));
  });

  it("copies a row as one that is still to buy, stands nowhere and is not held fast", () => {
    const placed = changeRow(changeBag(two, id(1), { spot: { xCm: 50, yCm: 40, turned: false } }), id(2), {
      pinned: true,
    });
    let n = 60;
    const copied = copyRow(placed, id(2), () => id(n++));
    expect(copied.bags.at(-1)).toMatchObject({ atHand: false, firstSeason: null });
    expect(copied.bags.at(-1)!.spot).toBeUndefined();
    expect(copied.rows.at(-1)!.pinned).toBeUndefined();
    expect(copied.rows.at(-1)!.plantings.map(({ id: _, ...rest }) => rest)).toEqual(
      two.rows[0]!.plantings.map(({ id: _, ...rest }) => rest),
    );
  });

  it("sows again without the meal that only the first is for, and moves that meal with its sowing", () => {
    const wanted = changePlanting(two, id(10), { outBy: "2026-06-01" });
    let n = 70;
    const again = sowAgain(wanted, id(10), { everyDays: 10, times: 2 }, () => id(n++));
    const own = again.rows[0]!.plantings.slice(-2);
    expect(own.map(({ sowOn, outBy }) => [sowOn, outBy])).toEqual([
      ["2026-04-20", undefined],
      ["2026-04-30", undefined],
    ]);
    expect(plantings(movePlanting(wanted, id(10), 5))[0]).toMatchObject({
      sowOn: "2026-04-15",
      outBy: "2026-06-06",
    });
  });

  it("moves a bag by a tenth of a centimetre at least, turns it in its place, and leaves one that stands nowhere", () => {
    const placed = changeBag(two, id(1), { spot: { xCm: 50, yCm: 40, turned: false } });
    const spot = (plan: Plan) => plan.bags[0]!.spot;
    expect(spot(nudgeBag(placed, id(1), [0.14, -0.26]))).toEqual({ xCm: 50.1, yCm: 39.7, turned: false });
    expect(spot(nudgeBag(placed, id(1), "turn"))).toEqual({ xCm: 50, yCm: 40, turned: true });
    expect(nudgeBag(two, id(1), [10, 0])).toEqual(two);
  });
});

it("says what two states differ in, and the other way round what was added was taken out", () => {
  const before = planOf("round-10-gal", chard(10), chard(11));
  const after = removePlanting(
    putPlanting(changePlanting(before, id(10), { plants: 3 }), id(1), chard(12), id(9)),
    id(11),
  );
  const there = comparePlans(before, after);
  const back = comparePlans(after, before);
  expect(there.added.map((p) => p.id)).toEqual([id(12)]);
  expect(there.removed.map((p) => p.id)).toEqual([id(11)]);
  expect(there.changed).toEqual([
    { before: before.rows[0]!.plantings[0], after: after.rows[0]!.plantings[0] },
  ]);
  expect([back.added, back.removed]).toEqual([there.removed, there.added]);
  expect(comparePlans(before, before)).toEqual({ added: [], removed: [], changed: [] });
  // The same planting in another bag has changed.
  const moved = rehouse(addBag(before, bag(3), id(4)), id(10), id(4));
  expect(comparePlans(before, moved).changed.map(({ after: p }) => p.id)).toEqual([id(10)]);
});

it("keeps to a half of the top, or to none", () => {
  expect(halfOf({ surface: "top" })).toBeUndefined();
  expect(halfOf({ surface: "side" })).toBeUndefined();
  expect(halfOf({ surface: "first-half" })).toBe("first-half");
});
