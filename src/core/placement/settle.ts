import type { Outline } from "../bag";
import { clampInto, leastDistance, type Point } from "./region";

/** Widest measure of an outline, cm. */
const sizeOf = (outline: Outline): number =>
  outline.type === "rectangle" ? Math.hypot(outline.lengthCm, outline.widthCm) : 2 * outline.radiusCm;

/**
 * Lets points push each other apart inside an outline until the closest two stand as far apart as this start allows.
 *
 * The push falls off with a growing power of the distance while the step shrinks, so that at first all points feel
 * each other and at last only the closest do. Never returns worse than the start.
 *
 * @param start points inside the outline, cm
 * @param rounds how often all points are pushed
 */
export function settle(start: readonly Point[], outline: Outline, rounds: number): Point[] {
  const size = sizeOf(outline);
  const points = start.map((p) => ({ ...clampInto(outline, p) }));
  let best = points.map((p) => ({ ...p }));
  let most = leastDistance(best);
  for (let round = 0; round < rounds; round++) {
    const progress = round / (rounds - 1);
    const step = 0.05 * size * 1e-4 ** progress;
    const power = 8 * 200 ** progress;
    const closest = Math.max(leastDistance(points), 1e-6 * size);
    const push = points.map(() => ({ x: 0, y: 0 }));
    for (let i = 0; i < points.length; i++) {
      const a = points[i]!;
      for (let j = i + 1; j < points.length; j++) {
        const b = points[j]!;
        const dx = a.x - b.x;
        const dy = a.y - b.y;
        const apart2 = dx * dx + dy * dy || 1e-12;
        const nearness = (closest * closest) / apart2;
        if (nearness < 0.05) continue;
        const force = Math.exp((Math.log(nearness) * power) / 2) / Math.sqrt(apart2);
        push[i]!.x += force * dx;
        push[i]!.y += force * dy;
        push[j]!.x -= force * dx;
        push[j]!.y -= force * dy;
      }
    }
    const strongest = Math.max(1e-12, ...push.map((g) => Math.hypot(g.x, g.y)));
    points.forEach((p, i) => {
      const moved = clampInto(outline, {
        x: p.x + (step * push[i]!.x) / strongest,
        y: p.y + (step * push[i]!.y) / strongest,
      });
      p.x = moved.x;
      p.y = moved.y;
    });
    const reached = leastDistance(points);
    if (reached > most) [best, most] = [points.map((p) => ({ ...p })), reached];
  }
  return best;
}
