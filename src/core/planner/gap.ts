/** Share of a bound that a garden's worth misses, 0 to 1. */
export const gapOf = (bound: number, worth: number): number =>
  bound > 1e-9 ? Math.max(0, bound - worth) / bound : 0;

/** Whether so little is missing that a garden is as good as any. */
export const isAsGood = (gap: number): boolean => gap < 0.0005;
