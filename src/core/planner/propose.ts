import { assessGarden } from "../garden";
import { economyOf, sketchOf } from "../year";
import type { Solver } from "./bound/solver";
import { addsOf, coveredBy, missingFrom } from "./explain";
import { gapOf } from "./gap";
import { allot, planFrom } from "./garden-plan";
import type { Ask } from "./model/ask";
import { instanceOf } from "./model/candidates";
import type { Instance } from "./model/instance";
import type { Proposal } from "./proposal";
import type { State } from "./search/state";
import { type Effort, solve, type Step } from "./solve";

/** What is told while a proposal is worked out, and the best garden so far. */
export interface Progress extends Step {
  readonly proposal?: Proposal;
}

export interface ProposeOptions {
  /** Ids for what is new; equal asks with equal ids give equal proposals. */
  readonly newId: (n: number) => string;
  /** The ask in numbers, where it has been worked out already. */
  readonly instance?: Instance;
}

/**
 * Proposes a garden: builds it by the relaxed one, which also bounds what any garden can be worth, and improves it round
 * by round. Yields its progress after each step, from the first garden without a fault on with the best so far; whoever
 * drives it may stop at any time.
 *
 * @param ask the household's question
 * @param effort rounds of search, and their seed
 * @returns the best proposal, once it is done or stopped
 * @throws {Error} when the solver fails on the relaxation
 * @example
 * const steps = propose(ask, solver, { rounds: 1000, seed: 1 }, { newId: () => crypto.randomUUID() });
 * let step = steps.next();
 * while (!step.done) step = steps.next(isStopped());
 */
export function* propose(
  ask: Ask,
  solver: Solver,
  effort: Effort,
  { newId, instance = instanceOf(ask) }: ProposeOptions,
): Generator<Progress, Proposal, boolean | undefined> {
  const steps = solve(instance, solver, effort, { faultsOf: (state) => faultsIn(ask, state) });
  let found: { state: State; proposal: Proposal } | undefined;
  const proposalFor = (state: State, bound: number) =>
    found?.state === state ? found.proposal : proposalOf(ask, state, bound, newId);
  let stop: boolean | undefined;
  for (;;) {
    const { done, value } = steps.next(stop);
    if (done) {
      const proposal = proposalFor(value.state, value.bound);
      return { ...proposal, bound: value.bound, gap: gapOf(value.bound, proposal.worth) };
    }
    const { incumbent, ...step } = value;
    if (incumbent) found = { state: incumbent, proposal: proposalFor(incumbent, step.bound) };
    stop = yield { ...step, proposal: found?.proposal };
  }
}

/** New plantings that are wrong where they would stand, or suffer from what stands beside them, judged as the Bench judges them. */
function faultsIn(ask: Ask, state: State): number[] {
  const there = allot(state, (n) => `new ${n}`);
  const { rows } = assessGarden(
    planFrom(ask, there, (n) => `row ${n}`),
    ask.setting,
  );
  const indexOf = new Map(there.allotted.map((p) => [p.planting.id, p.index]));
  const wrong = rows.flatMap((r) =>
    r.plantings.filter((p) => p.fit.grade === "wrong").map((p) => indexOf.get(p.planting.id)),
  );
  const clashing = rows.flatMap((r) =>
    r.clashes.map((c) => indexOf.get(c.plantingId) ?? indexOf.get(c.otherId)),
  );
  return [...new Set([...wrong, ...clashing])].filter((i) => i !== undefined);
}

function proposalOf(ask: Ask, state: State, bound: number, newId: (n: number) => string): Proposal {
  const { instance } = state;
  const worth = state.worth();
  const there = allot(state, newId);
  const adds = addsOf(state);
  const plan = planFrom(ask, there, newId);
  const garden = assessGarden(plan, ask.setting);
  return {
    plan,
    harvest: economyOf(garden, ask.setting, ask.today).harvest,
    sketch: sketchOf(garden, ask.today),
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
    adds: Object.fromEntries(there.allotted.map((p) => [p.planting.id, adds.get(p.index) ?? 0])),
    missing: missingFrom(state),
  };
}
