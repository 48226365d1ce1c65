/** What may be wrong? From what one sees, and what the course and the records know, to likely causes in order. */
export { type Cause, type CauseCode, causesOf, signsFor, TROUBLE_SIGNS, type TroubleSign } from "./trouble";
export { causeOfLate, type LateCause, type LateStep } from "./late";
