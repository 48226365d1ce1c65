/** How does a whole plan stand? Its rows judged one by one and together, and crops matched against its bags. */
export { assessGarden, type Garden, type Neighbour, nextMeal, type PlainSetting, type PlantingView, type Reference, type RowView, type Setting, shapeOf, standingOn } from "./assess";
export { addBag, changeBag, changePlanting, changeRow, putPlanting, removePlanting, removeRow } from "./edit";
export { type MatchCell, type MatchLine, matchAll, openCell } from "./match";
export { type Difference, differences } from "./differ";
export { BagThing, DayText, EMPTY_PLAN, type KeptPlan, Plan, type Planting, type Row, Shape } from "./plan";
export { plantingOf, suggestGoal } from "./suggest";
export { shareOf, type Span, spanOf } from "./span";
