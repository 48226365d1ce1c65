import { densityOf, type Mix, type OwnMix, type Recipe } from "@/core/mix";

const mix = (id: string, recipe: Recipe, more: Partial<Mix> = {}): Mix => ({
  id,
  recipe,
  ...densityOf(recipe),
  ...more,
});

/** Mixes that growers fill bags with, and what they are made of: common practice, no source. Weights by their parts. */
export const MIXES: readonly Mix[] = [
  mix("potting-mix", [{ part: "potting-mix", parts: 1 }]),
  mix("potting-mix-and-manure", [
    { part: "potting-mix", parts: 4 },
    { part: "aged-manure", parts: 1 },
  ]),
  mix("soil-and-compost", [
    { part: "garden-soil", parts: 1 },
    { part: "compost", parts: 1 },
  ]),
  mix(
    "soil-and-manure",
    [
      { part: "garden-soil", parts: 9 },
      { part: "aged-manure", parts: 6 },
    ],
    { isLimed: true },
  ),
  mix("topsoil-and-manure", [
    { part: "garden-soil", parts: 3 },
    { part: "aged-manure", parts: 1 },
  ]),
  mix("refreshed", [
    { part: "used-mix", parts: 3 },
    { part: "garden-soil", parts: 0.5 },
    { part: "coir", parts: 0.5 },
  ]),
];

export const findMix = (id: string): Mix | undefined => MIXES.find((mix) => mix.id === id);

/** The mixes that a programme works with: those that ship, with what it weighed itself, and its own recipes. */
export function mixesWith(own: readonly OwnMix[]): readonly Mix[] {
  if (own.length === 0) return MIXES;
  const known = new Map(MIXES.map((mix) => [mix.id, mix]));
  for (const { id, recipe, isLimed, wetKgL } of own) {
    const base = recipe ? mix(id, recipe, { isLimed }) : known.get(id);
    if (base) known.set(id, wetKgL === undefined ? base : { ...base, wetKgL, isWeighed: true });
  }
  return [...known.values()];
}
