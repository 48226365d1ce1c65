import type { SideRing } from "../bag";

/** One side hole: how far round the bag (radians) and how high above its base (cm). */
export interface SidePoint {
  readonly angle: number;
  readonly heightCm: number;
}

/** Every hole of the rings, each ring turned half a step against the one below so that no plant hangs over another. */
function holes(rings: readonly SideRing[]): SidePoint[] {
  return rings.flatMap((ring, k) =>
    Array.from({ length: ring.holes }, (_, i) => ({
      angle: (2 * Math.PI * (i + (k % 2) / 2)) / ring.holes,
      heightCm: ring.heightCm,
    })),
  );
}

/** n plants among the side holes, taken evenly from the lowest ring upward; never more than there are holes. */
export function placeSides(rings: readonly SideRing[], n: number): SidePoint[] {
  const all = holes(rings);
  const used = Math.min(Math.max(0, n), all.length);
  return Array.from({ length: used }, (_, i) => all[Math.floor((i * all.length) / used)]!);
}
