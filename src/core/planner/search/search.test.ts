import { beforeAll, expect, it } from "vitest";
import { highsSolver } from "@/solver/highs";
import { smallInstance } from "@/testing/planner";
import { seededRandom } from "../../chance";
import { HALVES } from "../../placement";
import { bagsOf, inOthersLight, clearShade } from "./assign";
import { type Instance, LANES } from "../model/instance";
import { choicesOf } from "./replant";
import { race, starts } from "./search";
import type { Solver } from "../bound/solver";
import { solve } from "../solve";
import { State } from "./state";

let solver: Solver;
beforeAll(async () => {
  solver = await highsSolver();
});

/** A question in bags that can be split and without narrow limits; in the dim one nothing bears a neighbour in the other half. */
function wide(seed: number, parts: 1 | 2, dim: boolean): Instance {
  const instance = smallInstance(seed, parts);
  const open = {
    ...instance,
    budgetMinor: undefined,
    loadKg: undefined,
    floorM2: 9,
    waterL: undefined,
    cells: undefined,
  };
  return dim
    ? { ...open, shade: () => 1, candidates: instance.candidates.map((c) => ({ ...c, spareLight: 0.5 })) }
    : open;
}

function filledBy(instance: Instance, seed: number): State {
  const random = seededRandom(seed);
  const state = new State(instance);
  for (let tries = 0; tries < 60; tries++) {
    const i = Math.floor(random() * instance.candidates.length);
    if (state.blockedBy(i) === undefined) state.add(i);
  }
  return state;
}

const darkPairs = (state: State) =>
  bagsOf(state).flatMap(({ parts }) =>
    parts[HALVES[0]].flatMap((i) =>
      parts[HALVES[1]].filter((j) => inOthersLight(state.instance, i, HALVES[0], j)),
    ),
  );

const layoutOf = (state: State) =>
  bagsOf(state).map((bag) => ({
    ...bag,
    parts: Object.fromEntries(LANES.map((part) => [part, [...bag.parts[part]].sort()])),
  }));

it.each([
  [6, 1],
  [2, 1],
  [3, 2],
  [4, 2],
  [5, 2],
] as const)(
  "takes out of question %i in bags of %i parts what stands in another's light, and then nothing more",
  (seed, parts) => {
    const state = filledBy(wide(seed, parts, true), seed);
    const before = state.chosen().length;
    expect(darkPairs(state).length).toBeGreaterThan(0);
    clearShade(state);
    expect(darkPairs(state)).toEqual([]);
    const left = state.chosen();
    expect(left.length).toBeLessThan(before);
    expect(left.length).toBeGreaterThan(0);
    clearShade(state);
    expect(state.chosen()).toEqual(left);
  },
);

it.each([
  [1, 1],
  [4, 2],
  [6, 2],
] as const)(
  "takes nothing out of question %i in bags of %i parts where there is light, and leaves all in its bag when one goes",
  (seed, parts) => {
    const state = filledBy(wide(seed, parts, false), seed);
    const chosen = [...state.chosen()].sort();
    clearShade(state);
    expect([...state.chosen()].sort()).toEqual(chosen);
    const before = layoutOf(state);
    const half = before.flatMap((bag) =>
      HALVES.flatMap((part) =>
        bag.parts[part]!.map((index) => ({
          index,
          classIndex: bag.classIndex,
          home: { number: bag.number, part },
        })),
      ),
    );
    expect(half.length).toBeGreaterThan(1);
    const [gone] = half;
    state.remove(gone!.index, gone!.home);
    const after = layoutOf(state);
    for (const bag of before) {
      const now = after.find((b) => b.classIndex === bag.classIndex && b.number === bag.number);
      if (!now || bag.classIndex !== gone!.classIndex) continue;
      for (const part of HALVES) {
        const stays =
          bag.number === gone!.home.number && part === gone!.home.part
            ? bag.parts[part]!.filter((i) => i !== gone!.index)
            : bag.parts[part];
        expect(now.parts[part]).toEqual(stays);
      }
    }
  },
);

it.each([
  [1, 1, false],
  [2, 1, true],
  [3, 2, true],
  [7, 2, false],
] as const)(
  "never falls behind in the race of question %i in bags of %i parts, dim %s, from the best of its starts on",
  (seed, parts, dim) => {
    const instance = wide(seed, parts, dim);
    const all = instance.candidates.map((_, i) => i);
    const share = new Float64Array(all.length);
    const choices = choicesOf(instance, all);
    const gardens = starts(instance, { share, reduced: share }, all, choices);
    let worth = Math.max(...gardens.map((g) => g.worth()));
    const first = worth;
    const search = race(gardens, choices, seed, 200);
    for (let round = 0; round < 200; round++) {
      const best = search.next().value;
      expect(best.worth()).toBeGreaterThanOrEqual(worth - 1e-9);
      worth = best.worth();
      if (round % 20 === 0) expect(darkPairs(best)).toEqual([]);
    }
    expect(worth).toBeGreaterThanOrEqual(first);
  },
);

it("does not let a garden's copies change with it", () => {
  const state = filledBy(wide(2, 2, false), 2);
  clearShade(state);
  const copy = state.copy();
  const [worth, layout, cost] = [copy.worth(), layoutOf(copy), copy.cost()];
  expect(worth).toBeCloseTo(state.worth(), 9);
  expect(layout).toEqual(layoutOf(state));
  for (const i of state.chosen()) state.remove(i);
  expect(state.chosen()).toEqual([]);
  expect([copy.worth(), copy.cost()]).toEqual([worth, cost]);
  expect(layoutOf(copy)).toEqual(layout);
});

it("tells gardens that get no worse, and bounds that none passes", () => {
  const instance = smallInstance(3, 2);
  const steps = solve(instance, solver, { rounds: 3200, seed: 1 });
  let step = steps.next();
  let last = Number.NEGATIVE_INFINITY;
  let looks = 0;
  while (!step.done) {
    const { incumbent: state, bound } = step.value;
    if (state) {
      expect(state.worth()).toBeGreaterThanOrEqual(last - 1e-9);
      expect(bound).toBeGreaterThanOrEqual(state.worth() - 1e-9);
      last = state.worth();
      looks++;
    }
    step = steps.next();
  }
  expect(looks).toBeGreaterThan(100);
  expect(step.value.state.worth()).toBeGreaterThanOrEqual(last - 1e-9);
  expect(step.value.bound).toBeGreaterThanOrEqual(step.value.state.worth() - 1e-9);
});

it("bars what is at fault, though only who asks can see it", () => {
  const instance = smallInstance(2, 1);
  const bad = new Set([0, 1, 2, 3]);
  const faultsOf = (state: State) => state.chosen().filter((i) => bad.has(i));
  const run = (faults?: typeof faultsOf) => {
    const steps = solve(instance, solver, { rounds: 200, seed: 1 }, { faultsOf: faults });
    let step = steps.next();
    while (!step.done) step = steps.next();
    return step.value;
  };
  const [free, barred] = [run(), run(faultsOf)];
  expect(faultsOf(free.state).length).toBeGreaterThan(0);
  expect(faultsOf(barred.state)).toEqual([]);
  expect(barred.state.worth()).toBeGreaterThan(0);
  expect(barred.state.worth()).toBeLessThan(free.state.worth());
  expect(barred.bound).toBeGreaterThanOrEqual(free.state.worth() - 1e-6);
});
