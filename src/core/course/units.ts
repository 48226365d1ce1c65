import type { Goal } from "../crop";

/** What a planting's yield, leaves and water are counted by: its plants, or the m² that it is sown on when it is sown dense. */
export const unitsOf = (
  { stand }: Pick<Goal, "stand">,
  { plants, areaCm2 }: { readonly plants?: number | null; readonly areaCm2?: number },
): number => (stand.type === "dense" ? (areaCm2 ?? 0) / 10_000 : (plants ?? 0));
