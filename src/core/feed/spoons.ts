/** NIST Handbook 44, appendix C: exact. */
export const TABLESPOON_L = 0.01478676478125;
const CUP_L = 16 * TABLESPOON_L;
const TEASPOON_L = TABLESPOON_L / 3;

/** Granules as a kitchen measures them: quarter cups, half tablespoons and half teaspoons. */
export interface Spoons {
  readonly unit: "cup" | "tablespoon" | "teaspoon";
  readonly count: number;
}

/** The measure that comes nearest to a volume of feed, L: never nothing. */
export function spoonsOf(volumeL: number): Spoons {
  if (volumeL >= CUP_L / 2) return { unit: "cup", count: Math.round((4 * volumeL) / CUP_L) / 4 };
  if (volumeL >= TABLESPOON_L)
    return { unit: "tablespoon", count: Math.round((2 * volumeL) / TABLESPOON_L) / 2 };
  return { unit: "teaspoon", count: Math.max(0.5, Math.round((2 * volumeL) / TEASPOON_L) / 2) };
}
