import normalCdf from "@stdlib/stats-base-dists-normal-cdf";
import tCdf from "@stdlib/stats-base-dists-t-cdf";
import tQuantile from "@stdlib/stats-base-dists-t-quantile";
import { known } from "../known";
import { seededRandom } from "../chance";
import type { Estimate } from "./share";

const sum = (values: readonly number[]) => values.reduce((a, b) => a + b, 0);

/** Values' mean and spread (standard deviation with n − 1). */
export function spreadOf(values: readonly number[]): { n: number; mean: number; sd: number } {
  const n = values.length;
  const mean = sum(values) / n;
  return { n, mean, sd: Math.sqrt(sum(values.map((v) => (v - mean) ** 2)) / (n - 1)) };
}

/**
 * Whether differences are off zero: Student's paired test (1908), with the interval of their mean.
 *
 * @param differences one of each pair, in any one measure
 * @throws {RangeError} for fewer than two
 */
export function meanDifference(
  differences: readonly number[],
  level = 0.95,
): Estimate & { readonly t: number; readonly df: number; readonly p: number } {
  if (differences.length < 2) throw new RangeError("a single difference has no spread");
  const { n, mean, sd } = spreadOf(differences);
  const [se, df] = [sd / Math.sqrt(n), n - 1];
  const t = mean / se;
  const off = tQuantile((1 + level) / 2, df) * se;
  return { value: mean, low: mean - off, high: mean + off, t, df, p: 2 * tCdf(-Math.abs(t), df) };
}

/** Up to so many pairs all signs are tried, beyond it this many by chance. */
const TRIED_WHOLE = 14;
const TRIED = 20_000;
const NEAR = 1e-9;

/**
 * How often differences as large as these come when in each pair chance alone says which is which: Fisher's permutation
 * test (1935), two-sided. All signs are tried for few pairs, else a seeded sample of them.
 *
 * @param differences one of each pair
 * @returns 0 to 1
 */
export function permutationP(differences: readonly number[], seed = 1): number {
  const n = differences.length;
  const seen = Math.abs(sum(differences)) - NEAR;
  if (n <= TRIED_WHOLE) {
    let asLarge = 0;
    for (let signs = 0; signs < 2 ** n; signs++) {
      let total = 0;
      for (let i = 0; i < n; i++) total += signs & (1 << i) ? known(differences[i]) : -known(differences[i]);
      if (Math.abs(total) >= seen) asLarge++;
    }
    return asLarge / 2 ** n;
  }
  const random = seededRandom(seed);
  let asLarge = 1;
  for (let i = 0; i < TRIED; i++) {
    const total = differences.reduce((to, d) => to + (random() < 0.5 ? d : -d), 0);
    if (Math.abs(total) >= seen) asLarge++;
  }
  return asLarge / (TRIED + 1);
}

/** How often each sum of ranks comes by chance, for n differences. */
function rankSums(n: number): number[] {
  let chances = [1];
  for (let rank = 1; rank <= n; rank++) {
    const next = new Array<number>(chances.length + rank).fill(0);
    chances.forEach((c, s) => {
      next[s] = (next[s] ?? 0) + c / 2;
      next[s + rank] = (next[s + rank] ?? 0) + c / 2;
    });
    chances = next;
  }
  return chances;
}

const EXACT_UP_TO = 60;

/** Of the means of all pairs of n differences, so many lie outside the interval at either end. */
function outside(n: number, level: number): number {
  const tail = (1 - level) / 2;
  if (n <= EXACT_UP_TO) {
    let below = 0;
    return rankSums(n).findIndex((chance) => (below += chance) > tail);
  }
  const [mean, sd] = [(n * (n + 1)) / 4, Math.sqrt((n * (n + 1) * (2 * n + 1)) / 24)];
  let k = Math.floor(mean);
  while (k > 0 && normalCdf(k, mean, sd) > tail) k--;
  return k;
}

/**
 * The middle difference: the median of the means of all pairs of differences, each with itself too (Hodges and Lehmann
 * 1963), with the interval that belongs to the signed-rank test. Differences of zero are left out, as R does.
 *
 * @returns the whole line as its interval where too few differ to say more
 */
export function middleDifference(differences: readonly number[], level = 0.95): Estimate {
  const kept = differences.filter((d) => d !== 0);
  const n = kept.length;
  if (n === 0) return { value: 0, low: Number.NEGATIVE_INFINITY, high: Number.POSITIVE_INFINITY };
  const means = kept.flatMap((a, i) => kept.slice(i).map((b) => (a + b) / 2)).sort((a, b) => a - b);
  const half = means.length / 2;
  const k = outside(n, level);
  return {
    value: (known(means[Math.ceil(half) - 1]) + known(means[Math.floor(half)])) / 2,
    low: k < 1 ? Number.NEGATIVE_INFINITY : known(means[k - 1]),
    high: k < 1 ? Number.POSITIVE_INFINITY : known(means[means.length - k]),
  };
}
