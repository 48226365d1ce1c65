/** What is the bag filled with? A growing mix, what it weighs, and what it is made of. */
export { densityOf, MIX_PARTS, type MixPart } from "./parts";
export { bagsFrom, type PartAmount, partsOf, type Recipe, withoutSoil } from "./recipe";
export { limeFor, type Lime } from "./lime";
export type { Mix } from "./mix";
export { mixUnder } from "./under";
export { OwnMix } from "./own";
export { ownMixId, ownMixName } from "./own-name";
export { loadsOf, type Sizes, USUAL_SIZES } from "./sizes";
export { firstSoakL, mulchL, settledL, swollenL } from "./settle";
