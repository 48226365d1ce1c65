import fBelow from "@stdlib/stats-base-dists-f-cdf";
import tQuantile from "@stdlib/stats-base-dists-t-quantile";
import { inverse, Matrix } from "ml-matrix";
import { known } from "../known";
import type { Estimate } from "./share";

/** Something that may drive a figure: a column of numbers, or for what has no order one of words. */
export interface Driver {
  readonly name: string;
  readonly values: readonly number[] | readonly string[];
}

/** What one driver explains beyond those before it. */
export interface Effect {
  readonly name: string;
  readonly df: number;
  readonly meanSquare: number;
  readonly f: number;
  readonly p: number;
}

/** What drives a figure, as far as these values can tell. */
export interface Explained {
  readonly effects: readonly Effect[];
  /** Those that cannot be told apart from the ones before them: they always came together. */
  readonly tangled: readonly string[];
  readonly residual: { readonly df: number; readonly meanSquare: number };
  /** What the last driver changes, a unit more of it or its second word, all others being the same; where it is one column. */
  readonly last?: Estimate;
}

/** A column is told apart from those before it when so much of it is its own. */
const OWN = 1e-7;

const dot = (a: readonly number[], b: readonly number[]) => a.reduce((to, x, i) => to + x * known(b[i]), 0);

/** Takes from each value the mean of its block. */
function heldApart(blocks: readonly string[]): {
  held: (values: readonly number[]) => number[];
  count: number;
} {
  const numbers = new Map([...new Set(blocks)].map((block, i) => [block, i]));
  const at = blocks.map((block) => known(numbers.get(block)));
  const held = (values: readonly number[]) => {
    const [sums, counts] = [new Float64Array(numbers.size), new Float64Array(numbers.size)];
    values.forEach((value, i) => {
      const block = known(at[i]);
      sums[block] = (sums[block] ?? 0) + value;
      counts[block] = (counts[block] ?? 0) + 1;
    });
    return values.map((value, i) => value - known(sums[known(at[i])]) / known(counts[known(at[i])]));
  };
  return { held, count: numbers.size };
}

/** The columns of a driver: one as it is, or one for each word but the first. */
function columnsOf({ values }: Driver): number[][] {
  if (values.every((v) => typeof v === "number")) return [[...values]];
  const words = [...new Set(values)].sort().slice(1);
  return words.map((word) => values.map((v) => (v === word ? 1 : 0)));
}

/**
 * What each driver explains of a figure beyond those before it, by least squares: an analysis of variance with blocks
 * (Fisher 1925), one after the other in the order given.
 *
 * @param figures one for each case
 * @param drivers the plainest first; each with a value for each case
 * @param blocks to which block each case belongs, where blocks are held apart
 * @returns undefined where nothing is left to tell chance by
 */
export function explain(
  figures: readonly number[],
  drivers: readonly Driver[],
  { blocks, level = 0.95 }: { readonly blocks?: readonly string[]; readonly level?: number } = {},
): Explained | undefined {
  const n = figures.length;
  // Held apart by their own means: as blocks of their own would be, and quick for a thousand of them.
  const { held, count } = heldApart(blocks ?? new Array<string>(n).fill(""));
  const own = held(figures);
  const kept: number[][] = [];
  const axes: number[][] = [];
  const tangled: string[] = [];
  const squares: { name: string; df: number; sum: number }[] = [];
  for (const driver of drivers) {
    let [df, sum] = [0, 0];
    for (const column of columnsOf(driver)) {
      const size = Math.sqrt(dot(column, column));
      let rest = held(column);
      // Twice, so that rounding of the first pass is gone.
      for (let pass = 0; pass < 2; pass++)
        for (const axis of axes) {
          const along = dot(rest, axis);
          rest = rest.map((x, i) => x - along * known(axis[i]));
        }
      const left = Math.sqrt(dot(rest, rest));
      if (left <= OWN * size || size === 0) continue;
      const axis = rest.map((x) => x / left);
      axes.push(axis);
      kept.push(held(column));
      df++;
      sum += dot(own, axis) ** 2;
    }
    if (df === 0) tangled.push(driver.name);
    else squares.push({ name: driver.name, df, sum });
  }
  const left = n - count - axes.length;
  if (left < 1) return undefined;
  const total = dot(own, own) - axes.reduce((to, axis) => to + dot(own, axis) ** 2, 0);
  const meanSquare = Math.max(0, total) / left;
  const effects = squares.map(({ name, df, sum }): Effect => {
    const f = sum / df / meanSquare;
    return { name, df, meanSquare: sum / df, f, p: 1 - fBelow(f, df, left) };
  });
  const last = squares.at(-1);
  return {
    effects,
    tangled,
    residual: { df: left, meanSquare },
    ...(last?.df === 1 && last.name === drivers.at(-1)?.name
      ? { last: lastEffect(kept, own, { meanSquare, df: left, level }) }
      : {}),
  };
}

/** The coefficient of the last column, with its interval. */
function lastEffect(
  columns: readonly number[][],
  figures: readonly number[],
  { meanSquare, df, level }: { meanSquare: number; df: number; level: number },
): Estimate {
  const x = new Matrix(columns.map((c) => [...c])).transpose();
  const spread = inverse(x.transpose().mmul(x));
  const by = spread.mmul(x.transpose()).mmul(Matrix.columnVector([...figures]));
  const at = columns.length - 1;
  const off = tQuantile((1 + level) / 2, df) * Math.sqrt(meanSquare * spread.get(at, at));
  const value = by.get(at, 0);
  return { value, low: value - off, high: value + off };
}
