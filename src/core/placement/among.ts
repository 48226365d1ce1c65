import { type Outline, outlineArea } from "../bag";
import { patternAt } from "./pattern";
import { insetOutline, type Point } from "./region";

/** About n points spread evenly over an outline. */
export const spread = (outline: Outline, n: number): Point[] =>
  patternAt(outline, Math.max(0.5, Math.sqrt(outlineArea(outline) / n)));

/** Places that are tried on a top: fine enough that no plant stands a finger's breadth from a better one. */
const TRIED = 600;

/** What plants keep to among others, cm: distance from each other, from the edge, and from the others; and where those stand. */
export interface Among {
  readonly spacingCm: number;
  readonly insetCm: number;
  readonly points: readonly Point[];
  readonly clearCm: number;
}

/**
 * Where n plants stand on a top among others that hold its middle: each where it keeps its distances best, one after
 * the other, the farthest place first.
 */
export function placeAmong(
  outline: Outline,
  n: number,
  { spacingCm, insetCm, points: others, clearCm }: Among,
): Point[] {
  const inner = insetOutline(outline, insetCm) ?? insetOutline(outline, insetCm / 2);
  if (!inner || n <= 0) return [];
  const places = spread(inner, TRIED);
  const kept = places.map((p) => Math.min(...others.map((o) => Math.hypot(p.x - o.x, p.y - o.y) / clearCm)));
  const chosen: Point[] = [];
  for (let k = 0; k < n; k++) {
    let best = -1;
    for (let i = 0; i < places.length; i++) if (best < 0 || kept[i]! > kept[best]! + 1e-9) best = i;
    if (best < 0 || kept[best]! <= 0) break;
    const next = places[best]!;
    chosen.push(next);
    places.forEach((p, i) => {
      kept[i] = Math.min(kept[i]!, Math.hypot(p.x - next.x, p.y - next.y) / spacingCm);
    });
  }
  return chosen;
}
