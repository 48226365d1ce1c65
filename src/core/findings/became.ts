import { daysBetween } from "../day";
import { type Ended, endsByDay, type EndStep } from "./ends";
import type { Line } from "./line";
import { type HeardUntil, PICK, waitOf } from "./timing";

/** What a planting comes to first: a pick, the loss of all its plants before or after they were planted out, or being pulled without either. */
export const ENDS = ["picked", "lost-young", "lost-grown", "pulled"] as const;
export type End = (typeof ENDS)[number];

/** What became of plantings of one goal, day by day, as shares of all; the rest still grows, or nobody wrote. */
export interface Became {
  readonly steps: readonly EndStep<End>[];
  readonly plantings: number;
  /** How many were watched no longer before anything became of them. */
  readonly open: number;
}

const isAllLost = ({ plants, lostYoung, lostGrown }: Line): boolean =>
  plants !== null && plants > 0 && lostYoung + lostGrown >= plants;

/** What became of plantings of one goal; those that are watched no longer count for as long as they were. Undefined where nothing became of any. */
export function becameOf(lines: readonly Line[], heard: HeardUntil): Became | undefined {
  const ended = lines.flatMap((line): Ended<End>[] => {
    const wait = waitOf(line, PICK, heard);
    if (!wait || line.sownOn === null) return [];
    if (wait.isOver) return [{ days: wait.days, end: "picked" }];
    const lost = isAllLost(line);
    const goneOn = line.endedOn ?? (lost ? line.lastOn : null);
    if (goneOn === null) return [{ days: wait.days, end: null }];
    const end = !lost ? "pulled" : line.lostYoung > line.lostGrown ? "lost-young" : "lost-grown";
    return [{ days: Math.max(1, daysBetween(line.sownOn, goneOn)), end }];
  });
  const steps = endsByDay(ended);
  return steps.length > 0
    ? { steps, plantings: ended.length, open: ended.filter(({ end }) => end === null).length }
    : undefined;
}
