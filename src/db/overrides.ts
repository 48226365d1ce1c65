import * as z from "zod";
import type { Override } from "@/core/override";
import { type Db, rowsOf } from "./pool";

export const OverrideLine = z.object({
  name: z.string(),
  value: z.number(),
  reason: z.string(),
  author: z.string(),
  follows: z.boolean(),
});

/** The values of programme $1. */
export const OVERRIDES = `SELECT name, value, reason, author, follows FROM (
    SELECT DISTINCT ON (name) name, value, reason, author, follows FROM library_override WHERE programme_id = $1 ORDER BY name, id DESC
  ) newest WHERE value IS NOT NULL ORDER BY name`;

/** The values that a programme has in place of the library's now. */
export const listOverrides = (on: Db, programmeId: string): Promise<Override[]> =>
  rowsOf(on, OverrideLine, { sql: OVERRIDES, values: [programmeId] });

/** A value put in place; null goes back to the library's. */
export type OverrideChange = Omit<Override, "value"> & { readonly value: number | null };

/** Puts values in place, all of them in one statement. */
export async function insertOverrides(
  on: Db,
  programmeId: string,
  changes: readonly OverrideChange[],
): Promise<void> {
  await on.query(
    `INSERT INTO library_override (programme_id, name, value, reason, author, follows)
     SELECT $1, x.name, x.value, x.reason, x.author, coalesce(x.follows, false)
     FROM jsonb_to_recordset($2) AS x(name text, value double precision, reason text, author text, follows boolean)`,
    [programmeId, JSON.stringify(changes)],
  );
}
