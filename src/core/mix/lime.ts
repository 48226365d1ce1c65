import type { Schools } from "../school";
import type { Mix } from "./mix";

/** What is strewn over a heap against sourness: lime by mass, or wood ash by volume. */
export type Lime = { readonly limeKg: number } | { readonly ashL: number };

/** Fifteen level barrows take 2 kg of lime, or a bucket of wood ash. Common practice; the barrow and bucket in litres are assumptions. */
const HEAP_L = 15 * 65;
const LIME_KG = 2;
const ASH_L = 10;

/**
 * Lime or ash for all of a heap; undefined for a mix that takes none, and where neither is the school.
 *
 * @param litres the whole heap, L
 */
export function limeFor(
  { isLimed }: Pick<Mix, "isLimed">,
  litres: number,
  school: NonNullable<Schools["lime"]>,
): Lime | undefined {
  if (!isLimed || school === "neither") return undefined;
  const heaps = litres / HEAP_L;
  return school === "lime" ? { limeKg: LIME_KG * heaps } : { ashL: ASH_L * heaps };
}
