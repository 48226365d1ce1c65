/** Which garden would serve this household best? Proposals by search, with a proven bound on how much better any other could be. */
export { type Aim, AIMS, type Ask, withAim } from "./model/ask";
export type { Covered, Missing } from "./explain";
export { instanceOf } from "./model/candidates";
export { FORTNIGHTS, type Instance, type Lane } from "./model/instance";
export { type Progress, type Proposal, propose } from "./propose";
export { type Effort, solve, type Step } from "./solve";
export { gapOf, isAsGood } from "./gap";
export { polish } from "./bound/polish";
export { OpenRelaxation, relax, relaxationOf } from "./bound/relax";
export type { LinearModel, ModelRow, Solved, Solver, Whereabouts } from "./bound/solver";
export { State } from "./search/state";
