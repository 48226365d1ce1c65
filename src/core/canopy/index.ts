/** How large is a planting on a day? The growth of room, height and soil that each plant takes. */
export { canopyOn, type Canopy, grownOn, standsFrom } from "./canopy";
