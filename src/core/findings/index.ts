/** What do this town's records say, how sure is it, and what should be expected from now on? */
export { type Belief, believe, type House, type Range } from "./belief";
export { type Driver, type Effect, explain, type Explained } from "./blocks";
export { type Calibrated, calibrationOf, widening } from "./calibration";
export { type Ended, endsByDay, type EndStep } from "./ends";
export { logRank, type Test } from "./log-rank";
export { meanDifference, middleDifference, permutationP } from "./pairs";
export { pool, type Pooled, type Said, tau2ByLikelihood, tau2ByMoments } from "./pooled";
export { alikeOf, type Count, type Estimate, shareAmong, shareOf } from "./share";
export { type Leading, leadingOf } from "./leading";
export { type Odd, oddOnes } from "./odd";
export { type Proposal, proposalsOf, scalesOf } from "./propose";
export type { Line } from "./line";
export { AS_SHIPPED, calibrations, type GoalReport, reportOf, type Timing } from "./report";
export { type Summary, summaryOf } from "./summary";
export { dayBy, type DayBy, shareOn, type Step, survival, type Wait } from "./survival";
export { type Aim, type Answer, answerOf, pairsFor, sidesFor, spendingOf } from "./trial";
export { type Pair, pairSpread, pairStates, type PairState, pairUp } from "./side-by-side";
export { type Letter, letterOf } from "./letter";
