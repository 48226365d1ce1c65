import type { Recipe } from "./parts";

/** A growing mix, what it weighs, and its parts by volume. */
export interface Mix {
  readonly id: string;
  /** Bulk density as it is filled in, kg/L. */
  readonly dryKgL: number;
  /** Bulk density when soaked and drained, kg/L: what a floor has to carry. */
  readonly wetKgL: number;
  /** The programme weighed a wet litre of it. */
  readonly isWeighed?: boolean;
  readonly recipe: Recipe;
  /** Soil and manure together are sour: lime or wood ash goes over the heap. */
  readonly isLimed?: boolean;
}
