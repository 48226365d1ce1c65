import type { Instance } from "../model/instance";
import { type OpenRelaxation, type Relaxation, relaxationOf, type Relaxed, cutRows } from "./relax";
import { promising } from "../search/search";
import type { Solver, Whereabouts } from "./solver";
import { State } from "../search/state";

/** The whole columns of a garden in a model that has its candidates. */
function startOf(
  { model, columnOf, bagColumns, partedColumns, packetColumns, sackColumn }: Relaxation,
  state: State,
): Float64Array {
  const start = new Float64Array(model.cost.length);
  for (const i of state.chosen()) start[columnOf.get(i)!]! += 1;
  bagColumns.forEach((column, k) => (start[column] = state.bought[k]!));
  partedColumns.forEach((column, k) => column >= 0 && (start[column] = state.partedBags(k)));
  packetColumns.forEach((column, crop) => column >= 0 && (start[column] = state.packets(crop)));
  start[sackColumn] = state.sacks();
  return start;
}

/**
 * Lets the solver part all gardens again and again, from the best so far on, until none can be better by more than a
 * share `gap`, or it is stopped. Candidates that no better garden can have are left out, so that its bound holds for all.
 *
 * @param open the relaxation, solved to `guide`, whose cuts go with it; @param watch told now and then, true stops
 */
export function polish(
  instance: Instance,
  solver: Solver,
  open: OpenRelaxation,
  guide: Relaxed,
  best: State,
  gap: number,
  watch: (at: Whereabouts) => boolean,
): { state: State; bound: number } {
  const relaxation = relaxationOf(instance, promising(instance, guide, best));
  const solved = solver.whole(relaxation.model, {
    rows: cutRows(open.cuts, relaxation.columnOf),
    start: startOf(relaxation, best),
    gap,
    watch,
  });
  if (solved.status === "failed" || solved.status === "infeasible")
    return { state: best, bound: guide.bound };
  const state = new State(instance);
  for (const [i, column] of relaxation.columnOf)
    for (let n = Math.round(solved.columns[column]!); n > 0; n--)
      if (state.blockedBy(i) === undefined) state.add(i);
  const bound = Math.min(guide.bound, Math.max(solved.bound, best.worth(), state.worth()));
  return { state: state.worth() > best.worth() ? state : best, bound };
}
