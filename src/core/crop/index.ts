/** What does a crop need, and what can be harvested from it? The contract of the library's crop profiles. */
export { Crop, type Goal, type GoalKind, type Method, type Need, type Where } from "./crop";
export { byPacket } from "./packet";
export { lightNeed, standOn } from "./needs";
export { setsPlants, SOWING_METHODS, type SowingMethod, startsFromSeed } from "./methods";
export { type SourceId, SOURCES } from "./sources";
