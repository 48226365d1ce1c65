import { type Day, daysBetween } from "../day";
import type { Weighing } from "../record";
import { spreadWithin } from "./belief";
import { groupBy } from "./group";
import { gaveKg, isTooMuch, toldBy } from "./harvest";
import type { Line } from "./line";
import { spreadOf } from "./pairs";
import { pool, type Said } from "./pooled";
import { sidesFor } from "./trial";

/** A planting that could take part, and what it stands in. */
export interface Candidate {
  readonly householdId: string;
  readonly plantingId: string;
  readonly rowId: string;
  readonly bagKindId: string;
  readonly placeKind: string | null;
  readonly sunHours: number;
  readonly sowOn: Day;
}

/** Two plantings: which goes the first way and which the second, and whose each of them is. */
export interface Pair {
  readonly householdId: string;
  readonly secondHouseholdId: string;
  readonly firstPlantingId: string;
  readonly secondPlantingId: string;
}

/** Sown further apart, two plantings have had another season, days. Assumption, no source. */
const TOGETHER_DAYS = 14;
/** Places whose hours of sun differ by more are not alike. Assumption, no source. */
const ALIKE_SUN_H = 1;

const isTogether = (one: Candidate, other: Candidate): boolean =>
  Math.abs(daysBetween(one.sowOn, other.sowOn)) <= TOGETHER_DAYS;

type Two = readonly [Candidate, Candidate];

/** The first two of one household that stand in bags of their own and are sown together. */
function twoOf(own: readonly Candidate[]): Two | undefined {
  for (const [i, one] of own.entries())
    for (const other of own.slice(i + 1))
      if (one.rowId !== other.rowId && isTogether(one, other)) return [one, other];
  return undefined;
}

/** Pairs of two households, each with one planting, in bags of one kind at places that are alike: those with the nearest sun. */
function twosAcross(singles: readonly Candidate[]): Two[] {
  const groups = groupBy(singles, (c) => `${c.placeKind} ${c.bagKindId}`);
  return [...groups.values()].flatMap((alike) => {
    const left = [...alike].sort((a, b) => a.sunHours - b.sunHours);
    const twos: Two[] = [];
    for (let one = left.shift(); one; one = left.shift()) {
      const first = one;
      const at = left.findIndex(
        (other) => other.sunHours - first.sunHours <= ALIKE_SUN_H && isTogether(first, other),
      );
      const [other] = at < 0 ? [] : left.splice(at, 1);
      if (other) twos.push([first, other]);
    }
    return twos;
  });
}

/**
 * Two plantings of each household in bags of their own, sown together; and where a household has no two, one of each of two
 * households whose places are alike. Each pair's ways are given by a seeded chance.
 *
 * @param candidates in an order that stays, so that the same seed gives the same pairs
 */
export function pairUp(candidates: readonly Candidate[], seed: number): Pair[] {
  const houses = [...groupBy(candidates, (c) => c.householdId).values()];
  const within = houses.map(twoOf);
  const singles = houses.flatMap((own, i) => (within[i] ? [] : own.slice(0, 1)));
  const twos = [...within.filter((two) => two !== undefined), ...twosAcross(singles)];
  const sides = sidesFor(twos.length, seed);
  return twos.map(([one, other], i): Pair => {
    const [first, second] = sides[i]?.[0] === "a" ? [one, other] : [other, one];
    return {
      householdId: first.householdId,
      secondHouseholdId: second.householdId,
      firstPlantingId: first.plantingId,
      secondPlantingId: second.plantingId,
    };
  });
}

/** Plantings of one household differ by so much where nobody knows, and households beside that: standard deviations of logarithms. Assumption, no source. */
const USUAL_SPREAD = 0.3;
const USUAL_BETWEEN = 0.25;
/** Fewer households say nothing of how they differ. Assumption, no source. */
const LEAST_HOUSEHOLDS = 5;

/**
 * How two plantings of a goal differ by chance, as a standard deviation of the logarithm of their ratio: as records say,
 * drawn towards what is usual while they are few.
 *
 * @param across share of pairs that are of two households, which differ in more than the way
 */
export function pairSpread(lines: readonly Line[], weighings: readonly Weighing[], across: number): number {
  const logs = [...groupBy(toldBy(lines, weighings), ({ line }) => line.householdId).values()].map((own) =>
    own.map(({ ratio }) => Math.log(ratio)),
  );
  const within = spreadWithin(logs, USUAL_SPREAD);
  const said = logs.map((own): Said => ({ value: spreadOf(own).mean, se: within / Math.sqrt(own.length) }));
  const between2 = said.length < LEAST_HOUSEHOLDS ? USUAL_BETWEEN ** 2 : pool(said).tau2;
  return Math.sqrt(2 * within ** 2 + across * 2 * between2);
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
