import betaQuantile from "@stdlib/stats-base-dists-beta-quantile";
import normalQuantile from "@stdlib/stats-base-dists-normal-quantile";

/** So many of so many. */
export interface Count {
  readonly k: number;
  readonly n: number;
}

/** A figure, and between what it lies. */
export interface Estimate {
  readonly value: number;
  readonly low: number;
  readonly high: number;
}

/** A share with its interval (Wilson 1927). @param level of confidence @throws {RangeError} for a share of nothing */
export function shareOf({ k, n }: Count, level = 0.95): Estimate {
  if (n <= 0) throw new RangeError("a share of nothing");
  const z = normalQuantile((1 + level) / 2, 0, 1);
  const p = k / n;
  const middle = (p + (z * z) / (2 * n)) / (1 + (z * z) / n);
  const off = (z / (1 + (z * z) / n)) * Math.sqrt((p * (1 - p)) / n + (z * z) / (4 * n * n));
  // Rounding must not push the ends past what the count itself says.
  return { value: p, low: k === 0 ? 0 : middle - off, high: k === n ? 1 : middle + off };
}

/** How shares differ from household to household: a beta distribution, by its mean and by how alike they are (its two parameters together). */
export interface Alike {
  readonly mean: number;
  readonly weight: number;
}

/** Households are never taken for more alike than this: as if each was known from so many others' plants. Assumption, no source. */
const MOST_ALIKE = 400;
const LEAST_ALIKE = 0.5;

/**
 * How alike households are, by the analysis of variance of their counts (the estimator of Kleinman 1973, as Ridout,
 * Demétrio and Firth 1999 have it): by how much more they differ than plants of one household do.
 */
export function alikeOf(counts: readonly Count[]): Alike {
  const total = (of: (count: Count) => number) => counts.reduce((sum, count) => sum + of(count), 0);
  const [groups, n] = [counts.length, total((c) => c.n)];
  const mean = total((c) => c.k) / n;
  // With one plant each, or one household, nothing tells them apart.
  if (groups < 2 || n <= groups) return { mean, weight: MOST_ALIKE };
  const usual = (n - total((c) => c.n ** 2) / n) / (groups - 1);
  const between = total((c) => c.n * (c.k / c.n - mean) ** 2) / (groups - 1);
  const within = total((c) => (c.k * (c.n - c.k)) / c.n) / (n - groups);
  const all = between + (usual - 1) * within;
  const alike = all > 0 ? (between - within) / all : 0;
  const weight = alike > 0 ? 1 / alike - 1 : MOST_ALIKE;
  return { mean, weight: Math.min(MOST_ALIKE, Math.max(LEAST_ALIKE, weight)) };
}

/** Counts of all households together; as much worth as so many plants alone, since plants of one household go alike. */
export function shareOfAll(counts: readonly Count[]): Estimate {
  const k = counts.reduce((sum, c) => sum + c.k, 0);
  const n = counts.reduce((sum, c) => sum + c.n, 0);
  const alike = 1 / (alikeOf(counts).weight + 1);
  const each = n / counts.length;
  const effect = 1 + Math.max(0, each - 1) * alike;
  return shareOf({ k: k / effect, n: n / effect });
}

/** One household's share as it looks among all: the fewer it counted, the nearer to what all have. */
export function shareAmong({ k, n }: Count, { mean, weight }: Alike, level = 0.95): Estimate {
  const [a, b] = [k + mean * weight, n - k + (1 - mean) * weight];
  return {
    value: a / (a + b),
    low: betaQuantile((1 - level) / 2, a, b),
    high: betaQuantile((1 + level) / 2, a, b),
  };
}
