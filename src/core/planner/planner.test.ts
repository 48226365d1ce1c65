import { beforeAll, describe, expect, it } from "vitest";
import { highsSolver } from "@/solver/highs";
import { handInstance, last, smallInstance } from "@/testing/planner";
import { type Instance, relax, solve, type Solver, State } from ".";
import { FORTNIGHTS, LANES } from "./model/instance";
import { cropCap, foodWorth } from "./model/worth";
import { bagsOf, laneOf } from "./search/assign";

let solver: Solver;
beforeAll(async () => {
  solver = await highsSolver();
});

/** The best of all gardens that keep the limits, each planting once or not: tried one by one. */
function bruteForce(instance: Instance): number {
  let best = Number.NEGATIVE_INFINITY;
  const walk = (state: State, next: number) => {
    best = Math.max(best, state.worth());
    for (let i = next; i < instance.candidates.length; i++) {
      if (state.blockedBy(i) !== undefined) continue;
      const more = state.copy();
      more.add(i);
      walk(more, i);
    }
  };
  walk(new State(instance), 0);
  return best;
}

/** Every bag holds one planting in a part of it at a time, and is whole or split, not both. */
function expectAssigned(state: State): void {
  const { classes, candidates } = state.instance;
  const bags = bagsOf(state);
  expect(bags.flatMap((bag) => LANES.flatMap((part) => bag.parts[part])).sort()).toEqual(
    state.chosen().sort(),
  );
  for (const bag of bags) {
    for (const part of LANES) {
      const own = bag.parts[part].map((i) => candidates[i]!).sort((a, b) => a.from - b.from);
      own.forEach((c, i) => {
        expect(c.lane).toBe(laneOf(classes[bag.classIndex]!, part));
        if (i > 0) expect(c.from).toBeGreaterThanOrEqual(own[i - 1]!.end);
      });
    }
    expect(
      bag.parts.top.length > 0 && bag.parts["first-half"].length + bag.parts["second-half"].length > 0,
    ).toBe(false);
  }
}

