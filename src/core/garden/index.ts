/** How does a whole plan stand? Its rows judged one by one and together, and crops matched against its bags. */
export { type Advice, adviceFor } from "./advice";
export { bagAge } from "./age";
export {
  assessGarden,
  assessRow,
  type Garden,
  isTooHeavy,
  type Neighbour,
  nextMeal,
  type PlantingView,
  type RowView,
  standingOn,
} from "./assess";
export type { Clash } from "./clash";
export { standingInHalf } from "./positions";
export { shadeAcross, type Stood } from "./shade";
export { comparePlans, type PlanChange } from "./compare";
export { changeOf, type Cure, curesFor } from "./cure";
export { type Economy, economyOf, mixFor, SOON_WEEKS, wantedFor, type Week } from "./economy";
export {
  addBag,
  changeBag,
  changePlanting,
  changeRow,
  copyRow,
  movePlanting,
  nudgeBag,
  putPlanting,
  rehouse,
  removePlanting,
  removeRow,
  sowAgain,
  swapBags,
} from "./edit";
export { findSpots, type Ground, groundOf } from "./ground";
export { hoursByWeek } from "./labour";
export { sunWhile } from "./light";
export { type MatchCell, type MatchLine, matchAll, openCell } from "./match";
export { type Difference, differences } from "./differ";
export {
  bestWorth,
  MATCH_ORDERS,
  type MatchOrder,
  orderLines,
  passesTaste,
  TASTE_FILTERS,
  type TasteFilter,
} from "./order";
export {
  BagThing,
  DayText,
  EMPTY_PLAN,
  halfOf,
  type KeptPlan,
  Plan,
  type Planting,
  type Row,
  Shape,
} from "./plan";
export { type PlainSetting, type Reference, type Setting, settingFrom, shapeOf } from "./setting";
export type { Patch } from "./positions";
export { plantingOf, suggestGoal } from "./suggest";
export { shareOf, type Span, spanOf } from "./span";
export { type Sums, sumsOf, tooThirsty } from "./sums";
export { rowThirst, wateringDays, weeklyThirst } from "./thirst";
export { unitsOf } from "./units";
