import type { Mix } from "@/core/mix";

/** Mixes and what they weigh. Densities from memory: light potting mix drains to about 0.9 kg/L, soil and compost, soaked, is 1.4 to 1.6. */
export const MIXES: readonly Mix[] = [
  { id: "potting-mix", dryKgL: 0.4, wetKgL: 0.9 },
  { id: "potting-mix-and-manure", dryKgL: 0.5, wetKgL: 1.0 },
  { id: "soil-and-compost", dryKgL: 0.9, wetKgL: 1.5 },
];

export const findMix = (id: string): Mix | undefined => MIXES.find((mix) => mix.id === id);
