import type { Stages } from "../calendar";
import { startsFromSeed, type Goal } from "../crop";
import { type Day, daysBetween } from "../day";

/** A seedling takes this share of a grown plant's room and soil. Memory. */
const SEEDLING = 0.1;

/** From when a planting stands in its bag: sown there, or moved there. */
export const standsFrom = (stages: Stages): Day => stages.move?.likely ?? stages.sow;

/** When its leaves begin to grow there: once moved or set, or once it is up. */
const growsFrom = (stages: Stages): Day =>
  stages.move?.likely ?? (startsFromSeed(stages.method) ? (stages.up?.likely ?? stages.sow) : stages.sow);

/**
 * How far a planting is grown on a day, from 0 before it stands in its bag to 1 from its first pick on: slow at first,
 * fast in the middle, as stands close. A planting that never ripens stays a seedling.
 */
export function grownOn(stages: Stages, day: Day): number {
  if (day < standsFrom(stages)) return 0;
  const start = growsFrom(stages);
  if (day < start) return SEEDLING / 2;
  if (!stages.firstPick) return SEEDLING;
  const whole = Math.max(1, daysBetween(start, stages.firstPick.likely));
  const x = Math.min(1, daysBetween(start, day) / whole);
  return SEEDLING + (1 - SEEDLING) * x * x * (3 - 2 * x);
}

export interface Canopy {
  readonly widthCm: number;
  readonly heightCm: number;
}

/** Width and height of one plant on a day. Both follow the same growth, so that a plant keeps its figure. */
export function canopyOn(goal: Pick<Goal, "widthCm" | "heightCm">, stages: Stages, day: Day): Canopy {
  const grown = grownOn(stages, day);
  return { widthCm: goal.widthCm * Math.sqrt(grown), heightCm: goal.heightCm * grown };
}
