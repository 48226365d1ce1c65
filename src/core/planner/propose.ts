import type { Plan, Planting } from "../garden";
import type { Ask } from "./ask";
import { bagsOf } from "./assign";
import { standingPart, stayingBags } from "./bags";
import { instanceOf } from "./candidates";
import { addsOf, type Covered, coveredBy, type Missing, missingFrom } from "./explain";
import { type Instance, LANES } from "./instance";
import { relax, relaxationOf } from "./relax";
import { choicesOf } from "./replant";
import { construct, improve, nearest, promising } from "./search";
import type { Solver } from "./solver";
import { State } from "./state";

/** How far a proposal is: its worth in helpings, and the most that any garden of these candidates can be worth. */
export interface Progress {
  readonly round: number;
  readonly rounds: number;
  readonly worth: number;
  readonly bound: number;
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
  /** Seconds that the solver may polish at the end; 0 for none. */
  readonly polishSeconds: number;
  readonly seed: number;
}

/** A chosen candidate on a bag of its own. */
interface Placed {
  readonly index: number;
  readonly bagId: string;
  readonly planting: Planting;
}

/** Gives each bag of a garden its id and each planting its own. */
function placed(state: State, newId: (n: number) => string): { placed: Placed[]; bought: { id: string; kindId: string }[] } {
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
        list.push({ index, bagId, planting: { id: c.plantingId ?? newId(n++), goalId: c.goalId, surface, method: c.method, plants: c.plants, sowOn: c.sowOn } });
      }
    }
  }
  return { placed: list, bought };
}

/** The plan that a garden stands for: what stands already, then its plantings, in the household's bags and in new ones. */
function planFrom(ask: Ask, { placed: list, bought }: ReturnType<typeof placed>, newId: (n: number) => string): Plan {
  const standing = standingPart(ask);
  const kept = stayingBags(ask, standing);
  const bags = [...kept, ...bought.map(({ id, kindId }) => ({ id, kindId, shape: null, atHand: false, firstSeason: null }))];
  const plantingsOf = (bagId: string) => list.filter((p) => p.bagId === bagId).map((p) => withOutBy(ask, p.planting));
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

const gapOf = (bound: number, worth: number) => (bound > 1e-9 ? Math.max(0, bound - worth) / bound : 0);

/**
 * Proposes a garden: builds it by the relaxed one, improves it round by round, and lets the solver polish the part that
 * can still be better. Yields its progress after each step; whoever drives it may stop and take the best so far.
 *
 * @param newId ids for what is new; equal asks with equal ids give equal proposals
 */
export function* propose(ask: Ask, solver: Solver, effort: Effort, newId: (n: number) => string): Generator<Progress, Proposal, boolean | undefined> {
  const instance = instanceOf(ask);
  const { state, bound } = yield* solve(instance, solver, effort);
  return proposalOf(ask, instance, state, bound, newId);
}

function proposalOf(ask: Ask, instance: Instance, state: State, bound: number, newId: (n: number) => string): Proposal {
  const worth = state.worth();
  const there = placed(state, newId);
  const adds = addsOf(state);
  return {
    plan: planFrom(ask, there, newId),
    worth, bound,
    gap: gapOf(bound, worth),
    considered: instance.candidates.length,
    bags: instance.classes.flatMap((k, i) => (state.bought[i]! > 0 ? [{ kindId: k.kindId, count: state.bought[i]! }] : [])),
    minor: state.cost(),
    hours: state.hours(),
    covered: coveredBy(state, instance),
    adds: Object.fromEntries(there.placed.map((p) => [p.planting.id, adds.get(p.index) ?? 0])),
    missing: missingFrom(state),
  };
}

/** The search by itself, for those who hold an instance. Send true to stop it. */
export function* solve(instance: Instance, solver: Solver, effort: Effort): Generator<Progress, { state: State; bound: number }, boolean | undefined> {
  const guide = relax(instance, solver);
  if (!guide) return { state: new State(instance), bound: new State(instance).worth() };
  let { bound } = guide;
  const list = nearest(instance, guide);
  const choices = choicesOf(instance, list);
  let best = construct(instance, guide, list, choices);
  const report = (round: number): Progress => ({ round, rounds: effort.rounds, worth: best.worth(), bound });
  let stop = yield report(0);
  const search = improve(best, choices, effort.seed, effort.rounds);
  for (let round = 1; round <= effort.rounds && !stop; round++) {
    best = search.next().value;
    if (round % 10 === 0 || round === effort.rounds) stop = yield report(round);
  }
  const open = promising(instance, guide, bound, best.worth());
  if (effort.polishSeconds > 0 && open.length <= POLISHED && !stop) {
    const polished = polish(instance, solver, best, open, effort.polishSeconds);
    if (polished.state.worth() > best.worth()) best = polished.state;
    bound = Math.min(bound, Math.max(polished.bound, best.worth()));
    yield report(effort.rounds);
  }
  return { state: best, bound };
}

/** With more open candidates than this the solver finds nothing in the time that people wait. */
const POLISHED = 3000;

/** Lets the solver look for better whole gardens among the promising candidates; every other would be worse, so its bound holds for all. */
function polish(instance: Instance, solver: Solver, best: State, open: readonly number[], seconds: number): { state: State; bound: number } {
  const { model, columnOf } = relaxationOf(instance, open);
  const solved = solver.whole(model, { seconds, gap: 0.001 });
  if (solved.status === "failed") return { state: best, bound: Number.POSITIVE_INFINITY };
  const state = new State(instance);
  for (const [i, column] of columnOf) for (let n = Math.round(solved.columns[column]!); n > 0; n--) if (state.blockedBy(i) === undefined) state.add(i);
  return { state, bound: solved.bound };
}
