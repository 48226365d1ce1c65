import type { Override } from "@/core/override";
import { type Db, rowsOf } from "./pool";

/** The values that a programme has in place of the library's now. */
export async function listOverrides(on: Db, programmeId: string): Promise<Override[]> {
  return rowsOf<Override & Record<string, unknown>>(
    on,
    `SELECT name, value, reason, author FROM (
       SELECT DISTINCT ON (name) name, value, reason, author FROM library_override WHERE programme_id = $1 ORDER BY name, id DESC
     ) newest WHERE value IS NOT NULL ORDER BY name`,
    [programmeId],
  );
}

/** Puts a value in place, or with null goes back to the library's. */
export async function insertOverride(
  on: Db,
  programmeId: string,
  author: string,
  name: string,
  value: number | null,
  reason: string,
): Promise<void> {
  await on.query(
    `INSERT INTO library_override (programme_id, name, value, reason, author) VALUES ($1, $2, $3, $4, $5)`,
    [programmeId, name, value, reason, author],
  );
}
