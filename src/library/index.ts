/** What is known before anybody keeps a record? Shipped crops, bags, mixes and climates, each value with its source. */
export { type BagKind, BAG_KINDS, findBagKind, USUAL_BAGS } from "./bags";
export { CLIMATES, findClimate } from "./climates";
export { CROP_GOALS, CROPS, findGoal } from "./crops";
export { findMix, MIXES, mixesWith } from "./mixes";
export { referenceWith } from "./reference";
export { SHIPPED } from "./shipped";
