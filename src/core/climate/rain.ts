/** What a year's rain comes to, and its wettest and driest month, 0 for January. */
export interface YearRain {
  readonly yearMm: number;
  readonly wettest: { readonly month: number; readonly mm: number };
  readonly driest: { readonly month: number; readonly mm: number };
}

/** @param rainMm twelve monthly sums, mm */
export function rainOf(rainMm: readonly number[]): YearRain {
  const months = rainMm.map((mm, month) => ({ month, mm })).sort((a, b) => a.mm - b.mm);
  const none = { month: 0, mm: 0 };
  return {
    yearMm: rainMm.reduce((sum, mm) => sum + mm, 0),
    wettest: months.at(-1) ?? none,
    driest: months[0] ?? none,
  };
}
