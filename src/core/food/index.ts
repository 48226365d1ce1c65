/** What is there to eat, and when? Picks of a planting over its season. */
export { type Pick, picksOf } from "./picks";
