import type { Outline } from "../bag";
import { insetOutline, type Point } from "./region";

/** n plants in an even ring along the edge, `insetCm` in from it: canes and climbers round slow heads. */
export function placeAlongEdge(outline: Outline, n: number, insetCm: number): Point[] {
  const inner = insetOutline(outline, insetCm);
  if (!inner || n <= 0) return [];
  if (inner.type !== "rectangle") {
    return Array.from({ length: n }, (_, i) => {
      const angle = (2 * Math.PI * (i + 0.5)) / n;
      return { x: inner.radiusCm * Math.cos(angle), y: inner.radiusCm * Math.sin(angle) };
    });
  }
  const { lengthCm: l, widthCm: w } = inner;
  if (n === 4)
    return [
      [-1, -1],
      [1, -1],
      [1, 1],
      [-1, 1],
    ].map(([sx = 0, sy = 0]) => ({ x: (sx * l) / 2, y: (sy * w) / 2 }));
  const round = 2 * (l + w);
  return Array.from({ length: n }, (_, i) => {
    const at = (round * (i + 0.5)) / n;
    if (at <= l) return { x: at - l / 2, y: -w / 2 };
    if (at <= l + w) return { x: l / 2, y: at - l - w / 2 };
    if (at <= 2 * l + w) return { x: l / 2 - (at - l - w), y: w / 2 };
    return { x: -l / 2, y: w / 2 - (at - 2 * l - w) };
  });
}
