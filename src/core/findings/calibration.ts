import normalQuantile from "@stdlib/stats-base-dists-normal-quantile";
import type { Range } from "./belief";
import { type Estimate, shareOf } from "./share";

/** What was expected of a planting, and what came. */
export interface Foretold {
  readonly expected: Range;
  readonly real: number;
}

/** Of ranges that are to hold in a share of all cases: in how many they did. */
export interface Held {
  readonly promised: number;
  readonly held: Estimate;
  readonly n: number;
}

/** How often ranges hold, and by what their spread is to be multiplied so that they do. */
export interface Calibrated {
  readonly held: readonly Held[];
  readonly widen: number;
}

const PROMISES = [0.5, 0.8, 0.95];

/** The spread of the logarithm on either side of the likely value, of a range that holds in four cases of five. */
function sidesOf({ low, likely, high }: Range): readonly [number, number] {
  const z = normalQuantile(0.9, 0, 1);
  return [Math.log(likely / low) / z, Math.log(high / likely) / z];
}

/** How many of its own spreads a real value lies from the likely one; below it with a minus. */
function offBy({ expected, real }: Foretold): number {
  const [below, above] = sidesOf(expected);
  const off = Math.log(real / expected.likely);
  return off === 0 ? 0 : off / (off < 0 ? below : above);
}

/** Whether ranges hold as often as they promise: at a half, four fifths and nineteen twentieths. */
export function calibrationOf(foretold: readonly Foretold[]): Held[] {
  const n = foretold.length;
  if (n === 0) return [];
  const off = foretold.map((f) => Math.abs(offBy(f)));
  return PROMISES.map((promised) => {
    const z = normalQuantile((1 + promised) / 2, 0, 1);
    return { promised, held: shareOf({ k: off.filter((o) => o <= z).length, n }), n };
  });
}

/** Fewer than this tell nothing of how wide a range should be. Assumption, no source. */
const LEAST = 10;
/** A range that would have to be wider by less is wide enough. Assumption, no source. */
const LEAST_WIDER = 1.05;

/**
 * By what a range's spread is to be multiplied so that it holds in four cases of five: never less than 1, since a range
 * that is too wide misleads nobody. 1 where there are too few to tell, where chance explains it, or where it is next to nothing.
 */
export function widening(foretold: readonly Foretold[]): number {
  const n = foretold.length;
  const held = calibrationOf(foretold).find(({ promised }) => promised === 0.8);
  if (!held || n < LEAST || held.held.high >= 0.8) return 1;
  const off = foretold.map((f) => Math.abs(offBy(f))).sort((a, b) => a - b);
  const at = off[Math.ceil(0.8 * (n + 1)) - 1] ?? off.at(-1) ?? 0;
  const times = at / normalQuantile(0.9, 0, 1);
  return times < LEAST_WIDER ? 1 : times;
}
