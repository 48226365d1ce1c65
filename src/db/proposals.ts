import type { Aim, Proposal } from "@/core/planner";
import { type Db, rowsOf } from "./pool";

export interface ProposalJob {
  readonly id: string;
  readonly programmeId: string;
  readonly householdId: string;
  readonly aim: Aim;
  readonly status: "waiting" | "working" | "done" | "failed";
  readonly planVersion: number | null;
  readonly result: Proposal | null;
}

const COLUMNS = `id, programme_id AS "programmeId", household_id AS "householdId", aim, status, plan_version AS "planVersion", result`;

/** Puts one job for each household into the queue; households that wait already are left out. */
export async function insertJobs(
  on: Db,
  programmeId: string,
  householdIds: readonly string[],
  aim: Aim,
  by: string,
): Promise<void> {
  await on.query(
    `INSERT INTO proposal_job (programme_id, household_id, aim, asked_by)
     SELECT $1, h, $3, $4 FROM unnest($2::uuid[]) AS h
     WHERE NOT EXISTS (SELECT 1 FROM proposal_job j WHERE j.household_id = h AND j.status IN ('waiting', 'working'))`,
    [programmeId, householdIds, aim, by],
  );
}

/** Takes the next job, or one of whose process nothing has been heard for so many minutes; no two takers get the same. */
export async function takeJob(
  on: Db,
  programmeId: string,
  lostAfterMinutes: number,
): Promise<ProposalJob | undefined> {
  const rows = await rowsOf<ProposalJob & Record<string, unknown>>(
    on,
    `UPDATE proposal_job SET status = 'working', taken_at = now()
     WHERE id = (
       SELECT id FROM proposal_job
       WHERE programme_id = $1 AND (status = 'waiting' OR (status = 'working' AND taken_at < now() - make_interval(mins => $2)))
       ORDER BY id LIMIT 1 FOR UPDATE SKIP LOCKED
     ) RETURNING ${COLUMNS}`,
    [programmeId, lostAfterMinutes],
  );
  return rows[0];
}

/** Says that a job is still being worked on. */
export async function touchJob(on: Db, id: string): Promise<void> {
  await on.query(`UPDATE proposal_job SET taken_at = now() WHERE id = $1 AND status = 'working'`, [id]);
}

/** Writes what a job came to; without a proposal it failed. */
export async function finishJob(
  on: Db,
  id: string,
  planVersion: number,
  result: Proposal | null,
): Promise<void> {
  await on.query(
    `UPDATE proposal_job SET status = $2, plan_version = $3, result = $4 WHERE id = $1 AND status = 'working'`,
    [id, result ? "done" : "failed", planVersion, result && JSON.stringify(result)],
  );
}

/** The newest job of each household of a programme. */
export const latestJobs = (on: Db, programmeId: string): Promise<ProposalJob[]> =>
  rowsOf<ProposalJob & Record<string, unknown>>(
    on,
    `SELECT DISTINCT ON (household_id) ${COLUMNS} FROM proposal_job WHERE programme_id = $1 ORDER BY household_id, id DESC`,
    [programmeId],
  );

export async function findJob(on: Db, programmeId: string, id: string): Promise<ProposalJob | undefined> {
  return (
    await rowsOf<ProposalJob & Record<string, unknown>>(
      on,
      `SELECT ${COLUMNS} FROM proposal_job WHERE programme_id = $1 AND id = $2`,
      [programmeId, id],
    )
  )[0];
}
