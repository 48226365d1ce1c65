import * as z from "zod";
import { DayText } from "@/core/day";
import type { RecordLine } from "@/core/exchange";
import { GardenRecord, MEASURES, RECORD_KINDS } from "@/core/record";
import { connectionOf, type Db, rowOf, rowsOf, type Sight } from "./pool";
import { type Scope, STANDS } from "./scope";

const Instant = z.date().transform((date) => date.toISOString());

const Stored = z.object({
  ...GardenRecord.shape,
  householdId: z.string(),
  author: z.string(),
  notedAt: Instant,
});
export type StoredRecord = z.infer<typeof Stored>;

const COLUMNS = `t.household_id AS "householdId", t.id, t.planting_id AS "plantingId", t.row_id AS "rowId", t.kind, t.happened_on AS "on",
  CASE WHEN t.measure IS NULL THEN NULL ELSE jsonb_build_object('measure', t.measure, 'value', t.value, 'typed', t.typed, 'unit', t.unit) END AS amount,
  t.note, t.supersedes, t.detail, t.author, t.noted_at AS "notedAt"`;

/** All records of a household, oldest happening first. */
export const listRecords = (on: Db, { programmeId, householdId }: Scope): Promise<StoredRecord[]> =>
  rowsOf(on, Stored, {
    sql: `SELECT ${COLUMNS} FROM record t WHERE t.programme_id = $1 AND t.household_id = $2 ORDER BY t.happened_on, t.noted_at, t.id`,
    values: [programmeId, householdId],
  });

const Shown = Stored.extend({ replacedBy: z.enum(RECORD_KINDS).nullable() });
/** A record, and the kind of the one that supersedes it, where one does. */
export type ShownRecord = z.infer<typeof Shown>;

/** The newest records of a household, at most `most`. */
export const newestRecords = (
  on: Db,
  { programmeId, householdId }: Scope,
  most: number,
): Promise<ShownRecord[]> =>
  rowsOf(on, Shown, {
    sql: `SELECT ${COLUMNS}, (SELECT later.kind FROM record later WHERE later.supersedes = t.id) AS "replacedBy"
      FROM record t WHERE t.programme_id = $1 AND t.household_id = $2 ORDER BY t.happened_on DESC, t.noted_at DESC, t.id DESC LIMIT $3`,
    values: [programmeId, householdId, most],
  });

/** Records of one planting of a household with what became of each, newest first. */
export const storyRecords = (
  on: Db,
  { programmeId, householdId }: Scope,
  plantingId: string,
): Promise<ShownRecord[]> =>
  rowsOf(on, Shown, {
    sql: `SELECT ${COLUMNS}, (SELECT later.kind FROM record later WHERE later.supersedes = t.id) AS "replacedBy"
      FROM record t WHERE t.programme_id = $1 AND t.household_id = $2 AND t.planting_id = $3 ORDER BY t.happened_on DESC, t.noted_at DESC, t.id DESC LIMIT 500`,
    values: [programmeId, householdId, plantingId],
  });

/** Records of one planting of a household, oldest happening first. */
export const plantingRecords = (
  on: Db,
  { programmeId, householdId }: Scope,
  plantingId: string,
): Promise<StoredRecord[]> =>
  rowsOf(on, Stored, {
    sql: `SELECT ${COLUMNS} FROM record t WHERE t.programme_id = $1 AND t.household_id = $2 AND t.planting_id = $3 ORDER BY t.happened_on, t.noted_at, t.id`,
    values: [programmeId, householdId, plantingId],
  });

export const Happened = z.object({
  of: z.string(),
  kind: z.enum(RECORD_KINDS),
  first: DayText,
  last: DayText,
  sum: z.number(),
  isCounted: z.boolean(),
  packetDays: z.number().nullable(),
  plants: z.number().nullable(),
});
/** One kind of thing that happened to a planting, or to the bag of a row: on which days first and last, and how much in all; with the plants that were planned. */
export type HappenedLine = z.infer<typeof Happened>;

/** What happened to the plantings of household $2 of programme $1 and to its bags, by planting or row and by kind; records that were corrected or struck do not count. */
export const HAPPENED = `SELECT coalesce(t.planting_id, t.row_id) AS "of", t.kind, min(t.happened_on) AS first, max(t.happened_on) AS last, coalesce(sum(t.value), 0) AS sum, count(t.value) > 0 AS "isCounted", max((t.detail ->> 'packetDays')::int) AS "packetDays", p.plants
      FROM record t LEFT JOIN planting p ON p.programme_id = t.programme_id AND p.id = t.planting_id
      WHERE t.programme_id = $1 AND t.household_id = $2 AND coalesce(t.planting_id, t.row_id) IS NOT NULL AND t.kind NOT IN ('note', 'struck')
        AND ${STANDS}
      GROUP BY 1, t.kind, p.plants`;

export const DoneStored = z.object({
  plantingId: z.string().nullable(),
  rowId: z.string().nullable(),
  kind: z.enum(RECORD_KINDS),
  days: z.array(DayText),
});

/**
 * On which days each kind of thing happened to the plantings and bags of household $2 of programme $1, since day $3; of
 * what is done again and again without being counted, the last day only. Records that were corrected or struck do not count.
 */
export const DONE = `SELECT t.planting_id AS "plantingId", t.row_id AS "rowId", t.kind,
        CASE WHEN t.kind IN ('picked', 'watered') THEN ARRAY[max(t.happened_on)::text] ELSE array_agg(t.happened_on::text ORDER BY t.happened_on) END AS days
      FROM record t
      WHERE t.programme_id = $1 AND t.household_id = $2 AND t.happened_on >= $3 AND coalesce(t.planting_id, t.row_id) IS NOT NULL
        AND t.kind <> 'struck' AND ${STANDS}
      GROUP BY t.planting_id, t.row_id, t.kind`;

