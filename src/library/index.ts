/** What is known before anybody keeps a record? Shipped crops, bags, mixes and climates, each value with its source. */
import type { Reference } from "@/core/setting";
import { BAG_KINDS } from "./bags";
import { CROPS } from "./crops";

export { type BagKind, BAG_KINDS, findBagKind } from "./bags";
export { CLIMATES, findClimate } from "./climates";
export { CROP_GOALS, CROPS, findGoal } from "./crops";
export { findMix, MIXES } from "./mixes";

/** The library as it ships, as plain data. */
export const SHIPPED: Reference = { crops: CROPS, bagKinds: BAG_KINDS };
