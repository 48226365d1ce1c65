import type { Effort } from "@/core/planner";

/** Enough that another thousand rounds seldom find anything; the same on every machine, so that equal questions get equal gardens. */
export const EFFORT: Effort = { rounds: 2500, polishSeconds: 10, proofs: 40, seed: 1 };
