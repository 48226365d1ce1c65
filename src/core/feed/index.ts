/** What is it fed, and how much? Doses of granules by school, what another sack gives instead, and how long manure waits. */
export {
  type Analysis,
  type AnalysisRead,
  equalFeed,
  type Nutrient,
  NUTRIENTS,
  readAnalysis,
} from "./analysis";
export { type Dose, doseFor, type Feed, FEEDS, GRANULES_KG_L } from "./dose";
export { LIQUID_ML_L } from "./liquid";
export { manureWaitDays, rawManureUntil } from "./manure";
export { type Spoons, spoonsOf } from "./spoons";
