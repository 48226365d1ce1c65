/** What a level barrow, a bucket and a can hold, L: a programme measures its own. */
export interface Sizes {
  readonly barrowL: number;
  readonly bucketL: number;
  readonly canL: number;
}

/** Assumptions, no source: they differ from shed to shed. */
export const USUAL_SIZES: Sizes = { barrowL: 65, bucketL: 10, canL: 10 };

/** How often a barrow and a bucket go to a heap: barrows as long as they are full, then buckets. */
export function loadsOf(
  litres: number,
  { barrowL, bucketL }: Sizes = USUAL_SIZES,
): { readonly barrows: number; readonly buckets: number } {
  const barrows = Math.floor(litres / barrowL + 1e-9);
  return { barrows, buckets: Math.max(0, Math.ceil((litres - barrows * barrowL) / bucketL - 1e-9)) };
}
