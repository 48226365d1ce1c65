import * as z from "zod";
import { type Db, rowOf } from "./pool";

export const PRINT_KINDS = ["sheets", "labels"] as const;
export type PrintKind = (typeof PRINT_KINDS)[number];

const Print = z.object({
  id: z.string(),
  kind: z.enum(PRINT_KINDS),
  state: z.enum(["asked", "working", "done", "failed"]),
  /** How much of it is on paper, 0 to 1. */
  progress: z.number(),
  pages: z.number().nullable(),
  askedAt: z.date(),
});
/** A print of many households, without its file. */
export type Print = z.infer<typeof Print>;

const COLUMNS = `id, kind, state, progress, pages, asked_at AS "askedAt"`;

/** Keeps that a print is wanted; older ones of the same kind are thrown away. @param ask how it should look */
export async function askPrint(
  on: Db,
  programmeId: string,
  { id, kind, groupId, ask, by }: { id: string; kind: PrintKind; groupId?: string; ask: unknown; by: string },
): Promise<void> {
  await on.query(`DELETE FROM print WHERE programme_id = $1 AND kind = $2`, [programmeId, kind]);
  await on.query(
    `INSERT INTO print (programme_id, id, kind, group_id, ask, asked_by) VALUES ($1, $2, $3, $4, $5, $6)`,
    [programmeId, id, kind, groupId ?? null, JSON.stringify(ask), by],
  );
}

/** The newest print of a kind. */
export const latestPrint = (on: Db, programmeId: string, kind: PrintKind): Promise<Print | undefined> =>
  rowOf(on, Print, {
    sql: `SELECT ${COLUMNS} FROM print WHERE programme_id = $1 AND kind = $2 ORDER BY asked_at DESC LIMIT 1`,
    values: [programmeId, kind],
  });

const Asked = Print.extend({ groupId: z.string().nullable(), ask: z.unknown() });

/** Takes a print up; undefined for one that nobody waits for any more. */
export const startPrint = (on: Db, programmeId: string, id: string) =>
  rowOf(on, Asked, {
    sql: `UPDATE print SET state = 'working', progress = 0 WHERE programme_id = $1 AND id = $2
      RETURNING ${COLUMNS}, group_id AS "groupId", ask`,
    values: [programmeId, id],
  });

/** Notes how much of a print is on paper. */
export async function notePrinted(on: Db, id: string, progress: number): Promise<void> {
  await on.query(`UPDATE print SET progress = $2 WHERE id = $1 AND state = 'working'`, [id, progress]);
}

/** Keeps the file of a print. */
export async function finishPrint(
  on: Db,
  id: string,
  { pdf, pages }: { readonly pdf: Uint8Array; readonly pages: number },
): Promise<void> {
  await on.query(`UPDATE print SET state = 'done', progress = 1, pages = $2, file = $3 WHERE id = $1`, [
    id,
    pages,
    Buffer.from(pdf),
  ]);
}

/** Gives a print up. */
export async function failPrint(on: Db, programmeId: string, id: string): Promise<void> {
  await on.query(`UPDATE print SET state = 'failed' WHERE programme_id = $1 AND id = $2`, [programmeId, id]);
}

const File = z.object({ kind: z.enum(PRINT_KINDS), file: z.instanceof(Buffer) });

/** The file of a print that is done. */
export const findPrintFile = (on: Db, programmeId: string, id: string) =>
  rowOf(on, File, {
    sql: `SELECT kind, file FROM print WHERE programme_id = $1 AND id = $2 AND file IS NOT NULL`,
    values: [programmeId, id],
  });
