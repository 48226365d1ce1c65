/** Mix settles by about this share after its first soaks. Common practice; the share is an assumption. */
const SETTLES = 0.1;
/** A first soak takes about this much water for a litre of mix, L: a large tower about 4 buckets. Common practice. */
const SOAKS = 0.1;
/** Packed mix that is loosened swells by about what it had settled. Common practice; the share is an assumption. */
const SWELLS = SETTLES;
/** Mulch of grass, straw or leaves lies so thick, cm. Common practice: 2 to 5. */
const MULCH_CM = 3;

/** What a bag is topped up with once its mix has settled, L. */
export const settledL = (soilL: number): number => SETTLES * soilL;

/** What has to come out of a bag when its used mix is loosened, L. */
export const swollenL = (soilL: number): number => SWELLS * soilL;

/** Water of a bag's first soak, L. */
export const firstSoakL = (soilL: number): number => SOAKS * soilL;

/** Mulch over the open soil of a bag, L. @param topCm2 soil that lies open */
export const mulchL = (topCm2: number): number => (topCm2 * MULCH_CM) / 1000;
