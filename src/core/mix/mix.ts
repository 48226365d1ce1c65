import type { Recipe } from "./recipe";

/** A growing mix, what it weighs, and its parts by volume. */
export interface Mix {
  readonly id: string;
  /** Bulk density as it is filled in, kg/L. */
  readonly dryKgL: number;
  /** Bulk density when soaked and drained, kg/L: what a floor has to carry. */
  readonly wetKgL: number;
  readonly recipe: Recipe;
}
