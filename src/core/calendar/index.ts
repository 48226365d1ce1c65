/** When does it happen? Stages and dates of a planting, and what cold nights, heat and frost do to them. */
export { type Climate, type DayTemperature, spellFrom, temperatureOn } from "./climate";
export { climateGates, type Stretch } from "./gates";
export { judgeSeason, lastSowing, nextSowing, type Season, type SeasonReason, sowingFor } from "./season";
export { type DateReason, emergenceDays, type Stages, stagesFrom, type Window } from "./stages";
export { dayLength } from "./sun";
