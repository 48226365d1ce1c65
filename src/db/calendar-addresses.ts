import * as z from "zod";
import { type Db, rowOf } from "./pool";
import type { Scope } from "./scope";

/** Keeps the address of a household's calendar, in the place of the one that it had. */
export async function putAddress(
  on: Db,
  { programmeId, householdId }: Scope,
  { tokenHash, author }: { readonly tokenHash: string; readonly author: string },
): Promise<void> {
  await on.query(
    `INSERT INTO calendar_address (programme_id, household_id, token_hash, author) VALUES ($1, $2, $3, $4)
     ON CONFLICT (household_id) DO UPDATE SET token_hash = excluded.token_hash, author = excluded.author, made_at = now()
     WHERE calendar_address.programme_id = excluded.programme_id`,
    [programmeId, householdId, tokenHash, author],
  );
}

/** Takes the address of a household's calendar away. */
export async function deleteAddress(on: Db, { programmeId, householdId }: Scope): Promise<void> {
  await on.query(`DELETE FROM calendar_address WHERE programme_id = $1 AND household_id = $2`, [
    programmeId,
    householdId,
  ]);
}

/** Whether a household's calendar has an address. */
export const hasAddress = async (on: Db, { programmeId, householdId }: Scope): Promise<boolean> =>
  (await rowOf(on, z.object({ n: z.number() }), {
    sql: `SELECT 1 AS n FROM calendar_address WHERE programme_id = $1 AND household_id = $2`,
    values: [programmeId, householdId],
  })) !== undefined;

/** Whose calendar an address is of; undefined for one that was withdrawn, or of a household that left. */
export const findByAddress = (on: Db, tokenHash: string): Promise<Scope | undefined> =>
  rowOf(on, z.object({ programmeId: z.string(), householdId: z.string() }), {
    sql: `SELECT a.programme_id AS "programmeId", a.household_id AS "householdId" FROM calendar_address a
      JOIN household h ON h.id = a.household_id WHERE a.token_hash = $1 AND NOT h.put_away`,
    values: [tokenHash],
  });
