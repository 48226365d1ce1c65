import * as fc from "fast-check";
import { describe, expect, it } from "vitest";
import { CROP_GOALS, findGoal } from "@/library";
import { ALL_BAGS, id, planOf, planting, settingWith } from "@/testing/garden";
import { assessGarden } from "../garden";
import { addDays, type Day } from "../day";
import type { Plan } from "../plan";
import { MEASURES_OF, progressOf, type RecordKind } from "../record";
import type { PlainSetting } from "../setting";
import { type DoneLine, SETTLED_BY, stateOn, type Task, tasksOf } from ".";

/** What a garden asks for on a day, with records of its plantings as `kind: days`. */
function asked(
  plan: Plan,
  today: Day,
  records: readonly DoneLine[] = [],
  more: Partial<PlainSetting> = {},
): Task[] {
  const happened = Object.fromEntries(
    records
      .flatMap(({ plantingId, rowId, kind, days }) => {
        const on = {
          sown: "sownOn",
          up: "upOn",
          moved: "movedOn",
          picked: "pickedOn",
          ended: "endedOn",
          filled: "filledOn",
        }[kind as "sown"];
        return on ? [[plantingId ?? rowId!, on, days[0]!] as const] : [];
      })
      .reduce((all, [of, on, day]) => all.set(of, { ...all.get(of), [on]: day }), new Map<string, object>()),
  );
  const setting = settingWith({ ...more, happened });
  return tasksOf(assessGarden(plan, setting), records, { setting, today });
}
const of = (plantingId: string, kind: RecordKind, ...days: Day[]): DoneLine => ({
  plantingId,
  rowId: null,
  kind,
  days,
});
const kinds = (tasks: readonly Task[]) => tasks.map((task) => task.kind);
const one = (tasks: readonly Task[], kind: Task["kind"]) => tasks.find((task) => task.kind === kind);

it("says for which side-by-side something is done, and how it is done here, where the ways may differ", () => {
  const beans = planting(10, "bush-bean/pod", "2026-04-20");
  const plan = planOf("round-10-gal", beans);
  const trial = { question: "Soaked or dry?", way: "soaked" };
  const tasks = asked(plan, "2026-04-20", [], { trials: { [beans.id]: trial } });
  expect(one(tasks, "sow")!.trial).toEqual(trial);
  expect(one(tasks, "pick")!.trial).toEqual(trial);
  expect(tasks.filter((task) => task.trial).every(({ kind }) => /fill|sow|move|pick|end/.test(kind))).toBe(
    true,
  );
  expect(asked(plan, "2026-04-20").some((task) => task.trial)).toBe(false);
});

