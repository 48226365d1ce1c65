/** A step that plantings of one goal wait for, across a programme. */
export interface LateStep {
  readonly goalId: string;
  readonly task: "sow" | "up" | "move" | "pick";
  /** Plantings that wait too long, those of that goal in all, and households in which they wait. */
  readonly plantings: number;
  readonly of: number;
  readonly households: number;
  /** How long they wait on average, days. */
  readonly days: number;
}

/** What is likely behind it: done and not written down, something that all have in common, or something of one place. */
export type LateCause = "not-written" | "common" | "single";

/** What waits so long was done and not written down, or was given up. Ours to choose; no source. */
const FORGOTTEN_DAYS = 21;
/** So many households, and such a share of all plantings, are no chance. Ours to choose; no source. */
const COMMON_HOUSEHOLDS = 3;
const COMMON_SHARE = 0.5;

/** What is likely behind a step that waits: an assumption that says where to look first. */
export function causeOfLate({ plantings, of, households, days }: LateStep): LateCause {
  if (days > FORGOTTEN_DAYS) return "not-written";
  return households >= COMMON_HOUSEHOLDS && plantings >= COMMON_SHARE * of ? "common" : "single";
}
