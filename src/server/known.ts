import type { Draft, Known } from "@/core/message";
import type { Actor } from "./actor";
import { readPlan } from "./plans";
import { readToday } from "./programme";
import { logPlantings } from "./records";

/** A household's plantings as people call them, and its bags by number: what messages and notes are read by. */
export async function knownOf(
  actor: Actor,
  householdId: string,
  namesOf: (goalId: string) => readonly string[],
): Promise<Known & { readonly goalOf: ReadonlyMap<string, string> }> {
  const [{ plan }, plantings, today] = await Promise.all([
    readPlan(actor, householdId),
    logPlantings(actor, householdId),
    readToday(actor),
  ]);
  const current = plantings.filter(({ removed }) => !removed);
  return {
    today,
    rows: plan.rows.map((row, i) => ({ id: row.id, number: i + 1 })),
    plantings: current.map(({ id, rowId, goalId, isOver }) => ({
      id,
      rowId,
      row: plan.rows.findIndex((row) => row.id === rowId) + 1,
      names: namesOf(goalId),
      isOver,
    })),
    goalOf: new Map(current.map(({ id, goalId }) => [id, goalId])),
  };
}

/** What a draft is about, as people call it: the goal of its planting, and the number of its row. */
export function namedIn(
  { plantings, rows, goalOf }: Awaited<ReturnType<typeof knownOf>>,
  { plantingId, rowId }: Pick<Draft, "plantingId" | "rowId">,
): { readonly goalId?: string; readonly row: number } {
  const planting = plantings.find((p) => p.id === plantingId);
  const row = planting?.row ?? rows.find(({ id }) => id === rowId)?.number ?? 0;
  return { goalId: plantingId === null ? undefined : goalOf.get(plantingId), row };
}
