import type { GardenRecord } from "@/core/record";
import { type Db, rowsOf } from "./pool";

export interface StoredRecord extends GardenRecord {
  readonly householdId: string;
  readonly author: string;
  readonly notedAt: string;
}

/** Records of a programme, or of one of its households, oldest happening first. */
export async function listRecords(
  on: Db,
  programmeId: string,
  householdId: string | null,
): Promise<StoredRecord[]> {
  const rows = await rowsOf<Omit<StoredRecord, "notedAt"> & { notedAt: Date }>(
    on,
    `SELECT household_id AS "householdId", id, planting_id AS "plantingId", kind, happened_on AS "on",
       CASE WHEN measure IS NULL THEN NULL ELSE jsonb_build_object('measure', measure, 'value', value, 'typed', typed, 'unit', unit) END AS amount,
       note, supersedes, author, noted_at AS "notedAt"
     FROM record WHERE programme_id = $1 AND ($2::uuid IS NULL OR household_id = $2)
     ORDER BY happened_on, noted_at, id`,
    [programmeId, householdId],
  );
  return rows.map((row) => ({ ...row, notedAt: row.notedAt.toISOString() }));
}

/** Stores a record; sending the same id again changes nothing. `notedAt` is now when left out. */
export async function insertRecord(
  on: Db,
  programmeId: string,
  householdId: string,
  author: string,
  r: GardenRecord,
  notedAt?: string,
): Promise<void> {
  await on.query(
    `INSERT INTO record (id, programme_id, household_id, planting_id, kind, happened_on, measure, value, typed, unit, note, supersedes, author, noted_at)
     VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12, $13, coalesce($14, now())) ON CONFLICT (id) DO NOTHING`,
    [
      r.id,
      programmeId,
      householdId,
      r.plantingId,
      r.kind,
      r.on,
      r.amount?.measure ?? null,
      r.amount?.value ?? null,
      r.amount?.typed ?? "",
      r.amount?.unit ?? "",
      r.note,
      r.supersedes,
      author,
      notedAt ?? null,
    ],
  );
}
