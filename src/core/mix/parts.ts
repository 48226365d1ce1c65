/** What mixes are made of. */
export const MIX_PARTS = [
  "potting-mix",
  "garden-soil",
  "compost",
  "aged-manure",
  "used-mix",
  "coir",
  "leaf-mould",
  "worm-castings",
  "sand",
] as const;
export type MixPart = (typeof MIX_PARTS)[number];

/** So many parts of each by volume. */
export type Recipe = readonly { readonly part: MixPart; readonly parts: number }[];

/** Bulk density of each part as it is filled in, and soaked and drained, kg/L. Memory, rounded; a programme that weighs a litre of its own knows better. */
const KG_L: Record<MixPart, readonly [dry: number, wet: number]> = {
  "potting-mix": [0.4, 0.9],
  "garden-soil": [1.2, 1.8],
  compost: [0.6, 1.2],
  "aged-manure": [0.9, 1.4],
  "used-mix": [0.5, 1],
  coir: [0.2, 0.8],
  "leaf-mould": [0.3, 0.9],
  "worm-castings": [0.7, 1.2],
  sand: [1.6, 1.9],
};

/**
 * What a litre of a mix weighs by its parts, as it is filled in and when soaked, kg/L.
 *
 * @throws {RangeError} for a recipe without parts
 */
export function densityOf(recipe: Recipe): { readonly dryKgL: number; readonly wetKgL: number } {
  const all = allParts(recipe);
  const mean = (i: 0 | 1) => recipe.reduce((sum, { part, parts }) => sum + KG_L[part][i] * parts, 0) / all;
  return { dryKgL: mean(0), wetKgL: mean(1) };
}

/** @throws {RangeError} for a recipe without parts */
export function allParts(recipe: Recipe): number {
  const all = recipe.reduce((sum, { parts }) => sum + parts, 0);
  if (!(all > 0)) throw new RangeError("a recipe without parts");
  return all;
}
