/** Which garden would serve this household best? Proposals by search, with a proven bound on how much better any other could be. */
export { type Aim, AIMS, type Ask, withAim } from "./ask";
export type { Covered, Missing } from "./explain";
export { instanceOf } from "./candidates";
export { FORTNIGHTS, type Instance, type Lane } from "./instance";
export {
  type Effort,
  gapOf,
  isAsGood,
  type Progress,
  type Proposal,
  propose,
  solve,
  type Step,
} from "./propose";
export { polish } from "./polish";
export { OpenRelaxation, relax, relaxationOf } from "./relax";
export type { LinearModel, ModelRow, Solved, Solver, Whereabouts } from "./solver";
export { State } from "./state";
