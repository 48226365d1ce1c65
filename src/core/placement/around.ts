import type { Outline } from "../bag";
import type { Among } from "./among";
import { placeTop } from "./place";
import { insetOutline, leastDistance, type Point } from "./region";

/** Steps by which the room is drawn in, lengthwise and crosswise, while a better middle is looked for. */
const STEPS = [0, 0.25, 0.5, 0.75, 1];

/** Least distance between a point of one set and a point of the other; infinite when either is empty. */
export function distanceBetween(a: readonly Point[], b: readonly Point[]): number {
  let least = Number.POSITIVE_INFINITY;
  for (const p of a) for (const q of b) least = Math.min(least, (p.x - q.x) ** 2 + (p.y - q.y) ** 2);
  return Math.sqrt(least);
}

/** An outline drawn in further: by a share of its length and of its width. */
function drawnIn(inner: Outline, along: number, across: number): Outline {
  if (inner.type === "rectangle")
    return {
      type: "rectangle",
      lengthCm: inner.lengthCm * (1 - along),
      widthCm: inner.widthCm * (1 - across),
    };
  const core = inner.type === "annulus" ? inner.coreCm : 0;
  const radiusCm = core + (inner.radiusCm - core) * (1 - along);
  return inner.type === "annulus"
    ? { type: "annulus", radiusCm, coreCm: core }
    : { type: "circle", radiusCm };
}

/**
 * Where n plants stand on a top that already holds others: as even as can be while both distances are kept best,
 * that to each other against `spacingCm`, and that to the others against `clearCm`.
 */
export function placeAround(
  outline: Outline,
  n: number,
  { spacingCm, insetCm, points: others, clearCm }: Among,
): Point[] {
  const inner = insetOutline(outline, insetCm);
  if (others.length === 0 || !inner || n === 0) return placeTop(outline, n, spacingCm, insetCm);
  let best: Point[] = [];
  let most = -1;
  for (const along of STEPS) {
    for (const across of inner.type === "rectangle" ? STEPS : [0]) {
      const points = placeTop(drawnIn(inner, along, across), n, spacingCm, 0);
      const kept = Math.min(leastDistance(points) / spacingCm, distanceBetween(points, others) / clearCm);
      if (points.length === n && kept > most + 1e-6) [best, most] = [points, kept];
      if (most >= 1 && along + across === 0) return best;
    }
  }
  return best;
}