/** The planting that a record of a household speaks of; null for one that speaks of none, or is not there. */
export async function plantingOfRecord(
  on: Db,
  { programmeId, householdId }: Scope,
  id: string,
): Promise<string | null> {
  const [row] = await rowsOf(on, z.object({ plantingId: z.string().nullable() }), {
    sql: `SELECT planting_id AS "plantingId" FROM record WHERE programme_id = $1 AND household_id = $2 AND id = $3`,
    values: [programmeId, householdId, id],
  });
  return row?.plantingId ?? null;
}

const Line = z.object({
  id: z.string(),
  household: z.string(),
  householdName: z.string(),
  on: z.string(),
  row: z.number().nullable(),
  bag: z.string(),
  goalId: z.string(),
  kind: z.enum(RECORD_KINDS),
  measure: z.enum(MEASURES).nullable(),
  value: z.number().nullable(),
  typed: z.string(),
  unit: z.string(),
  note: z.string(),
  detail: GardenRecord.shape.detail,
  supersedes: z.string().nullable(),
  stands: z.boolean(),
  author: z.string(),
  notedAt: Instant,
});

/** Records that are read at a time when all of them are wanted. */
const BATCH = 2000;

/**
 * The records of a household, or of the whole programme when none is named, in batches from a cursor: however many they
 * are, few are held at a time. The order is that in which they happened.
 */
export async function* recordsInBatches(
  sight: Sight,
  householdId: string | null,
): AsyncGenerator<RecordLine[], void> {
  const client = await connectionOf(sight);
  try {
    await client.query("BEGIN READ ONLY");
    // A million records take longer to be put in order than any page may: cut off, the file would lack what came last.
    await client.query("SET LOCAL statement_timeout = '10min'");
    await client.query(
      `DECLARE records NO SCROLL CURSOR FOR
       SELECT t.id, h.code AS household, h.name AS "householdName", t.happened_on AS "on", r.position + 1 AS row, coalesce(b.kind_id, '') AS bag, coalesce(p.goal_id, '') AS "goalId",
         t.kind, t.measure, t.value, t.typed, t.unit, t.note, t.detail, t.supersedes, t.author, t.noted_at AS "notedAt",
         t.kind <> 'struck' AND ${STANDS} AS stands
       FROM record t JOIN household h ON h.id = t.household_id
         LEFT JOIN planting p ON p.id = t.planting_id LEFT JOIN plan_row r ON r.id = coalesce(p.row_id, t.row_id) LEFT JOIN bag b ON b.id = r.bag_id
       WHERE t.programme_id = $1 AND ($2::uuid IS NULL OR t.household_id = $2)
       ORDER BY t.happened_on, t.noted_at, t.id`,
      [sight.programmeId, householdId],
    );
    for (;;) {
      const batch = await rowsOf(client, Line, { sql: `FETCH ${BATCH} FROM records` });
      if (batch.length === 0) return;
      yield batch;
    }
  } finally {
    // Whoever reads may stop half-way: the connection goes back clean, or not at all.
    await client.query("ROLLBACK").then(
      () => client.release(),
      (broken: Error) => client.release(broken),
    );
  }
}

/** A record, who wrote it, and when, where that is not now. */
export interface NewRecord {
  readonly record: GardenRecord;
  readonly author: string;
  readonly notedAt?: string;
}

/** Stores a record, and the day on which its household last wrote something down; sending the same id again changes nothing. @returns whether it was new */
export async function insertRecord(
  on: Db,
  { programmeId, householdId }: Scope,
  { record: r, author, notedAt }: NewRecord,
): Promise<boolean> {
  const { rowCount } = await on.query(
    `INSERT INTO record (id, programme_id, household_id, planting_id, row_id, kind, happened_on, measure, value, typed, unit, note, supersedes, author, noted_at, detail)
     VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12, $13, $14, coalesce($15, now()), $16) ON CONFLICT (id) DO NOTHING`,
    [
      r.id,
      programmeId,
      householdId,
      r.plantingId,
      r.rowId ?? null,
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
      r.detail ? JSON.stringify(r.detail) : null,
    ],
  );
  if (rowCount !== 1) return false;
  await on.query(
    `UPDATE household_progress SET last_on = greatest(last_on, $3) WHERE programme_id = $1 AND household_id = $2`,
    [programmeId, householdId, r.on],
  );
  return true;
}

/** Keeps the photo that came with a record. Sending it again changes nothing. */
export async function insertPhoto(
  on: Db,
  { programmeId, householdId }: Scope,
  recordId: string,
  jpeg: Uint8Array,
): Promise<void> {
  await on.query(
    `INSERT INTO photo (programme_id, household_id, record_id, jpeg) VALUES ($1, $2, $3, $4) ON CONFLICT (record_id) DO NOTHING`,
    [programmeId, householdId, recordId, Buffer.from(jpeg)],
  );
}

/** The photo of a record of a household; undefined where there is none. */
export const findPhoto = async (
  on: Db,
  { programmeId, householdId }: Scope,
  recordId: string,
): Promise<Uint8Array | undefined> =>
  (
    await rowOf(on, z.object({ jpeg: z.instanceof(Uint8Array) }), {
      sql: `SELECT jpeg FROM photo WHERE programme_id = $1 AND household_id = $2 AND record_id = $3`,
      values: [programmeId, householdId, recordId],
    })
  )?.jpeg;
