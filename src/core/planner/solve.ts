import { OpenRelaxation } from "./bound/relax";
import type { Solver } from "./bound/solver";
import type { Instance } from "./model/instance";
import { choicesOf } from "./search/replant";
import { fill, improve, nearest, race, starts } from "./search/search";
import { State } from "./search/state";

/** How far a search is: rounds done and in all, the worth of its garden in helpings, and the most that any garden of these candidates can be worth: infinite until the relaxation tells. */
export interface Step {
  readonly done: number;
  readonly of: number;
  readonly worth: number;
  readonly bound: number;
}

/** How long to search, and the seed of its chance: the same question with the same effort gives the same garden. */
export interface Effort {
  readonly rounds: number;
  readonly seed: number;
}

/** Rounds after which people see the best garden so far, while the search goes on. */
const LOOK = 1500;

/** Where the search is, and the best garden without a fault so far. */
interface Found extends Step {
  readonly incumbent: State | undefined;
}

export interface SolveOptions {
  /** Candidates of a garden that are at fault for reasons which the instance does not know. */
  readonly faultsOf?: (state: State) => readonly number[];
}

/**
 * The search by itself, for those who hold an instance. Send true to stop it.
 *
 * @throws {Error} when the solver fails on the relaxation
 */
export function* solve(
  instance: Instance,
  solver: Solver,
  effort: Effort,
  { faultsOf = () => [] }: SolveOptions = {},
): Generator<Found, { state: State; bound: number }, boolean | undefined> {
  const all = instance.candidates.map((_, i) => i);
  const first = new State(instance);
  fill(first, choicesOf(instance, all));
  let stop = yield {
    done: 0,
    of: effort.rounds,
    worth: first.worth(),
    bound: Number.POSITIVE_INFINITY,
    incumbent: undefined,
  };
  const open = new OpenRelaxation(instance, solver);
  try {
    const guide = open.solve();
    if (guide === "failed") throw new Error("the solver failed on the relaxation");
    const { bound } = guide;
    const list = nearest(instance, guide);
    const choices = choicesOf(instance, list);
    const gardens = [first, ...starts(instance, guide, list, choices)];
    let best = gardens.reduce((a, b) => (b.worth() > a.worth() ? b : a));
    let incumbent: State | undefined;
    const take = (state: State) => {
      const whole = mended(state, list, faultsOf, effort.seed);
      incumbent = incumbent && incumbent.worth() >= whole.worth() ? incumbent : whole;
      return incumbent;
    };
    const searched = (done: number): Found => ({
      done,
      of: effort.rounds,
      worth: (incumbent ?? best).worth(),
      bound,
      incumbent,
    });
    if (!stop) stop = yield searched(0);
    const search = race(gardens, choices, effort.seed, effort.rounds);
    for (let round = 1; round <= effort.rounds && !stop; round++) {
      best = search.next().value;
      if (round % LOOK === 0) take(best);
      if (round % 10 === 0) stop = yield searched(round);
    }
    return { state: take(best), bound };
  } finally {
    open.close();
  }
}

/** Rounds in which a garden finds itself anew after something was taken out. */
const ANEW = 200;

/** Plants what was left empty, and lets the whole find itself anew. */
function replanted(state: State, list: readonly number[], seed: number): State {
  const choices = choicesOf(state.instance, list);
  fill(state, choices);
  const search = improve(state, choices, seed, ANEW);
  let best = state;
  for (let round = 0; round < ANEW; round++) best = search.next().value;
  return best;
}

/** Takes what is at fault out of a garden for good, and plants its place anew, until nothing is. */
function mended(
  start: State,
  list: readonly number[],
  faultsOf: (state: State) => readonly number[],
  seed: number,
): State {
  const barred = new Set<number>();
  for (let state = start; ;) {
    const faults = faultsOf(state);
    if (faults.length === 0) return state;
    const left = state.copy();
    for (const i of faults) {
      barred.add(i);
      while (left.has(i)) left.remove(i);
    }
    state = replanted(
      left,
      list.filter((i) => !barred.has(i)),
      seed,
    );
  }
}
