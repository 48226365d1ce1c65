/** How does a whole plan stand? Its rows judged one by one and together, and crops matched against its bags. */
export { assessGarden, type Garden, type Neighbour, type PlantingView, type RowView, type Setting, shapeOf } from "./assess";
export { type MatchCell, type MatchLine, matchAll } from "./match";
export { BagThing, DayText, EMPTY_PLAN, Plan, type Planting, type Row } from "./plan";
