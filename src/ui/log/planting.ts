import type { Day } from "@/core/day";
import type { Due, Measure, RecordKind } from "@/core/record";

/** A planting with what it waits for. */
export interface LogPlanting {
  readonly id: string;
  readonly rowId: string;
  readonly row: number;
  readonly kindId: string;
  readonly goalId: string;
  readonly plants: number | null;
  /** Taken out of the plan, but records may still speak of it. */
  readonly removed: boolean;
  /** Something is on record of it, and it has not ended. */
  readonly isStarted: boolean;
  readonly due?: Due;
  /** Days in which its first pick is to be expected. */
  readonly firstPick?: { readonly from: Day; readonly until: Day };
  readonly picked: Partial<Record<Measure, number>>;
}

/** The record that answers what a planting waits for. */
export const KIND_OF: Record<Due["task"], RecordKind> = {
  sow: "sown",
  up: "up",
  move: "moved",
  pick: "picked",
};
