/** Which garden would serve this household best? Proposals by search, with a proven bound on how much better any other could be. */
export { isAlike } from "./alike";
export { type Aim, AIMS, type Ask, withAim } from "./model/ask";
export type { Covered, Missing } from "./explain";
export { instanceOf } from "./model/candidates";
export { FORTNIGHTS, type Instance, type Lane } from "./model/instance";
export { type Progress, propose } from "./propose";
export { Proposal } from "./proposal";
export { type Effort, solve, type Step } from "./solve";
export { gapOf, isAsGood } from "./gap";
export { relax, relaxationOf } from "./bound/relax";
export type { Constraint, LinearModel, Solved, Solver } from "./bound/solver";
export { State } from "./search/state";
