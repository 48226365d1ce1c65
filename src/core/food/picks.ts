import type { Stages } from "../calendar";
import type { Goal } from "../crop";
import { addDays, type Day, daysBetween } from "../day";

/** One pick of a planting. */
export interface Pick {
  readonly day: Day;
  readonly g: number;
}

/** Days between picks, and how the whole is shared over them (0 at the first, 1 at the last). Assumption, no source. */
const PATTERNS: Record<Goal["picking"]["pattern"], { every: number; weight: (share: number) => number }> = {
  once: { every: Number.POSITIVE_INFINITY, weight: () => 1 },
  leaf: { every: 10, weight: (share) => 1 - 0.4 * share },
  flushes: { every: 7, weight: (share) => 0.4 + Math.abs(Math.sin(3 * Math.PI * share)) },
  continuous: { every: 7, weight: (share) => 0.3 + Math.sin(Math.PI * share) },
};

/**
 * What a planting gives and when: its likely yield shared over its picks by how it is picked.
 *
 * @param units plants, or m² for a stand sown dense
 * @returns picks in order; the grams of all together are the likely yield. None for what is not eaten or never ripens.
 */
export function picksOf(goal: Goal, stages: Stages, units: number): Pick[] {
  const { firstPick, lastPick } = stages;
  const total = goal.yieldG.likely * units;
  if (!firstPick || !lastPick || total <= 0) return [];
  const { every, weight } = PATTERNS[goal.picking.pattern];
  const picking = Math.max(0, daysBetween(firstPick.likely, lastPick.likely));
  const usual = goal.picking.window.likely;
  // Picking that heat or frost cuts short gives only its part.
  const part =
    goal.picking.pattern === "once" || usual === 0 ? 1 : Math.min(1, (picking + every) / (usual + every));
  const count = Number.isFinite(every) ? 1 + Math.floor(picking / every) : 1;
  const weights = Array.from({ length: count }, (_, i) => weight(count > 1 ? i / (count - 1) : 0));
  const sum = weights.reduce((a, b) => a + b, 0);
  return weights.map((w, i) => ({
    day: addDays(firstPick.likely, Number.isFinite(every) ? i * every : 0),
    g: (total * part * w) / sum,
  }));
}
