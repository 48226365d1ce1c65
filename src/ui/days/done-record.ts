import type { Day } from "@/core/day";
import { SETTLED_BY, type Task } from "@/core/days";
import type { GardenRecord } from "@/core/record";

/** The record that says that a task was done today; undefined for one that none settles. */
export function doneRecord(task: Task, today: Day): GardenRecord | undefined {
  const kind = SETTLED_BY[task.kind];
  if (!kind) return undefined;
  const about =
    task.plantingId === undefined ? { plantingId: null, rowId: task.rowId } : { plantingId: task.plantingId };
  return { id: crypto.randomUUID(), ...about, kind, on: today, amount: null, note: "", supersedes: null };
}