describe("a raised cabbage, from the empty bag to the empty bag", () => {
  const cabbage = planting(10, "cabbage/compact", "2026-02-20", { method: "cells" });
  const plan = { ...planOf("round-7-gal", cabbage) };
  const fresh = { ...plan, bags: plan.bags.map((b) => ({ ...b, atHand: false })) };

  it("asks only for the sowing before it is sown, and tells what follows", () => {
    const tasks = asked(fresh, "2026-02-20");
    expect(stateOn(one(tasks, "sow")!, "2026-02-20")).toBe("due");
    const rest = tasks.filter((task) => task.kind !== "sow");
    expect(rest.every((task) => stateOn(task, "2026-02-20") === "coming")).toBe(true);
    // The bag is filled in the week before the seedling moves in; the seedling stands out by day in that same week.
    const [fill, harden, move] = (["fill", "harden", "move"] as const).map((kind) => one(tasks, kind)!);
    expect(fill).toMatchObject({ until: addDays(move!.from, -1), isRefresh: false });
    expect(harden).toMatchObject({ from: addDays(move!.from, -7), until: addDays(move!.from, -1) });
    expect(one(tasks, "net")).toMatchObject({ because: "cabbage-family", from: move!.from });
    // Common practice: two feeds, at planting and as heads form, two tablespoons of organic granules each.
    const feeds = tasks.filter((task) => task.kind === "feed");
    expect(feeds).toHaveLength(2);
    for (const feed of feeds) expect(feed.kind === "feed" && feed.dose.volumeL).toBeCloseTo(2 * 0.01479, 4);
    // Four days late, nobody is asked to move what was never sown.
    const late = asked(fresh, "2026-04-20");
    expect(kinds(late.filter((task) => stateOn(task, "2026-04-20") === "late"))).toContain("sow");
    expect(kinds(late)).not.toContain("move");
  });

  it("follows each record, and asks for nothing twice", () => {
    const sown = of(id(10), "sown", "2026-02-24");
    expect(kinds(asked(fresh, "2026-02-26", [sown]))).not.toContain("sow");
    const moved = [sown, of(id(10), "moved", "2026-04-01")];
    const after = asked(fresh, "2026-04-02", moved);
    for (const gone of ["sow", "up", "harden", "move", "fill"])
      expect(kinds(after), gone).not.toContain(gone);
    expect(stateOn(one(after, "feed")!, "2026-04-02")).toBe("due");
    expect(one(after, "water")).toMatchObject({ kind: "water" });
    const fed = asked(fresh, "2026-04-02", [...moved, of(id(10), "fed", "2026-04-02")]);
    expect(fed.filter((task) => task.kind === "feed")).toHaveLength(1);
    const rowId = plan.rows[0]!.id;
    const netted = asked(fresh, "2026-04-02", [
      ...moved,
      { plantingId: null, rowId, kind: "covered", days: ["2026-04-01"] },
    ]);
    expect(kinds(netted)).not.toContain("net");
    const picked = asked(fresh, "2026-06-20", [...moved, of(id(10), "picked", "2026-06-18")]);
    expect(kinds(picked)).toContain("end");
    expect(kinds(picked)).not.toContain("pick");
    const ended = asked(fresh, "2026-06-20", [
      ...moved,
      of(id(10), "picked", "2026-06-18"),
      of(id(10), "ended", "2026-06-19"),
    ]);
    expect(kinds(ended)).toEqual(["empty"]);
  });
});

it("asks for no step again that happened before this season's records begin", () => {
  const strawberry = planting(10, "strawberry/everbearing", "2024-03-10", { plants: 1 });
  const plan = planOf("round-5-gal", strawberry);
  const happened = { [id(10)]: { sownOn: "2024-03-10", movedOn: "2024-04-20", pickedOn: "2024-06-01" } };
  const setting = settingWith({ happened });
  const today = "2026-05-18";
  const old = kinds(tasksOf(assessGarden(plan, setting), [], { setting, today }));
  for (const step of ["sow", "up", "harden", "move"]) expect(old).not.toContain(step);
});

it("asks for a net over what stands for weeks, from its own day on, and not over what is eaten before eggs hatch", () => {
  const on = (goalId: string, plants: number) =>
    kinds(asked(planOf("round-5-gal", planting(10, goalId, "2026-05-20", { plants })), "2026-05-20", []));
  expect(on("radish/root", 9)).toContain("net");
  expect(on("radish/microgreens", 1)).not.toContain("net");
});

it("says that a sowing is due and late in the same days as the lists do", () => {
  const plan = planOf("round-10-gal", planting(10, "radish/root", "2026-05-10", { plants: 9 }));
  const sow = one(asked(plan, "2026-05-18"), "sow")!;
  const found = findGoal("radish/root")!;
  const method = found.goal.methods.find((m) => m.method === plan.rows[0]!.plantings[0]!.method)!;
  const { waiting } = progressOf(
    { ...found, method, sowOn: "2026-05-10", plants: 9, records: [] },
    settingWith().climate,
  );
  expect(waiting).toEqual({ task: "sow", from: sow.from, until: sow.until });
});

