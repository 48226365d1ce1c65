import { recordsToCsv } from "@/core/exchange";
import type { Outcome } from "@/core/problem";
import { GardenRecord, nextDue, pickedTotals, stagesOf } from "@/core/record";
import { listHouseholds } from "@/db/households";
import { everPlanted } from "@/db/plans";
import { insertRecord, listRecords, type StoredRecord } from "@/db/records";
import { db } from "@/db/pool";
import { findProgramme } from "@/db/programmes";
import { type Actor, mayChange } from "./actor";
import { today } from "./environment";
import { readHousehold, readProgramme } from "./households";
import { outcomeOf, parsed, refused } from "./outcome";
import { readReference } from "./reference";
import { climateOf, followed } from "./setting";

export const readRecords = (actor: Actor, householdId: string): Promise<StoredRecord[]> =>
  listRecords(db(), actor.programmeId, householdId);

/** Stores one record. Sending the same id again is no fault and stores nothing twice. */
export function addRecord(
  actor: Actor,
  householdId: string,
  content: unknown,
): Promise<Outcome<{ id: string }>> {
  return outcomeOf(async () => {
    const allowed = mayChange(actor, await findProgramme(db(), actor.programmeId));
    if (!allowed.ok) return allowed;
    const record = parsed(GardenRecord, content);
    if (!record.ok) return record;
    if (record.value.on > today().day)
      return refused({ code: "invalid-input" }, { on: { code: "in-the-future" } });
    if (!(await readHousehold(actor, householdId))) return refused({ code: "not-found" });
    await insertRecord(db(), actor.programmeId, householdId, actor.name, record.value);
    return { ok: true, value: { id: record.value.id } };
  });
}

/** All records of a household, or of the programme when none is named, as CSV. */
export function recordsCsv(
  actor: Actor,
  householdId: string | null,
): Promise<Outcome<{ text: string; name: string; type: string }>> {
  return outcomeOf(async () => {
    const household = householdId === null ? undefined : await readHousehold(actor, householdId);
    if (householdId !== null && !household) return refused({ code: "not-found" });
    const households = await listHouseholds(db(), actor.programmeId);
    const plantings = await everPlanted(db(), actor.programmeId, householdId);
    const records = await listRecords(db(), actor.programmeId, householdId);
    const text = recordsToCsv(
      records.map((record) => {
        const planting = plantings.find((p) => p.id === record.plantingId);
        return {
          ...record,
          household: households.find((h) => h.id === record.householdId)?.code ?? "",
          bag: planting?.kindId ?? "",
          goalId: planting?.goalId ?? "",
        };
      }),
    );
    return {
      ok: true,
      value: {
        text,
        type: "text/csv; charset=utf-8; header=present",
        name: household ? `records-house-${household.code}.csv` : "records.csv",
      },
    };
  });
}

/** A household's plantings for its log: what each waits for and what was picked from it. Removed ones come last. */
export async function logPlantings(actor: Actor, householdId: string, records: readonly StoredRecord[]) {
  const climate = climateOf(await readProgramme(actor));
  const { day } = today();
  const reference = await readReference(actor);
  const plantings = await everPlanted(db(), actor.programmeId, householdId);
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
        due: follow && nextDue(follow, climate, day),
        firstPick: follow && stagesOf(follow, climate).firstPick,
        picked: pickedTotals(own),
      };
    })
    .sort((a, b) => Number(a.removed) - Number(b.removed) || Number(!a.due) - Number(!b.due));
}
