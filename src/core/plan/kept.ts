import type { Plan } from "./plan";

export const EMPTY_PLAN: Plan = { bags: [], rows: [] };

/** A state of a plan that was kept: saved as a version, or set aside in a conflict. Times are ISO 8601. */
export interface KeptPlan {
  readonly id: string;
  readonly version: number;
  readonly setAside: boolean;
  readonly savedAt: string;
  readonly savedBy: string;
  /** What somebody called it; empty when nobody did. */
  readonly name: string;
  readonly plan: Plan;
}
