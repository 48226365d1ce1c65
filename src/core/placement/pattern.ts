import type { Outline } from "../bag";
import type { Point } from "./region";

/** Distances a hair under the spacing still count as kept: rounding, not crowding. */
export const SLACK = 1 - 1e-9;

/** Rows in a rectangle, straight or staggered, stretched to its edges; the fullest that keeps the spacing. */
function rows(length: number, width: number, spacing: number): Point[] {
  let best = { rows: 1, columns: 1 + Math.floor(length / spacing / SLACK), staggered: false };
  const count = (p: typeof best) => p.rows * p.columns;
  const straight = { rows: 1 + Math.floor(width / spacing / SLACK), columns: best.columns, staggered: false };
  if (count(straight) > count(best)) best = straight;
  const most = 1 + Math.floor(width / ((spacing * Math.sqrt(3)) / 2) / SLACK);
  for (let r = 2; r <= most; r++) {
    const between = width / (r - 1);
    const along = Math.max(spacing, 2 * Math.sqrt(Math.max(0, spacing ** 2 - between ** 2)));
    const trial = { rows: r, columns: Math.floor(length / along / SLACK + 0.5), staggered: true };
    if (count(trial) > count(best)) best = trial;
  }
  const span = best.columns - (best.staggered ? 0.5 : 1);
  return Array.from({ length: count(best) }, (_, i) => {
    const row = Math.floor(i / best.columns);
    const column = (i % best.columns) + (best.staggered && row % 2 ? 0.5 : 0);
    return {
      x: span > 0 ? (length * column) / span - length / 2 : 0,
      y: best.rows > 1 ? (width * row) / (best.rows - 1) - width / 2 : 0,
    };
  });
}

/** Rings inside a circle or annulus, the outermost on its edge, each ring a spacing further in. */
function rings(radius: number, core: number, spacing: number): Point[] {
  const points: Point[] = [];
  for (let at = radius, k = 0; at >= core && at >= 0; at -= spacing, k++) {
    const half = spacing / (2 * at);
    const n = at < 1e-9 || half * SLACK > 1 ? 1 : Math.floor(Math.PI / Math.asin(Math.min(1, half * SLACK)));
    for (let i = 0; i < n; i++) {
      const angle = (2 * Math.PI * (i + (k % 2) / 2)) / n;
      points.push({ x: at * Math.cos(angle), y: at * Math.sin(angle) });
    }
    if (n === 1) break;
  }
  return points;
}

/** A triangular lattice cut to a circle or annulus, in the fullest of a few positions, the middle first. */
function lattice(radius: number, core: number, spacing: number): Point[] {
  const rise = (spacing * Math.sqrt(3)) / 2;
  const reach = Math.ceil(radius / rise) + 1;
  let best: Point[] = [];
  for (const [ox, oy] of [
    [0, 0],
    [spacing / 2, 0],
    [spacing / 2, rise / 3],
  ] as const) {
    const points: Point[] = [];
    for (let row = -reach; row <= reach; row++) {
      for (let column = -2 * reach; column <= 2 * reach; column++) {
        const p = { x: ox + spacing * (column + (row % 2) / 2), y: oy + rise * row };
        const from = Math.hypot(p.x, p.y);
        if (from * SLACK <= radius && from >= core * SLACK) points.push(p);
      }
    }
    if (points.length > best.length) best = points;
  }
  return best.sort((a, b) => Math.hypot(a.x, a.y) - Math.hypot(b.x, b.y));
}

/** A regular pattern of points that keep `spacing` from each other in `outline`: the fullest that is known here. */
export function patternAt(outline: Outline, spacing: number): Point[] {
  if (outline.type === "rectangle") {
    const lengthwise = rows(outline.lengthCm, outline.widthCm, spacing);
    const crosswise = rows(outline.widthCm, outline.lengthCm, spacing);
    return crosswise.length > lengthwise.length ? crosswise.map((p) => ({ x: p.y, y: p.x })) : lengthwise;
  }
  const core = outline.type === "annulus" ? outline.coreCm : 0;
  const ringed = rings(outline.radiusCm, core, spacing);
  const latticed = lattice(outline.radiusCm, core, spacing);
  return latticed.length > ringed.length ? latticed : ringed;
}
