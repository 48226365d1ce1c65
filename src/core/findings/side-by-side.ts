import { type Day, daysBetween } from "../day";
import type { Weighing } from "../record";
import { spreadWithin } from "./belief";
import { groupBy } from "./group";
import { gaveKg, isTooMuch, toldBy } from "./harvest";
import type { Line } from "./line";

import { sidesFor } from "./trial";

/** A planting that could take part. */
export interface Candidate {
  readonly householdId: string;
  readonly plantingId: string;
  readonly rowId: string;
  readonly sowOn: Day;
}

/** Two plantings of one household: which goes the first way and which the second. */
export interface Pair {
  readonly householdId: string;
  readonly firstPlantingId: string;
  readonly secondPlantingId: string;
}

/** Sown further apart, two plantings have had another season, days. Assumption, no source. */
const TOGETHER_DAYS = 14;

/**
 * Two plantings of each household in bags of their own, sown together, each pair's ways given by a seeded chance. A
 * household's first two that go together are taken; one without two has no pair.
 */
export function pairUp(candidates: readonly Candidate[], seed: number): Pair[] {
  const houses = [...new Set(candidates.map((c) => c.householdId))];
  const twos = houses.flatMap((householdId) => {
    const own = candidates.filter((c) => c.householdId === householdId);
    for (const [i, one] of own.entries())
      for (const other of own.slice(i + 1))
        if (one.rowId !== other.rowId && Math.abs(daysBetween(one.sowOn, other.sowOn)) <= TOGETHER_DAYS)
          return [[one, other] as const];
    return [];
  });
  const sides = sidesFor(twos.length, seed);
  return twos.map(([one, other], i): Pair => {
    const isFirst = sides[i]?.[0] === "a";
    return {
      householdId: one.householdId,
      firstPlantingId: isFirst ? one.plantingId : other.plantingId,
      secondPlantingId: isFirst ? other.plantingId : one.plantingId,
    };
  });
}

/** Plantings of one household differ by so much where nobody knows: a standard deviation of logarithms. Assumption, no source. */
const USUAL_SPREAD = 0.3;

/** How two plantings of a goal in one household differ by chance, as a standard deviation of the logarithm of their ratio: as records say, drawn towards what is usual while they are few. */
export function pairSpread(lines: readonly Line[], weighings: readonly Weighing[]): number {
  const logs = [...groupBy(toldBy(lines, weighings), ({ line }) => line.householdId).values()].map((own) =>
    own.map(({ ratio }) => Math.log(ratio)),
  );
  return Math.SQRT2 * spreadWithin(logs, USUAL_SPREAD);
}

/** What a pair came to so far. */
export interface PairState extends Pair {
  readonly firstKg: number;
  readonly secondKg: number;
  /** One of them gave more than can well be: it does not count until somebody asks. */
  readonly isDoubtful: boolean;
  /** Both have ended, so that the pair counts. */
  readonly isIn: boolean;
}

/** Of the middle harvest, this is added to both bags of a pair: one that gave nothing counts, and does not rule all others. Assumption, no source. */
const NOTHING_IS = 0.05;

/** What pairs came to, and the ratio of the second way to the first for each that counts. @param lines of the plantings that take part */
export function pairStates(
  pairs: readonly Pair[],
  lines: readonly Line[],
  weighings: readonly Weighing[],
): { states: PairState[]; ratios: number[] } {
  const lineOf = new Map(lines.map((line) => [line.plantingId, line]));
  const bag = (id: string) => {
    const line = lineOf.get(id);
    const kg = line ? gaveKg(line, weighings).kg : 0;
    return {
      kg,
      hasEnded: (line?.endedOn ?? null) !== null,
      isDoubtful: line !== undefined && isTooMuch(kg, line.expectedKg),
    };
  };
  const states = pairs.map((pair): PairState => {
    const [first, second] = [bag(pair.firstPlantingId), bag(pair.secondPlantingId)];
    const isDoubtful = first.isDoubtful || second.isDoubtful;
    return {
      ...pair,
      firstKg: first.kg,
      secondKg: second.kg,
      isDoubtful,
      isIn: first.hasEnded && second.hasEnded && !isDoubtful,
    };
  });
  const counted = states.filter(({ isIn }) => isIn);
  const kgs = counted.flatMap(({ firstKg, secondKg }) => [firstKg, secondKg]).sort((a, b) => a - b);
  const middle = kgs[Math.floor(kgs.length / 2)] ?? 0;
  const least = middle > 0 ? NOTHING_IS * middle : 1;
  return { states, ratios: counted.map((s) => (s.secondKg + least) / (s.firstKg + least)) };
}
