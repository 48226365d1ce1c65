import type { Effort } from "@/core/planner";

/** Rounds after which more seldom find anything, and as many steps as people wait for who watch the bound come down; the same on every machine, so that equal questions get equal gardens. */
export const EFFORT: Effort = { rounds: 15_000, steps: 150_000, seed: 1 };

/** For many households in turn, while nobody waits for any one of them. */
export const QUEUE_EFFORT: Effort = { ...EFFORT, steps: 30_000 };
