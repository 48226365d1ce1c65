import chiSquareBelow from "@stdlib/stats-base-dists-chisquare-cdf";
import { Matrix, solve } from "ml-matrix";
import type { Wait } from "./survival";

/** A test of whether groups are alike: its statistic, its degrees of freedom, and how often chance alone gives as much. */
export interface Test {
  readonly statistic: number;
  readonly df: number;
  readonly p: number;
}

/**
 * Whether groups wait equally long: the log-rank test (Mantel 1966; Peto and Peto 1972), for two groups or more.
 *
 * @param groups waits of each group; those without any are left out
 * @returns undefined where fewer than two groups, or nothing, can be compared
 */
export function logRank(groups: readonly (readonly Wait[])[]): Test | undefined {
  const full = groups.filter((group) => group.length > 0);
  const days = [...new Set(full.flat().flatMap((w) => (w.isOver ? [w.days] : [])))].sort((a, b) => a - b);
  const df = full.length - 1;
  if (df < 1 || days.length === 0) return undefined;
  const excess = new Array<number>(df).fill(0);
  const variance = Matrix.zeros(df, df);
  for (const day of days) {
    const atRisk = full.map((group) => group.filter((w) => w.days >= day).length);
    const n = atRisk.reduce((a, b) => a + b, 0);
    const happened = full.map((group) => group.filter((w) => w.isOver && w.days === day).length);
    const d = happened.reduce((a, b) => a + b, 0);
    for (let i = 0; i < df; i++) {
      const share = (atRisk[i] ?? 0) / n;
      excess[i] = (excess[i] ?? 0) + (happened[i] ?? 0) - d * share;
      if (n < 2) continue;
      for (let j = 0; j < df; j++) {
        const other = (atRisk[j] ?? 0) / n;
        const by = ((d * (n - d)) / (n - 1)) * share * ((i === j ? 1 : 0) - other);
        variance.set(i, j, variance.get(i, j) + by);
      }
    }
  }
  const column = Matrix.columnVector(excess);
  // Pseudo-inverse: a group in which nothing could happen any more adds nothing.
  const statistic = column
    .transpose()
    .mmul(solve(variance, column, true))
    .get(0, 0);
  return { statistic, df, p: 1 - chiSquareBelow(statistic, df) };
}
