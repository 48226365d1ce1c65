import type { Day } from "../day";
import type { RowView } from "../garden";

/** Which season of its life a bag is in, and whether it is past the longest that its kind lasts; undefined when nobody noted its first. */
export function bagAge(
  { bag, make }: Pick<RowView, "bag" | "make">,
  today: Day,
): { readonly season: number; readonly worn: boolean } | undefined {
  if (bag.firstSeason === null) return undefined;
  const season = Math.max(1, Number(today.slice(0, 4)) - bag.firstSeason + 1);
  return { season, worn: make !== undefined && season > make.lifeSeasons.high };
}
