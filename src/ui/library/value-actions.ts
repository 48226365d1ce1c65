import type { Outcome } from "@/core/problem";
import type { PlanDifference } from "./plan-changes";

/** What can be done with a value: looked at beforehand, and put in place with a reason; null goes back to what ships. */
export interface ValueActions {
  readonly preview: (name: string, value: number | null) => Promise<Outcome<readonly PlanDifference[]>>;
  readonly override: (name: string, value: number | null, reason: string) => Promise<Outcome<null>>;
}
