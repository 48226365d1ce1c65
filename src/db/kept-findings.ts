import * as z from "zod";
import { type Db, rowOf } from "./pool";

const Kept = z.object({ madeAt: z.date(), findings: z.unknown() });

/** What the queue has worked out of a programme's records, for one ask of Findings or for What came in; undefined where nothing is kept. */
export const findKeptFindings = (on: Db, programmeId: string, ask: string) =>
  rowOf(on, Kept, {
    sql: `SELECT made_at AS "madeAt", findings FROM kept_findings WHERE programme_id = $1 AND ask = $2`,
    values: [programmeId, ask],
  });

/** Keeps what a programme's records say, by ask, in place of all that was kept. */
export async function putKeptFindings(
  on: Db,
  programmeId: string,
  kept: ReadonlyMap<string, unknown>,
): Promise<void> {
  await on.query(`DELETE FROM kept_findings WHERE programme_id = $1`, [programmeId]);
  for (const [ask, findings] of kept)
    await on.query(`INSERT INTO kept_findings (programme_id, ask, findings) VALUES ($1, $2, $3)`, [
      programmeId,
      ask,
      JSON.stringify(findings),
    ]);
}

/** Forgets all that is kept, of every programme: another release may have written it otherwise. */
export async function clearKeptFindings(on: Db): Promise<void> {
  await on.query(`DELETE FROM kept_findings`);
}
