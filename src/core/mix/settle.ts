/** Mix settles by about this share after its first soaks. Common practice; the share is an assumption. */
const SETTLES = 0.1;
/** A first soak takes about this much water for a litre of mix, L: a large tower about 4 buckets. Common practice. */
const SOAKS = 0.1;

/** What a bag is topped up with once its mix has settled, L. */
export const settledL = (soilL: number): number => SETTLES * soilL;

/** Water of a bag's first soak, L. */
export const firstSoakL = (soilL: number): number => SOAKS * soilL;
