import { beforeAll, expect, it } from "vitest";
import { highsSolver } from "@/solver/highs";
import { smallInstance } from "@/testing/planner";
import { seededRandom } from "../../chance";
import { Cuts } from "./cuts";
import { FORTNIGHTS, type Instance } from "../model/instance";
import { relaxationOf } from "./relax";
import type { Relaxation } from "./relaxation";
import { rounding } from "./rounding";
import type { Solver } from "./solver";
import { State } from "../search/state";
import { cropCap, quartersOf, stepsOf } from "../model/worth";

let solver: Solver;
beforeAll(async () => {
  solver = await highsSolver();
});

it("never says that more is over a room than is, whatever whole lumps there are", () => {
  const random = seededRandom(3);
  for (let n = 0; n < 2000; n++) {
    const room = 1 + 20 * random();
    const sizes = Array.from({ length: 3 }, () => 0.5 + 12 * random());
    const { lump, less } = rounding(room, 0.5 + 15 * random());
    const counts = sizes.map(() => Math.floor(4 * random()));
    const sum = (of: (g: number) => number) => sizes.reduce((total, g, i) => total + counts[i]! * of(g), 0);
    expect(sum(lump) - less).toBeLessThanOrEqual(Math.max(0, sum((g) => g) - room) + 1e-9);
  }
});

it("says exactly what is over when lumps are alike and as large as the step, and cuts their parts off", () => {
  const { lump, less } = rounding(10, 6);
  const over = (lumps: number) => lumps * lump(6) - less;
  expect([1, 2, 3].map(over).map((x) => Math.max(0, x))).toEqual([
    expect.closeTo(0, 9),
    expect.closeTo(2, 9),
    expect.closeTo(4, 9),
  ]);
  expect(over(10 / 6)).toBeGreaterThan(1.3);
});

/** The columns of a whole garden, food eaten and dishes beyond their caps included. */
function columnsOf(
  instance: Instance,
  { model, eaten, beyond, packetColumns }: Relaxation,
  chosen: readonly number[],
): Float64Array {
  const columns = new Float64Array(model.cost.length);
  for (let f = 0; f < FORTNIGHTS; f++) {
    instance.groups.forEach((_, group) => {
      let left = instance.baseG[f]![group]!;
      for (const i of chosen)
        for (const [fortnight, g] of instance.candidates[i]!.food)
          if (fortnight === f && instance.candidates[i]!.group === group) left += g;
      const steps = stepsOf(instance, group);
      eaten[f]![group]!.forEach(([column], s) => {
        columns[column] = Math.min(left, steps[s]!.upToG - (steps[s - 1]?.upToG ?? 0));
        left -= columns[column]!;
      });
    });
  }
  for (const i of chosen) {
    const c = instance.candidates[i]!;
    for (const [quarter, g] of quartersOf(c)) columns[beyond[c.dishIndex]![quarter]!]! += g;
  }
  instance.dishes.forEach((group, dish) =>
    beyond[dish]!.forEach(
      (column) => (columns[column] = Math.max(0, columns[column]! - cropCap(instance, group))),
    ),
  );
  instance.crops.forEach((crop, n) => {
    const seedG = chosen.reduce(
      (sum, i) => sum + (instance.candidates[i]!.cropIndex === n ? instance.candidates[i]!.seedG : 0),
      0,
    );
    if (packetColumns[n]! >= 0) columns[packetColumns[n]!] = Math.ceil(seedG / crop.packetG);
  });
  return columns;
}

it.each([
  [1, 0],
  [2, 1],
  [3, 2],
  [4, 0],
  [5, 1],
  [6, 2],
] as const)("breaks relaxed gardens of question %i in bags of %i parts, and no whole one", (seed, parts) => {
  const instance = smallInstance(seed, parts);
  const relaxation = relaxationOf(instance);
  const cuts = new Cuts(instance, relaxation);
  const open = solver.relax(relaxation.model);
  const { objective: bound, columns } = open.solve();
  open.close();
  const share = Float64Array.from(instance.candidates, (_, i) => columns[relaxation.columnOf.get(i)!]!);
  const found = cuts.brokenBy({ bound, share, reduced: share, columns });
  expect(found.length).toBeGreaterThan(0);
  const random = seededRandom(seed);
  for (let n = 0; n < 60; n++) {
    const state = new State(instance);
    for (let tries = 0; tries < 20; tries++) {
      const i = Math.floor(random() * instance.candidates.length);
      if (state.blockedBy(i) === undefined) state.add(i);
    }
    const chosen = state.chosen();
    const whole = columnsOf(instance, relaxation, chosen);
    for (const cut of found) {
      const factors = new Map(cut.candidates);
      const sum =
        cut.columns.reduce((s, [column, value]) => s + value * whole[column]!, 0) +
        chosen.reduce((s, i) => s + (factors.get(i) ?? 0), 0);
      expect(sum).toBeLessThanOrEqual(cut.upper + 1e-9);
    }
    const times = Float64Array.from(instance.candidates, (_, i) => chosen.filter((j) => j === i).length);
    expect(cuts.brokenBy({ bound, share: times, reduced: times, columns: whole })).toEqual([]);
  }
});
