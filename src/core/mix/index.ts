/** What is the bag filled with? A growing mix, what it weighs, and what it is made of. */
export { BARROW_L, bagsFrom, BUCKET_L, type MixPart, type PartAmount, partsOf, type Recipe } from "./recipe";
export type { Mix } from "./mix";
export { firstSoakL, settledL } from "./settle";
