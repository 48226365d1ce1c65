/** What mixes are made of. */
export type MixPart = "potting-mix" | "aged-manure" | "garden-soil" | "compost";

/** So many parts of each by volume. */
export type Recipe = readonly { readonly part: MixPart; readonly parts: number }[];

/** What a level barrow and a bucket hold, L. Assumptions, no source: they differ, and a programme measures its own. */
export const BARROW_L = 65;
export const BUCKET_L = 10;

/** How much of a part goes into a heap. */
export interface PartAmount {
  readonly part: MixPart;
  readonly litres: number;
}

/**
 * A heap by its parts, L: they add up to all of it, since what is measured loose is filled in loose.
 *
 * @throws {RangeError} for a recipe without parts
 */
export function partsOf(recipe: Recipe, litres: number): PartAmount[] {
  const all = recipe.reduce((sum, { parts }) => sum + parts, 0);
  if (all <= 0) throw new RangeError("a recipe without parts");
  return recipe.map(({ part, parts }) => ({ part, litres: (litres * parts) / all }));
}

/** How many bags of a size a heap fills, and what is left of it, L. */
export const bagsFrom = (litres: number, bagL: number): { readonly bags: number; readonly leftL: number } => {
  const bags = bagL > 0 ? Math.floor(litres / bagL + 1e-9) : 0;
  return { bags, leftL: litres - bags * bagL };
};
