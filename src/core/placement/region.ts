import type { Outline } from "../bag";

export interface Point {
  readonly x: number;
  readonly y: number;
}

/** Least distance between any two of the points; infinite for fewer than two. */
export function leastDistance(points: readonly Point[]): number {
  let least = Number.POSITIVE_INFINITY;
  points.forEach((a, i) => {
    for (let j = i + 1; j < points.length; j++) {
      const b = points[j]!;
      least = Math.min(least, (a.x - b.x) ** 2 + (a.y - b.y) ** 2);
    }
  });
  return Math.sqrt(least);
}

/**
 * The outline in which stems may stand when they keep `insetCm` from the edge (and a tower's core clear);
 * undefined when nothing is left.
 */
export function insetOutline(outline: Outline, insetCm: number): Outline | undefined {
  if (outline.type === "rectangle") {
    const lengthCm = outline.lengthCm - 2 * insetCm;
    const widthCm = outline.widthCm - 2 * insetCm;
    return lengthCm < 0 || widthCm < 0 ? undefined : { type: "rectangle", lengthCm, widthCm };
  }
  const radiusCm = outline.radiusCm - insetCm;
  const coreCm = outline.type === "annulus" ? outline.coreCm : 0;
  if (radiusCm < coreCm) return undefined;
  return outline.type === "annulus" ? { type: "annulus", radiusCm, coreCm } : { type: "circle", radiusCm };
}

/** The place inside the outline that is nearest to a point. */
export function clampInto(outline: Outline, p: Point): Point {
  if (outline.type === "rectangle") {
    const clamp = (v: number, half: number) => Math.min(half, Math.max(-half, v));
    return { x: clamp(p.x, outline.lengthCm / 2), y: clamp(p.y, outline.widthCm / 2) };
  }
  const from = Math.hypot(p.x, p.y);
  const core = outline.type === "annulus" ? outline.coreCm : 0;
  if (from > outline.radiusCm)
    return { x: (p.x * outline.radiusCm) / from, y: (p.y * outline.radiusCm) / from };
  if (from < core) return from > 0 ? { x: (p.x * core) / from, y: (p.y * core) / from } : { x: core, y: 0 };
  return p;
}
