/** What is known before anybody keeps a record? Shipped crops, bags, mixes and climates, each value with its source. */
export { type BagKind, BAG_KINDS, findBagKind } from "./bags";
export { CLIMATES, findClimate } from "./climates";
export { CROP_GOALS, CROPS, findGoal } from "./crops";
export { findMix } from "./mixes";
