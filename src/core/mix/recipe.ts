import { allParts, type MixPart, type Recipe } from "./parts";

export type { Recipe };

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
  const all = allParts(recipe);
  return recipe.map(({ part, parts }) => ({ part, litres: (litres * parts) / all }));
}

/** How many bags of a size a heap fills, and what is left of it, L. */
export const bagsFrom = (litres: number, bagL: number): { readonly bags: number; readonly leftL: number } => {
  const bags = bagL > 0 ? Math.floor(litres / bagL + 1e-9) : 0;
  return { bags, leftL: litres - bags * bagL };
};

/** A recipe for those who take no garden soil into bags: potting mix in its place, part for part. */
export function withoutSoil(recipe: Recipe): Recipe {
  const soil = recipe.find(({ part }) => part === "garden-soil")?.parts ?? 0;
  if (soil === 0) return recipe;
  const potting = recipe.find(({ part }) => part === "potting-mix")?.parts ?? 0;
  const rest = recipe.filter(({ part }) => part !== "garden-soil" && part !== "potting-mix");
  return [{ part: "potting-mix", parts: potting + soil }, ...rest];
}
