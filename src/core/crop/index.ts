/** What does a crop need, and what can be harvested from it? The contract of the library's crop profiles. */
export {
  Crop,
  type Goal,
  type GoalKind,
  lightNeed,
  type Method,
  type Need,
  setsPlants,
  type SourceId,
  SOURCES,
  SOWING_METHODS,
  startsFromSeed,
  type SowingMethod,
  type Where,
} from "./crop";
