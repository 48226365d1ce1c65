import { assessGarden } from "../garden";
import type { Plan, Planting } from "../plan";
import type { Ask } from "./ask";
import { bagsOf, settle } from "./assign";
import { keptPart, stayingBags } from "./bags";
import { instanceOf } from "./candidates";
import { addsOf, type Covered, coveredBy, type Missing, missingFrom } from "./explain";
import { type Instance, LANES } from "./instance";
import { polish } from "./polish";
import { OpenRelaxation } from "./relax";
import { choicesOf } from "./replant";
import { fill, improve, nearest, race, starts } from "./search";
import type { Solver } from "./solver";
import { State } from "./state";

/** How far a search is, or the proof of how good its garden is: steps done and in all, its worth in helpings, and the most that any garden of these candidates can be worth: infinite until the relaxation tells. */
export interface Step {
  readonly doing: "search" | "proof";
  readonly done: number;
  readonly of: number;
  readonly worth: number;
  readonly bound: number;
}

/** What is told while a proposal is worked out, and the best garden so far. */
export interface Progress extends Step {
  readonly proposal?: Proposal;
}

export interface Proposal {
  readonly plan: Plan;
  readonly worth: number;
  readonly bound: number;
  /** Share of the bound that is missing at most, 0 to 1. */
  readonly gap: number;
  readonly considered: number;
  /** Bags to buy, and what all that is new costs, minor units. */
  readonly bags: readonly { readonly kindId: string; readonly count: number }[];
  readonly minor: number;
  readonly hours: number;
  /** How much of each kind of food is covered, what each new planting adds in helpings, and which musts are missing and why. */
  readonly covered: readonly Covered[];
  readonly adds: Readonly<Record<string, number>>;
  readonly missing: readonly Missing[];
}

export interface Effort {
  readonly rounds: number;
  /** Steps that the solver may take to polish the garden and to prove how good it is; 0 for none. */
  readonly steps: number;
  readonly seed: number;
}

/** A chosen candidate on a bag of its own. */
interface Placed {
  readonly index: number;
  readonly bagId: string;
  readonly planting: Planting;
}

/** Gives each bag of a garden its id and each planting its own. */
function placed(
  state: State,
  newId: (n: number) => string,
): { placed: Placed[]; bought: { id: string; kindId: string }[] } {
  const { classes, candidates } = state.instance;
  const list: Placed[] = [];
  const bought: { id: string; kindId: string }[] = [];
  let n = 0;
  for (const { classIndex, number, parts } of bagsOf(state)) {
    const k = classes[classIndex]!;
    const bagId = k.bagIds[number] ?? newId(n++);
    if (number >= k.bagIds.length) bought.push({ id: bagId, kindId: k.kindId });
    for (const part of LANES) {
      for (const index of parts[part]) {
        const c = candidates[index]!;
        const surface = part === "top" || part === "side" ? c.surface : part;
        list.push({
          index,
          bagId,
          planting: {
            id: c.plantingId ?? newId(n++),
            goalId: c.goalId,
            surface,
            method: c.method,
            plants: c.plants,
            sowOn: c.sowOn,
          },
        });
      }
    }
  }
  return { placed: list, bought };
}

/** The plan that a garden stands for: what stands already, then its plantings, in the household's bags and in new ones. */
function planFrom(
  ask: Ask,
  { placed: list, bought }: ReturnType<typeof placed>,
  newId: (n: number) => string,
): Plan {
  const standing = keptPart(ask);
  const kept = stayingBags(ask, standing);
  const bags = [
    ...kept,
    ...bought.map(({ id, kindId }) => ({ id, kindId, shape: null, atHand: false, firstSeason: null })),
  ];
  const plantingsOf = (bagId: string) =>
    list.filter((p) => p.bagId === bagId).map((p) => withOutBy(ask, p.planting));
  let rowNumber = 100_000;
  const rows = bags.flatMap((bag) => {
    const row = standing.rows.find((r) => r.bagId === bag.id);
    const added = plantingsOf(bag.id);
    if (row) return [{ ...row, plantings: [...row.plantings, ...added] }];
    return added.length > 0 ? [{ id: newId(rowNumber++), bagId: bag.id, gapCm: null, plantings: added }] : [];
  });
  return { bags, rows };
}

/** A planting of the plan that is kept keeps its own day to be out by. */
function withOutBy(ask: Ask, planting: Planting): Planting {
  const own = ask.plan.rows.flatMap((r) => r.plantings).find((p) => p.id === planting.id);
  return own?.outBy === undefined ? planting : { ...planting, outBy: own.outBy };
}

/** Share of a bound that a garden's worth misses, 0 to 1. */
export const gapOf = (bound: number, worth: number): number =>
  bound > 1e-9 ? Math.max(0, bound - worth) / bound : 0;

/** Told while the solver works, when nothing can be yielded; true stops it. */
type Watch = (step: Step) => boolean;
const NEVER: Watch = () => false;

/**
 * Proposes a garden: builds it by the relaxed one and improves it round by round. Then the solver polishes it, and
 * proves how much better any other could be. Yields its progress after each step, from the first garden that stands on
 * with the best so far; whoever drives it may stop at any time.
 *
 * @param newId ids for what is new; equal asks with equal ids give equal proposals
 * @param instance the ask in numbers, where it has been worked out already
 */
