/** When is it ripe, and how is it taken? What to look at, how to cut, how much to leave. */
export { type Cut, type Ripeness, ripenessOf, type Sign } from "./ripeness";