describe("the search against all gardens there are", () => {
  it.each([
    [1, 0],
    [2, 0],
    [3, 0],
    [4, 1],
    [5, 1],
    [6, 2],
    [7, 2],
  ] as const)(
    "finds the best of small question %i in bags of %i parts, and no bound lies below it",
    (seed, parts) => {
      const instance = smallInstance(seed, parts);
      const best = bruteForce(instance);
      const { state, bound } = last(solve(instance, solver, { rounds: 200, seed: 1 }));
      expect(state.worth()).toBeCloseTo(best, 6);
      expect(bound).toBeCloseTo(relax(instance, solver)!.bound, 6);
      expect(bound).toBeGreaterThan(best);
      expectAssigned(state);
    },
  );

  it.each([
    [1, 1],
    [2, 1],
    [3, 2],
    [4, 2],
    [5, 2],
  ] as const)(
    "gives every planting of question %i a bag of %i parts, however much they shade each other",
    (seed, parts) => {
      const instance = {
        ...smallInstance(seed, parts),
        shade: () => 1,
        budgetMinor: undefined,
        loadKg: undefined,
        floorM2: 9,
        waterL: undefined,
        cells: undefined,
      };
      const dim = { ...instance, candidates: instance.candidates.map((c) => ({ ...c, spareLight: 0.5 })) };
      const state = new State(dim);
      for (let i = 0; i < 40; i++) if (state.blockedBy(i % 12) === undefined) state.add(i % 12);
      expect(state.chosen().length).toBeGreaterThan(6);
      expectAssigned(state);
    },
  );

  it.each([1, 2])(
    "finds a garden, and no bound below the best, though the solver fails from its run %i on",
    (from) => {
      const instance = smallInstance(4, 1);
      const best = bruteForce(instance);
      let runs = 0;
      const failing: Solver = {
        ...solver,
        relax(model) {
          const open = solver.relax(model);
          return {
            ...open,
            solve: () => (++runs > from ? { ...open.solve(), status: "failed" } : open.solve()),
          };
        },
      };
      const { state, bound } = last(solve(instance, failing, { rounds: 600, seed: 1 }));
      expect(runs).toBeGreaterThan(from);
      expect(state.worth()).toBeCloseTo(best, 6);
      expect(bound).toBeGreaterThanOrEqual(best - 1e-6);
    },
  );

  it.each([1, 2, 3, 4])(
    "is worth what its food, its crops, its money and its hours come to, summed up one by one: question %i",
    (seed) => {
      const instance = {
        ...smallInstance(seed, 2),
        budgetMinor: undefined,
        loadKg: undefined,
        waterL: undefined,
      };
      const { candidates, crops, weights, classes } = instance;
      const state = new State(instance);
      for (let i = 0; i < 30; i++) if (state.blockedBy((i * 5) % 12) === undefined) state.add((i * 5) % 12);
      const chosen = state.chosen().map((i) => candidates[i]!);
      expect(chosen.length).toBeGreaterThan(2);
      const gramsOf = (of: (c: (typeof chosen)[number]) => boolean, during: (fortnight: number) => boolean) =>
        chosen
          .filter(of)
          .flatMap((c) => c.food)
          .filter(([fortnight]) => during(fortnight))
          .reduce((sum, [, g]) => sum + g, 0);
      let worth = 0;
      instance.groups.forEach((_, group) => {
        for (let f = 0; f < FORTNIGHTS; f++)
          worth += foodWorth(
            instance,
            f,
            group,
            instance.baseG[f]![group]! +
              gramsOf(
                (c) => c.group === group,
                (x) => x === f,
              ),
          );
      });
      instance.dishes.forEach((group, dish) => {
        for (let q = 0; q < 4; q++)
          worth -=
            (0.7 *
              Math.max(
                0,
                gramsOf(
                  (c) => c.dishIndex === dish,
                  (f) => Math.floor(f / 6.5) === q,
                ) - cropCap(instance, group),
              )) /
            instance.helpingG[group]!;
      });
      let minor =
        chosen.reduce((sum, c) => sum + c.ownMinor, 0) +
        state.bought.reduce((sum, n, k) => sum + n * classes[k]!.minor, 0);
      minor += 400 * Math.ceil(state.bought.reduce((sum, n, k) => sum + n * classes[k]!.mixL, 0) / 45);
      crops.forEach((crop, i) => {
        const own = chosen.filter((c) => c.cropIndex === i);
        if (own.length > 0) worth += weights.variety + (crop.must ? weights.must : 0);
        minor += 150 * Math.ceil(own.reduce((sum, c) => sum + c.seedG, 0));
      });
      expect(state.cost()).toBeCloseTo(minor, 6);
      expect(state.worth()).toBeCloseTo(
        worth -
          minor * weights.perMinor -
          (chosen.reduce((sum, c) => sum + c.minutes, 0) / 60) * weights.perHour,
        6,
      );
    },
  );

  it("counts what can be sold at what it fetches, before what is eaten where that is more: a hand sum", () => {
    const instance = { ...handInstance(), sells: { group: 0, g: 200, minorPerG: 1.5 } };
    const state = new State(instance);
    state.add(2);
    // 400 g: a quarter of the want, then the sale, then the rest of the want, then what is beyond it.
    const food = (1.6 * 25 + 1.5 * 200 + 1.2 * 25 + 0.6 * 50 + 0.25 * 100) / 100;
    expect(state.worth()).toBeCloseTo(food + 12 - 1.5 - 0.5, 9);
    const { state: best } = last(solve(instance, solver, { rounds: 50, seed: 1 }));
    expect(best.chosen()).toEqual([2]);
  });

  it("is worth what a hand sum says, and takes the better of two that want the same bag", () => {
    const instance = handInstance();
    const worthOf = (...chosen: number[]) => {
      const state = new State(instance);
      for (const i of chosen) state.add(i);
      return state.worth();
    };
    // (100 + 0.25 · 50) / 100 helpings, less 0.7 · 111 / 100 beyond the 39 g of one crop in a quarter, variety 2, must 10, less a packet 1.5 and half an hour 0.5.
    expect(worthOf(0)).toBeCloseTo(10.348, 9);
    // (1.6 · 25 + 1.2 · 25 + 0.6 · 30) / 100 helpings, less 0.7 · 41 / 100, variety 2, less a packet 1.5 and 0.2 hours.
    expect(worthOf(0, 1)).toBeCloseTo(10.348 + 0.893, 9);
    // (100 + 0.25 · 100 + 0.02 · 200) / 100, less 0.7 · 361 / 100.
    expect(worthOf(2)).toBeCloseTo(1.29 - 2.527 + 12 - 1.5 - 0.5, 9);
    const first = new State(instance);
    first.add(0);
    expect(first.blockedBy(2)).toBeDefined();
    const { state, bound } = last(solve(instance, solver, { rounds: 50, seed: 1 }));
    expect(state.chosen().sort()).toEqual([0, 1]);
    expect(state.worth()).toBeCloseTo(11.241, 9);
    expect(bound).toBeGreaterThanOrEqual(11.241 - 1e-9);
  });

  it("keeps its sums through adding and taking out", () => {
    const instance = smallInstance(12);
    const state = new State(instance);
    const empty = state.worth();
    const added = instance.candidates.flatMap((_, i) => {
      if (state.blockedBy(i) !== undefined) return [];
      const [before, gain] = [state.worth(), state.gain(i)];
      state.add(i);
      expect(state.worth() - before).toBeCloseTo(gain, 9);
      return [i];
    });
    expect(added.length).toBeGreaterThan(2);
    for (const i of added.reverse()) state.remove(i);
    expect(state.worth()).toBeCloseTo(empty, 9);
    expect(state.cost()).toBeCloseTo(0, 9);
  });
});
