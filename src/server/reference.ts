import { bagMass } from "@/core/bag";
import type { Reference } from "@/core/garden";
import { BAG_KINDS, CROPS, findBagKind, findMix } from "@/library";
import type { Programme } from "@/db/programmes";

/** The library as a browser can compute with it. */
export const readReference = (): Reference => ({ crops: CROPS, bagKinds: BAG_KINDS });

/** Wet mass in kg of the bag that people know best, the 10 gal fabric bag, filled with the programme's mix. */
export function usualBagKg(programme: Programme): number {
  const kind = findBagKind("round-10-gal");
  const mix = findMix(programme.mixId);
  if (!kind || !mix) throw new Error("the library lost its usual bag or the programme's mix");
  return bagMass(kind.shape, mix).wetKg;
}