it("waters by what each bag draws: nothing of what stands in a tray, and not again before the bag is drawn down", () => {
  const tomato = planting(10, "tomato/bush", "2026-05-01", { method: "bought" });
  const plan = planOf("round-5-gal", tomato);
  const rowId = plan.rows[0]!.id;
  const sown = of(id(10), "sown", "2026-05-01");
  expect(one(asked(plan, "2026-07-10"), "water")).toBeUndefined();
  const now = one(asked(plan, "2026-07-10", [sown]), "water")!;
  expect(now).toMatchObject({ from: "2026-07-10" });
  if (now.kind !== "water") throw new Error("no water");
  // Common practice: a 5 gal bag in full leaf takes 4 to 11 L a time, every few days, daily in heat.
  expect(now.litres).toBeGreaterThan(1.5);
  expect(now.litres).toBeLessThan(11.4);
  expect(now.everyDays).toBeLessThan(7);
  const watered: DoneLine = { plantingId: null, rowId, kind: "watered", days: ["2026-07-10"] };
  const next = one(asked(plan, "2026-07-10", [sown, watered]), "water")!;
  expect(stateOn(next, "2026-07-10")).toBe("coming");
  expect(next.from).toBe(addDays("2026-07-10", Math.max(1, now.everyDays)));
});

it("thins step by step, fills only what was never filled, and tops it up once it has settled", () => {
  const carrot = planting(10, "carrot/root", "2026-04-01", { method: "broadcast" });
  const plan = planOf("tub-80-l", carrot);
  const steps =
    findGoal("carrot/root")!.goal.methods.find((m) => m.method === "broadcast")?.thin?.length ?? 0;
  expect(steps).toBeGreaterThan(0);
  const sown = of(id(10), "sown", "2026-04-01");
  const thins = (records: DoneLine[]) =>
    asked(plan, "2026-05-20", records).filter((task) => task.kind === "thin");
  expect(thins([sown])).toHaveLength(steps);
  expect(thins([sown, of(id(10), "thinned", "2026-05-12")])).toHaveLength(steps - 1);
  const toBuy = { ...plan, bags: plan.bags.map((b) => ({ ...b, atHand: false })) };
  const rowId = plan.rows[0]!.id;
  expect(one(asked(toBuy, "2026-03-26"), "fill")).toMatchObject({ until: "2026-03-31" });
  const filled: DoneLine = { plantingId: null, rowId, kind: "filled", days: ["2026-03-26"] };
  expect(one(asked(toBuy, "2026-03-28", [filled]), "fill")).toBeUndefined();
  expect(one(asked(toBuy, "2026-03-28", [filled]), "top-up")).toMatchObject({ from: "2026-03-27" });
  expect(
    asked(toBuy, "2026-03-28", [filled, { ...filled, kind: "topped-up", days: ["2026-03-28"] }]).some(
      (t) => t.kind === "top-up",
    ),
  ).toBe(false);
});

it("never asks for what a record says, nor twice for one thing, whatever stands in whichever bag", () => {
  fc.assert(
    fc.property(
      fc.record({
        goal: fc.constantFrom(...CROP_GOALS.map(({ goal }) => goal.id)),
        bag: fc.constantFrom(...ALL_BAGS.map((b) => b.kindId)),
        sown: fc.integer({ min: 0, max: 300 }),
        later: fc.integer({ min: 0, max: 200 }),
        done: fc.uniqueArray(
          fc.constantFrom<RecordKind>("sown", "up", "moved", "staked", "picked", "ended"),
          { maxLength: 6 },
        ),
      }),
      ({ goal, bag, sown, later, done }) => {
        const sowOn = addDays("2026-01-01", sown);
        const today = addDays(sowOn, later);
        const plan = planOf(bag, planting(10, goal, sowOn));
        const records = done.map((kind) => of(id(10), kind, today));
        const tasks = asked(plan, today, records);
        expect(new Set(tasks.map((task) => task.id)).size).toBe(tasks.length);
        for (const task of tasks) {
          expect(task.from <= task.until).toBe(true);
          const settledBy = SETTLED_BY[task.kind];
          expect(settledBy === undefined || settledBy in MEASURES_OF).toBe(true);
          if (task.plantingId && ["sow", "up", "move", "stake", "end"].includes(task.kind))
            expect(done, `${task.kind} of ${goal}`).not.toContain(settledBy);
        }
        if (done.includes("ended")) expect(tasks.every((task) => task.plantingId === undefined)).toBe(true);
      },
    ),
    { numRuns: 150, seed: 7 },
  );
});
