import betaQuantile from "@stdlib/stats-base-dists-beta-quantile";
import logBeta from "@stdlib/math-base-special-betaln";
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

/** Where a function of one number is greatest between two, by golden section. */
function greatest(of: (x: number) => number, low: number, high: number): number {
  const part = (Math.sqrt(5) - 1) / 2;
  let [a, b] = [low, high];
  for (let i = 0; i < 36; i++) {
    const [x, y] = [b - part * (b - a), a + part * (b - a)];
    if (of(x) >= of(y)) b = y;
    else a = x;
  }
  return (a + b) / 2;
}

/** The beta distribution from which the counts of all most likely came (beta-binomial, Skellam 1948), by greatest likelihood. */
export function alikeOf(counts: readonly Count[]): Alike {
  const likelihood = (mean: number, weight: number) => {
    const [a, b] = [mean * weight, (1 - mean) * weight];
    return counts.reduce((sum, { k, n }) => sum + logBeta(k + a, n - k + b) - logBeta(a, b), 0);
  };
  const meanFor = (weight: number) => greatest((m) => likelihood(m, weight), 0.001, 0.999);
  const weight = Math.exp(
    greatest(
      (log) => likelihood(meanFor(Math.exp(log)), Math.exp(log)),
      Math.log(LEAST_ALIKE),
      Math.log(MOST_ALIKE),
    ),
  );
  return { mean: meanFor(weight), weight };
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
