import type { Outline } from "../bag";
import disc from "./disc.json";
import { patternAt, SLACK } from "./pattern";
import { insetOutline, leastDistance, type Point } from "./region";
import { settle } from "./settle";

/** Even placements of n points in a disc of radius 1, by n; computed by scripts/packings.ts. */
const DISC: readonly (readonly Point[])[] = disc.map((points) => points.map(([x = 0, y = 0]) => ({ x, y })));
const DISC_REACH = DISC.map((points) => leastDistance(points));

/** Up to this many plants, a regular pattern is loosened plant by plant; beyond, nobody sees the difference. */
const SETTLED = 24;

/**
 * How many plants fit on a top when each keeps `spacingCm` from the next and `insetCm` from the edge.
 * A bag too small for the inset still takes one plant in the middle when half the inset is there.
 */
export function capacity(outline: Outline, spacingCm: number, insetCm: number): number {
  const inner = insetOutline(outline, insetCm);
  if (!inner) return insetOutline(outline, insetCm / 2) && outline.type !== "annulus" ? 1 : 0;
  return capacityIn(inner, spacingCm);
}

/** How many plants fit where stems may stand: what is left of a top inside its insets. */
export function capacityIn(inner: Outline, spacingCm: number): number {
  const patterned = patternAt(inner, spacingCm).length;
  if (inner.type !== "circle") return patterned;
  let even = 1;
  while (even + 1 < DISC_REACH.length && DISC_REACH[even + 1]! * inner.radiusCm >= spacingCm * SLACK) even++;
  return Math.max(even, patterned);
}

/** The widest spacing at which a pattern still has n points, so that n stand as far apart as patterns allow. */
function widestPattern(inner: Outline, n: number, knownCm: number): Point[] {
  const largest = inner.type === "rectangle" ? Math.hypot(inner.lengthCm, inner.widthCm) : 2 * inner.radiusCm;
  let fits = patternAt(inner, knownCm).length >= n ? knownCm : largest / (2 * n + 2);
  let fails = largest * 1.01;
  for (let i = 0; i < 24; i++) {
    const trial = (fits + fails) / 2;
    if (patternAt(inner, trial).length >= n) fits = trial;
    else fails = trial;
  }
  return patternAt(inner, fits).slice(0, n);
}

/**
 * Where n equal plants stand on a top, as even as can be.
 *
 * @param outline the top, cm, centred on the origin
 * @param n plants; up to what `capacity` gives at `spacingCm`, they keep that spacing
 * @returns n points in cm; none when the outline has no room inside the inset
 */
export function placeTop(outline: Outline, n: number, spacingCm: number, insetCm: number): Point[] {
  const inner = insetOutline(outline, insetCm) ?? insetOutline(outline, insetCm / 2);
  return inner ? placeIn(inner, n, spacingCm) : [];
}

/** Where n plants stand in the outline in which stems may stand. */
export function placeIn(inner: Outline, n: number, spacingCm: number): Point[] {
  if (n <= 0) return [];
  if (n === 1 && inner.type !== "annulus") return [{ x: 0, y: 0 }];
  if (inner.type === "circle" && DISC[n]) {
    const { radiusCm } = inner;
    return DISC[n].map((p) => ({ x: p.x * radiusCm, y: p.y * radiusCm }));
  }
  const pattern = widestPattern(inner, n, spacingCm);
  return n <= SETTLED ? settle(pattern, inner, 250) : pattern;
}
