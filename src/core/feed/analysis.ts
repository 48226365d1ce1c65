import type { Problem } from "../problem";

/** What stands on a sack of feed: percent by mass of N, P₂O₅ and K₂O. */
export type Analysis = readonly [n: number, p2o5: number, k2o: number];

/** Nutrients by their place in an analysis. */
export const NUTRIENTS = ["n", "p", "k"] as const;
export type Nutrient = (typeof NUTRIENTS)[number];

/** Percent of a nutrient in a feed. */
export const carries = (analysis: Analysis, nutrient: Nutrient): number =>
  analysis[NUTRIENTS.indexOf(nutrient)] ?? 0;

/**
 * The amount of one feed that carries as much of a nutrient as `amount` of another, at equal bulk density: half the
 * analysis, twice the amount. Undefined where it carries none of it.
 *
 * @param amount of the one that is known, by volume or by weight: the answer is in the same
 */
export function equalFeed(
  amount: number,
  from: Analysis,
  to: Analysis,
  nutrient: Nutrient = "n",
): number | undefined {
  const share = carries(to, nutrient);
  return share > 0 ? (amount * carries(from, nutrient)) / share : undefined;
}

export type AnalysisRead =
  { readonly ok: true; readonly value: Analysis } | { readonly ok: false; readonly problem: Problem };

/** Reads an analysis as it stands on a sack: "8-2-4", "NPK 8 2 4", "8,5:2:4". */
export function readAnalysis(text: string): AnalysisRead {
  const numbers = (text.match(/\d+(?:[.,]\d+)?/g) ?? []).map((part) => Number(part.replace(",", ".")));
  const [n, p, k] = numbers;
  if (n === undefined || p === undefined || k === undefined || numbers.length > 3)
    return { ok: false, problem: { code: text.trim() === "" ? "empty" : "analysis-three" } };
  if (n + p + k === 0) return { ok: false, problem: { code: "analysis-nothing" } };
  if (n + p + k > 100) return { ok: false, problem: { code: "analysis-over" } };
  return { ok: true, value: [n, p, k] };
}
