import { csvHead, csvLines } from "@/core/exchange";
import type { Outcome } from "@/core/problem";
import { dueOn, GardenRecord, pickedTotals, progressOf, stagesOf } from "@/core/record";
import { lockHousehold } from "@/db/households";
import { everPlanted } from "@/db/plans";
import {
  insertRecord,
  listRecords,
  plantingOfRecord,
  recordsInBatches,
  type StoredRecord,
} from "@/db/records";
import { db, transaction } from "@/db/pool";
import type { Actor } from "./actor";
import { today } from "./environment";
import { followRecord } from "./following";
import { readHousehold, scopeOf } from "./households";
import { workSoon } from "./judging";
import { outcomeOf, parsed, refused } from "./outcome";
import { programmeToChange, readProgramme, readReference } from "./programme";
import { climateOf, followed } from "./setting";

export const readRecords = (actor: Actor, householdId: string): Promise<StoredRecord[]> =>
  listRecords(db(), scopeOf(actor, householdId));

/** Stores one record, and what it changes in the progress of its household. Sending the same id again is no fault and stores nothing twice. */
export function addRecord(
  actor: Actor,
  householdId: string,
  content: unknown,
): Promise<Outcome<{ id: string }>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const record = parsed(GardenRecord, content);
    if (!record.ok) return record;
    const { id, on: day, plantingId, supersedes } = record.value;
    if (day > today().day) return refused({ code: "invalid-input" }, { on: { code: "in-the-future" } });
    if (!(await readHousehold(actor, householdId))) return refused({ code: "not-found" });
    const scope = scopeOf(actor, householdId);
    const everyPlan = await transaction(async (on) => {
      await lockHousehold(on, scope);
      const isNew = await insertRecord(on, scope, { record: record.value, author: actor.name });
      if (!isNew) return false;
      const corrected = supersedes && (await plantingOfRecord(on, scope, supersedes));
      const touched = new Set([plantingId, corrected].filter((p): p is string => Boolean(p)));
      let changed = false;
      for (const planting of touched) changed = (await followRecord(on, scope, planting)) || changed;
      return changed;
    });
    if (everyPlan) await workSoon(actor.programmeId);
    return { ok: true, value: { id } };
  });
}

/** A file that is read while it is written. */
export interface StreamedFile {
  readonly name: string;
  readonly type: string;
  readonly parts: AsyncIterable<string>;
}

async function* recordLines(actor: Actor, householdId: string | null): AsyncGenerator<string, void> {
  yield csvHead();
  for await (const batch of recordsInBatches(actor.programmeId, householdId)) yield csvLines(batch);
}

/** All records of a household, or of the programme when none is named, as CSV, a batch at a time. */
export function recordsCsv(actor: Actor, householdId: string | null): Promise<Outcome<StreamedFile>> {
  return outcomeOf(async () => {
    const household = householdId === null ? undefined : await readHousehold(actor, householdId);
    if (householdId !== null && !household) return refused({ code: "not-found" });
    return {
      ok: true,
      value: {
        name: household ? `records-house-${household.code}.csv` : "records.csv",
        type: "text/csv; charset=utf-8; header=present",
        parts: recordLines(actor, householdId),
      },
    };
  });
}

/** A household's plantings for its log: what each waits for and what was picked from it. Removed ones come last. */
export async function logPlantings(actor: Actor, householdId: string, records: readonly StoredRecord[]) {
  const climate = climateOf(await readProgramme(actor));
  const { day } = today();
  const reference = await readReference(actor);
  const plantings = await everPlanted(db(), scopeOf(actor, householdId));
  const rows = [...new Set(plantings.filter((p) => !p.removed).map((p) => p.rowId))];
  return plantings
    .filter((p) => !p.removed || records.some((r) => r.plantingId === p.id))
    .map((p) => {
      const own = records.filter((r) => r.plantingId === p.id);
      const follow = followed(p, own, reference);
      return {
        id: p.id,
        row: rows.indexOf(p.rowId) + 1,
        kindId: p.kindId,
        goalId: p.goalId,
        plants: p.plants,
        removed: p.removed,
        due: follow && dueOn(progressOf(follow, climate).waiting, day),
        firstPick: follow && stagesOf(follow, climate).firstPick,
        picked: pickedTotals(own),
      };
    })
    .sort((a, b) => Number(a.removed) - Number(b.removed) || Number(!a.due) - Number(!b.due));
}
