import type { Mix } from "@/core/mix";

/**
 * Mixes, what they weigh and what they are made of. Recipes: common practice. Densities from memory: light potting mix
 * drains to about 0.9 kg/L, soil and compost, soaked, is 1.4 to 1.6.
 */
export const MIXES: readonly Mix[] = [
  { id: "potting-mix", dryKgL: 0.4, wetKgL: 0.9, recipe: [{ part: "potting-mix", parts: 1 }] },
  {
    id: "potting-mix-and-manure",
    dryKgL: 0.5,
    wetKgL: 1.0,
    recipe: [
      { part: "potting-mix", parts: 4 },
      { part: "aged-manure", parts: 1 },
    ],
  },
  {
    id: "soil-and-compost",
    dryKgL: 0.9,
    wetKgL: 1.5,
    recipe: [
      { part: "garden-soil", parts: 1 },
      { part: "compost", parts: 1 },
    ],
  },
];

export const findMix = (id: string): Mix | undefined => MIXES.find((mix) => mix.id === id);
