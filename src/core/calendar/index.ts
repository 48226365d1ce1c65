/** When does it happen? Stages and dates of a planting, and what cold nights, heat and frost do to them. */
export { fruitSet } from "./fruit-set";
export { isBegun, type Real } from "./real";
export { judgeSeason, lastSowing, nextSowing, type Season, type SeasonReason, sowingFor } from "./season";
export { type DateReason, emergenceDays, type Stages, stagesFrom, type Way, type Window } from "./stages";
