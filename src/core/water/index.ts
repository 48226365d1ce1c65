/** How much water does it take, and how often? What air draws from leaves, mix and the bag's wall. */
export { type Balance, balanceOf, rainL, type WaterDay } from "./balance";
export {
  coefficient,
  type Drawing,
  drawnL,
  evaporationAt,
  evaporationOn,
  hargreaves,
  WALL_OVERHANG,
} from "./demand";
export { openCm2 } from "./open";
export { type DayAir, penmanMonteith, pressureKPa, psychrometric, saturationKPa, vapourKPa } from "./penman";
export { daysBetweenWaterings, drawnDownL, fingerCm, heldL, wallFactor } from "./wall";