export function* propose(
  ask: Ask,
  solver: Solver,
  effort: Effort,
  newId: (n: number) => string,
  instance: Instance = instanceOf(ask),
  watch: Watch = NEVER,
): Generator<Progress, Proposal, boolean | undefined> {
  const steps = solve(instance, solver, effort, (state) => faultsIn(ask, state), watch);
  let found: { state: State; proposal: Proposal } | undefined;
  const proposalFor = (state: State, bound: number) =>
    found?.state === state ? found.proposal : proposalOf(ask, instance, state, bound, newId);
  let stop: boolean | undefined;
  for (;;) {
    const { done, value } = steps.next(stop);
    if (done) {
      const proposal = proposalFor(value.state, value.bound);
      return { ...proposal, bound: value.bound, gap: gapOf(value.bound, proposal.worth) };
    }
    const { standing, ...step } = value;
    if (standing) found = { state: standing, proposal: proposalFor(standing, step.bound) };
    stop = yield { ...step, proposal: found?.proposal };
  }
}

/** New plantings that are wrong where they would stand, or suffer from what stands beside them, judged as the Bench judges them. */
function faultsIn(ask: Ask, state: State): number[] {
  const there = placed(state, (n) => `new ${n}`);
  const { rows } = assessGarden(
    planFrom(ask, there, (n) => `row ${n}`),
    ask.setting,
  );
  const indexOf = new Map(there.placed.map((p) => [p.planting.id, p.index]));
  const wrong = rows.flatMap((r) =>
    r.plantings.filter((p) => p.fit.grade === "wrong").map((p) => indexOf.get(p.planting.id)),
  );
  const clashing = rows.flatMap((r) =>
    r.clashes.map((c) => indexOf.get(c.plantingId) ?? indexOf.get(c.otherId)),
  );
  return [...new Set([...wrong, ...clashing])].filter((i) => i !== undefined);
}

function proposalOf(
  ask: Ask,
  instance: Instance,
  state: State,
  bound: number,
  newId: (n: number) => string,
): Proposal {
  const worth = state.worth();
  const there = placed(state, newId);
  const adds = addsOf(state);
  return {
    plan: planFrom(ask, there, newId),
    worth,
    bound,
    gap: gapOf(bound, worth),
    considered: instance.candidates.length,
    bags: instance.classes.flatMap((k, i) =>
      state.bought[i]! > 0 && k.bagIds.length === 0 ? [{ kindId: k.kindId, count: state.bought[i]! }] : [],
    ),
    minor: state.cost(),
    hours: state.hours(),
    covered: coveredBy(state, instance),
    adds: Object.fromEntries(there.placed.map((p) => [p.planting.id, adds.get(p.index) ?? 0])),
    missing: missingFrom(state),
  };
}

/** Whether so little is missing that a garden is as good as any. */
export const isAsGood = (gap: number): boolean => gap < 0.0005;

/** With less than this share missing, a garden is good enough. */
const NEAR_ENOUGH = 0.002;
/** Rounds after which people see the best garden so far, while the search goes on. */
const LOOK = 1500;

/** Where the search is, and the best garden without a fault so far. */
interface Found extends Step {
  readonly standing: State | undefined;
}

/**
 * The search by itself, for those who hold an instance. Send true to stop it.
 *
 * @param faultsOf candidates of a garden that are at fault for reasons which the instance does not know
 */
export function* solve(
  instance: Instance,
  solver: Solver,
  effort: Effort,
  faultsOf: (state: State) => readonly number[] = () => [],
  watch: Watch = NEVER,
): Generator<Found, { state: State; bound: number }, boolean | undefined> {
  const all = instance.candidates.map((_, i) => i);
  const first = new State(instance);
  fill(first, choicesOf(instance, all));
  let stop = yield {
    doing: "search",
    done: 0,
    of: effort.rounds,
    worth: first.worth(),
    bound: Number.POSITIVE_INFINITY,
    standing: undefined,
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
    let standing: State | undefined;
    const stand = (state: State) => {
      const whole = mended(state, list, faultsOf, effort.seed);
      standing = standing && standing.worth() >= whole.worth() ? standing : whole;
      return standing;
    };
    const searched = (done: number): Found => ({
      doing: "search",
      done,
      of: effort.rounds,
      worth: (standing ?? best).worth(),
      bound,
      standing,
    });
    if (!stop) stop = yield searched(0);
    const search = race(gardens, choices, effort.seed, effort.rounds);
    for (let round = 1; round <= effort.rounds && !stop; round++) {
      best = search.next().value;
      if (round % LOOK === 0) stand(best);
      if (round % 10 === 0) stop = yield searched(round);
    }
    const state = stand(best);
    const worth = state.worth();
    const proving = (steps: number, lowest: number): Step => ({
      doing: "proof",
      done: Math.min(steps, effort.steps),
      of: effort.steps,
      worth,
      bound: Math.max(worth, Math.min(bound, lowest)),
    });
    if (effort.steps === 0 || stop || (yield { ...proving(0, bound), standing })) return { state, bound };
    const polished = polish(
      instance,
      solver,
      open,
      guide,
      state,
      NEAR_ENOUGH,
      (at) => watch(proving(at.steps, at.bound)) || at.steps >= effort.steps,
    );
    if (polished.state !== state) {
      // The solver knows nothing of shade between the halves of a bag.
      settle(polished.state);
      stand(replanted(polished.state, list, effort.seed));
    }
    const last = standing ?? state;
    return { state: last, bound: Math.max(polished.bound, last.worth()) };
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
