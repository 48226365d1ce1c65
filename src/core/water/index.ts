/** How much water does it take, and how often? What air draws from leaves, mix and the bag's wall. */
export { coefficient, type Drawing, drawnL, evaporationOn, hargreaves } from "./demand";
export { openCm2 } from "./open";
export { daysBetweenWaterings, fingerCm, heldL, wallFactor } from "./wall";
