import tCdf from "@stdlib/stats-base-dists-t-cdf";
import tQuantile from "@stdlib/stats-base-dists-t-quantile";
import { seededRandom } from "../chance";
import { known } from "../known";
import { middleDifference, permutationP, spreadOf } from "./pairs";
import type { Estimate } from "./share";

/** A difference that is worth having, and what is asked of the trial that looks for it. */
export interface Aim {
  /** Smallest difference that matters, as a ratio: 1.2 is a fifth more. */
  readonly ratio: number;
  /** Spread of pairs' differences, as a standard deviation of natural logarithms. */
  readonly spread: number;
  /** How often a difference of that size is to be found. */
  readonly power: number;
  /** How often one may be claimed where there is none. */
  readonly falseClaims: number;
  /** Shares of the pairs at which somebody is thought to look before all are in: what they spend, the last look has not. */
  readonly looks: readonly number[];
}

const MOST_PAIRS = 500;

/**
 * How many pairs it takes to find a difference of a size, by Student's t; the part of a normal distribution that a shift
 * of its mean moves past the limit stands for the noncentral one, which is on the safe side by a pair or so.
 *
 * @returns undefined where more than anybody can grow would be needed
 */
export function pairsFor({ ratio, spread, power, falseClaims, looks }: Aim): number | undefined {
  const shift = Math.abs(Math.log(ratio)) / spread;
  const left = known(spendingOf([...looks, 1], falseClaims).at(-1));
  for (let n = 3; n <= MOST_PAIRS; n++) {
    const limit = tQuantile(1 - left / 2, n - 1);
    if (1 - tCdf(limit - shift * Math.sqrt(n), n - 1) >= power) return n;
  }
  return undefined;
}

/** What each pair's first and second bag get. */
export type Side = "a" | "b";

/** Which of two bags of each pair gets which way: by a seeded chance, as evenly over all pairs as can be. @param pairs how many there are */
export function sidesFor(pairs: number, seed: number): (readonly [Side, Side])[] {
  const random = seededRandom(seed);
  const firsts = Array.from({ length: pairs }, (_, i): Side => (i % 2 === 0 ? "a" : "b"));
  for (let i = pairs - 1; i > 0; i--) {
    const j = Math.floor(random() * (i + 1));
    [firsts[i], firsts[j]] = [known(firsts[j]), known(firsts[i])];
  }
  return firsts.map((first) => [first, first === "a" ? "b" : "a"]);
}

/**
 * How often a claim may be false at the n-th of several looks: what is spent by then less what was spent before. Spent is
 * the whole times the cube of the share of pairs that are in, so that early looks claim only what is plain. The sums of
 * all looks never come to more than the whole, however they hang together (Bonferroni's inequality).
 *
 * @param shares of the planned pairs that are in at each look, rising; the last one may pass 1
 */
export function spendingOf(shares: readonly number[], whole: number): number[] {
  let spent = 0;
  return shares.map((share) => {
    const until = whole * Math.min(1, Math.max(0, share)) ** 3;
    const now = Math.max(0, until - spent);
    spent = Math.max(spent, until);
    return now;
  });
}

/** What a trial says so far. */
export interface Answer {
  readonly verdict: "more" | "less" | "no-difference" | "cannot-tell";
  /** How many pairs are in. */
  readonly pairs: number;
  /** What the second way gives for one of the first, and between what that lies. */
  readonly ratio?: Estimate;
  readonly p?: number;
  /** About so many more pairs would tell; left out where it is told, or where more than anybody can grow would be needed. */
  readonly morePairs?: number;
}

/**
 * What pairs say, analysed as it was planned: a permutation test at what this look may spend, and the middle ratio with its
 * interval. "No difference worth having" is said only where the whole interval lies inside what does not matter.
 *
 * @param ratios second way over first, for each pair that is in
 * @param looks shares of the planned pairs that were in at the looks before this one
 */
export function answerOf(
  ratios: readonly number[],
  {
    aim,
    planned,
    looks = [],
  }: { readonly aim: Aim; readonly planned: number; readonly looks?: readonly number[] },
): Answer {
  const logs = ratios.map((r) => Math.log(r));
  const pairs = logs.length;
  if (pairs < 3) return { verdict: "cannot-tell", pairs, morePairs: Math.max(1, planned - pairs) };
  const may = known(spendingOf([...looks, pairs / planned], aim.falseClaims).at(-1));
  const p = permutationP(logs);
  const level = 1 - Math.max(may, 1e-6);
  const logRatio = middleDifference(logs, level);
  const ratio = {
    value: Math.exp(logRatio.value),
    low: Math.exp(logRatio.low),
    high: Math.exp(logRatio.high),
  };
  if (p <= may) return { verdict: logRatio.value > 0 ? "more" : "less", pairs, ratio, p };
  const worth = Math.abs(Math.log(aim.ratio));
  if (logRatio.low > -worth && logRatio.high < worth) return { verdict: "no-difference", pairs, ratio, p };
  const needed = pairsFor({ ...aim, spread: Math.max(aim.spread / 2, spreadOf(logs).sd) });
  const morePairs = needed && Math.max(1, Math.max(needed, planned) - pairs);
  return { verdict: "cannot-tell", pairs, ratio, p, ...(morePairs === undefined ? {} : { morePairs }) };
}
