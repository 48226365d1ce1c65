/** Leaves over the mix shed some of the rain beside the bag: so much of it gets in. Assumption, no source. */
const RAIN_CAUGHT = 0.8;

/**
 * Rain that reaches the mix of a bag, L.
 *
 * @param topCm2 its open top
 * @param openSky share of the sky that is open over it; nothing under a cover
 */
export const rainL = (rainMm: number, topCm2: number, openSky: number): number =>
  (rainMm * topCm2 * openSky * RAIN_CAUGHT) / 10_000;

/** What a bag gains and loses on a day, L. */
export interface WaterDay {
  readonly rainL: number;
  readonly drawnL: number;
}

/** A bag's water through a day, L: what it held before, and `before + in − drawn − lost = left`. */
export interface Balance {
  readonly inL: number;
  /** What plants and air really get: no more than is there. */
  readonly drawnL: number;
  /** What runs out below, since the bag is full. */
  readonly lostL: number;
  readonly leftL: number;
}

/**
 * The water of a bag day by day: rain first, as much as it holds, then what plants and air draw.
 *
 * @param mostL what it holds when it has been soaked
 * @param startL what it holds before the first day
 */
export function balanceOf(mostL: number, startL: number, days: readonly WaterDay[]): Balance[] {
  let left = Math.min(mostL, startL);
  return days.map(({ rainL: inL, drawnL: wanted }) => {
    const lostL = Math.max(0, left + inL - mostL);
    const there = left + inL - lostL;
    const drawn = Math.min(there, wanted);
    left = there - drawn;
    return { inL, drawnL: drawn, lostL, leftL: left };
  });
}
