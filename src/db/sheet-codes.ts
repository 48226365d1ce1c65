import * as z from "zod";
import { type Db, rowOf } from "./pool";
import type { Scope } from "./scope";

const Code = z.object({ code: z.string() });

/** The code on a household's sheet: the one that it has, or else `made`, kept from now on. */
export async function sheetCode(on: Db, { programmeId, householdId }: Scope, made: string): Promise<string> {
  const values = [programmeId, householdId];
  await on.query(
    `INSERT INTO sheet_code (programme_id, household_id, code) VALUES ($1, $2, $3) ON CONFLICT (household_id) DO NOTHING`,
    [...values, made],
  );
  const kept = await rowOf(on, Code, {
    sql: `SELECT code FROM sheet_code WHERE programme_id = $1 AND household_id = $2`,
    values,
  });
  return kept?.code ?? made;
}

/** Takes the code of a household's sheets away. @returns whether it had one */
export async function deleteSheetCode(on: Db, { programmeId, householdId }: Scope): Promise<boolean> {
  const { rowCount } = await on.query(
    `DELETE FROM sheet_code WHERE programme_id = $1 AND household_id = $2`,
    [programmeId, householdId],
  );
  return rowCount === 1;
}

/** Whose sheet a code is on; undefined for one that was withdrawn, or of a household that left. */
export const findBySheetCode = (on: Db, code: string): Promise<Scope | undefined> =>
  rowOf(on, z.object({ programmeId: z.string(), householdId: z.string() }), {
    sql: `SELECT s.programme_id AS "programmeId", s.household_id AS "householdId" FROM sheet_code s
      JOIN household h ON h.id = s.household_id WHERE s.code = $1 AND NOT h.put_away`,
    values: [code],
  });
