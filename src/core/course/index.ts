/**
 * How does one planting go, in one bag at one place, day by day? What it occupies, what light it has, how large it is,
 * what it drinks and gives, and what it costs in minutes and cells. Nothing else computes any of these.
 */
export { cellsOf, type CellUse } from "./cells";
export { Course, courseOf, LIGHT_FROM, type Sown, type Stay } from "./course";
export { billOf } from "./bill";
export { type Drinker, drunkL, type DrunkFrom } from "./drink";
export type { Canopy } from "./growth";
export { jobsOf, minutesOf } from "./jobs";
export { type Ground, type Harvest, harvestOf, type Range, together } from "./harvest";
export { lightOn, sunHoursOn } from "./light";
export { unitsOf } from "./units";
