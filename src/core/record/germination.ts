/** What a programme's own sowings came to: seeds that were counted, and how many came up. */
export interface Germination {
  readonly sown: number;
  readonly up: number;
  readonly share: number;
}

const LEAST_SEEDS = 20;
/** Even the best lot loses a seed in fifty; counts of everything are counts of little. Assumption, no source. */
const MOST_SHARE = 0.98;

/** Own germination by crop, from the sums of seeds that were counted and came up; crops with too few seeds are left out. */
export const germinationBy = (
  sums: readonly { readonly cropId: string; readonly sown: number; readonly up: number }[],
): Record<string, Germination> =>
  Object.fromEntries(
    sums.flatMap(({ cropId, sown, up }) =>
      sown < LEAST_SEEDS ? [] : [[cropId, { sown, up, share: Math.min(MOST_SHARE, up / sown) }]],
    ),
  );
