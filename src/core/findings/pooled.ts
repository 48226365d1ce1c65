import tQuantile from "@stdlib/stats-base-dists-t-quantile";
import normalQuantile from "@stdlib/stats-base-dists-normal-quantile";
import type { Estimate } from "./share";

/** What one group says, and its standard error. */
export interface Said {
  readonly value: number;
  readonly se: number;
}

/** What groups say together, where each has its own true value. */
export interface Pooled {
  readonly mean: number;
  readonly se: number;
  /** Variance of the groups' true values. */
  readonly tau2: number;
  /** Each group's value, drawn towards the mean by as much as it is unsure; in the order given. */
  readonly each: readonly Said[];
}

const sum = (values: readonly number[]) => values.reduce((a, b) => a + b, 0);

function pooledBy(groups: readonly Said[], tau2: number): Pooled {
  const weights = groups.map(({ se }) => 1 / (se * se + tau2));
  const all = sum(weights);
  const mean = sum(groups.map(({ value }, i) => (weights[i] ?? 0) * value)) / all;
  const each = groups.map(({ value, se }) => {
    const own = tau2 / (tau2 + se * se);
    return { value: own * value + (1 - own) * mean, se: Math.sqrt(own * se * se + (1 - own) ** 2 / all) };
  });
  return { mean, se: Math.sqrt(1 / all), tau2, each };
}

/** Variance between groups by moments (DerSimonian and Laird 1986); never below 0. */
export function tau2ByMoments(groups: readonly Said[]): number {
  const w = groups.map(({ se }) => 1 / (se * se));
  const all = sum(w);
  const mean = sum(groups.map(({ value }, i) => (w[i] ?? 0) * value)) / all;
  const q = sum(groups.map(({ value }, i) => (w[i] ?? 0) * (value - mean) ** 2));
  const c = all - sum(w.map((x) => x * x)) / all;
  return c > 0 ? Math.max(0, (q - (groups.length - 1)) / c) : 0;
}

/** Variance between groups by restricted likelihood (Patterson and Thompson 1971), by Fisher's scoring from that by moments. */
export function tau2ByLikelihood(groups: readonly Said[]): number {
  let tau2 = tau2ByMoments(groups);
  for (let i = 0; i < 200; i++) {
    const w = groups.map(({ se }) => 1 / (se * se + tau2));
    const [w1, w2, w3] = [1, 2, 3].map((power) => sum(w.map((x) => x ** power))) as [number, number, number];
    const mean = sum(groups.map(({ value }, j) => (w[j] ?? 0) * value)) / w1;
    const off = sum(groups.map(({ value }, j) => (w[j] ?? 0) ** 2 * (value - mean) ** 2));
    const next = Math.max(0, tau2 + (off - w1 + w2 / w1) / (w2 - (2 * w3) / w1 + (w2 / w1) ** 2));
    if (Math.abs(next - tau2) < 1e-10) return next;
    tau2 = next;
  }
  return tau2;
}

/** What groups say together, each with a true value of its own (random effects). @throws {RangeError} without a group */
export function pool(
  groups: readonly Said[],
  tau2Of: (groups: readonly Said[]) => number = tau2ByLikelihood,
): Pooled {
  if (groups.length === 0) throw new RangeError("nothing to pool");
  return pooledBy(groups, tau2Of(groups));
}

/** Between what the mean of all groups lies. @param groups how many there are: few are trusted less */
export function between({ mean, se }: Pick<Pooled, "mean" | "se">, groups: number, level = 0.95): Estimate {
  const off =
    groups > 1 ? tQuantile((1 + level) / 2, groups - 1) * se : normalQuantile((1 + level) / 2, 0, 1) * se;
  return { value: mean, low: mean - off, high: mean + off };
}
