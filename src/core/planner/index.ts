/** Which garden would serve this household best? Proposals by search, with a proven bound on how much better any other could be. */
export { type Aim, AIMS, type Ask, withAim } from "./ask";
export type { Covered, Missing } from "./explain";
export { instanceOf } from "./candidates";
export { FORTNIGHTS, type Instance, type Lane } from "./instance";
export { type Effort, gapOf, isAsGood, type Progress, type Proposal, propose, solve, type Step } from "./propose";
export { relax, type Relaxed, relaxationOf } from "./relax";
export { promising } from "./search";
export type { LinearModel, Solved, Solver } from "./solver";
export { State } from "./state";
