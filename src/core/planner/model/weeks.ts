import { type Day, daysBetween } from "../../day";
import { FORTNIGHTS } from "./instance";

/** Weeks from `today` to a day; below 0 before it. */
export const weekOf = (today: Day, day: Day): number => Math.floor(daysBetween(today, day) / 7);

/** Sums grams by day into fortnights from `today` on; what lies outside the year is left out. */
export function byFortnight(
  today: Day,
  amounts: readonly { readonly day: Day; readonly g: number }[],
): [fortnight: number, g: number][] {
  const sums = new Map<number, number>();
  for (const { day, g } of amounts) {
    const fortnight = Math.floor(daysBetween(today, day) / 14);
    if (fortnight >= 0 && fortnight < FORTNIGHTS && g > 0)
      sums.set(fortnight, (sums.get(fortnight) ?? 0) + g);
  }
  return [...sums].sort((a, b) => a[0] - b[0]);
}
