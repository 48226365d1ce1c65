import type { Stages } from "../calendar";
import { startsFromSeed } from "../crop";
import { type Day, dayNumber } from "../day";

/** A seedling takes this share of a grown plant's room and soil. Assumption, no source. */
const SEEDLING = 0.1;

/** From when a planting stands in its bag: sown there, or moved there. */
export const standsFrom = (stages: Stages): Day => stages.move?.likely ?? stages.sow;

/** When its leaves begin to grow there: once moved or set, or once it is up. */
const growsFrom = (stages: Stages): Day =>
  stages.move?.likely ?? (startsFromSeed(stages.method) ? (stages.up?.likely ?? stages.sow) : stages.sow);

/**
 * How far a planting is grown on each day from the one on which it stands in its bag: 0 to 1, full from its first pick
 * on; slow at first, fast in the middle, as stands close. A planting that never ripens stays a seedling.
 *
 * @param days how many days to draw
 */
export function growthCurve(stages: Stages, days: number): Float64Array {
  const from = dayNumber(standsFrom(stages));
  const start = dayNumber(growsFrom(stages));
  const whole = stages.firstPick && Math.max(1, dayNumber(stages.firstPick.likely) - start);
  return Float64Array.from({ length: days }, (_, i) => {
    const grows = from + i - start;
    if (grows < 0) return SEEDLING / 2;
    if (whole === undefined) return SEEDLING;
    const x = Math.min(1, grows / whole);
    return SEEDLING + (1 - SEEDLING) * x * x * (3 - 2 * x);
  });
}

/** Width and height of one plant, cm. */
export interface Canopy {
  readonly widthCm: number;
  readonly heightCm: number;
}
