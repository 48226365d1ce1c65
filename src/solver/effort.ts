import type { Effort } from "@/core/planner";

/** Rounds after which more seldom find anything: `docs/planner.md` tells what they bring. */
export const EFFORT: Effort = { rounds: 15_000, seed: 1 };

/** For many households in turn, while nobody waits for any one of them. */
export const QUEUE_EFFORT: Effort = { ...EFFORT, rounds: 6_000 };
