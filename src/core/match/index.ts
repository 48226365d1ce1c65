/** What could go here? Every goal against every bag for one sowing day, in the order of what somebody asks first. */
export { type Carries, placeCarries } from "./carries";
export { type Instead, insteadOf } from "./instead";
export {
  type CellGlance,
  glanceOf,
  type LineGlance,
  type MatchCell,
  type MatchLine,
  matchAll,
  openCell,
} from "./match";
export {
  bestWorth,
  MATCH_ORDERS,
  type MatchOrder,
  orderLines,
  passesTaste,
  shortlist,
  TASTE_FILTERS,
  type TasteFilter,
} from "./order";
export { type Placing, placingOf } from "./placing";
export { plantingOf, suggestGoal } from "./suggest";
