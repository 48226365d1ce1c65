import * as z from "zod";
import { type Aim, AIMS, Proposal } from "@/core/planner";
import { FOOD_GROUPS } from "@/core/food";
import { Sketch } from "@/core/year";
import { type Db, rowOf, rowsOf } from "./pool";
import { HERE, type Scope } from "./scope";

const STATUSES = ["waiting", "working", "done", "failed"] as const;
export type ProposalStatus = (typeof STATUSES)[number];

/** Notes that proposals are asked for; households that wait already are left out. @returns those that now wait */
export async function askProposals(
  on: Db,
  programmeId: string,
  { aim, by }: { readonly aim: Aim; readonly by: string },
): Promise<string[]> {
  const rows = await rowsOf(on, z.object({ id: z.string() }), {
    sql: `INSERT INTO proposal (household_id, programme_id, aim, status, asked_by)
      SELECT h.id, h.programme_id, $2, 'waiting', $3 FROM household h JOIN place p ON p.household_id = h.id WHERE h.programme_id = $1 AND NOT h.put_away
      ON CONFLICT (household_id) DO UPDATE SET aim = excluded.aim, status = 'waiting', asked_by = excluded.asked_by, asked_at = now(),
        plan_version = NULL, result = NULL, error = NULL WHERE proposal.status IN ('done', 'failed')
      RETURNING household_id AS id`,
    values: [programmeId, aim, by],
  });
  return rows.map(({ id }) => id);
}

/** Notes that a proposal is being worked out; false when nobody waits for it any more. */
export async function startProposal(on: Db, { programmeId, householdId }: Scope): Promise<Aim | undefined> {
  const row = await rowOf(on, z.object({ aim: z.enum(AIMS) }), {
    sql: `UPDATE proposal SET status = 'working', progress = 0, overtaken = false WHERE programme_id = $1 AND household_id = $2 AND status IN ('waiting', 'working') RETURNING aim`,
    values: [programmeId, householdId],
  });
  return row?.aim;
}

/** Notes how much of a proposal is worked out, 0 to 1. */
export async function noteProgress(
  on: Db,
  { programmeId, householdId }: Scope,
  progress: number,
): Promise<void> {
  await on.query(
    `UPDATE proposal SET progress = $3 WHERE programme_id = $1 AND household_id = $2 AND status = 'working'`,
    [programmeId, householdId, progress],
  );
}

/** Notes that something came on record of a planting, which a proposal that is begun or made does not know. */
export async function overtakeProposal(on: Db, { programmeId, householdId }: Scope): Promise<void> {
  await on.query(
    `UPDATE proposal SET overtaken = true
     WHERE programme_id = $1 AND household_id = $2 AND status IN ('working', 'done') AND NOT overtaken`,
    [programmeId, householdId],
  );
}

/** Keeps a proposal that was worked out for a version of a plan. */
export async function finishProposal(
  on: Db,
  { programmeId, householdId }: Scope,
  { planVersion, proposal }: { readonly planVersion: number; readonly proposal: Proposal },
): Promise<void> {
  await on.query(
    `UPDATE proposal SET status = 'done', plan_version = $3, result = $4, error = NULL
     WHERE programme_id = $1 AND household_id = $2 AND status = 'working'`,
    [programmeId, householdId, planVersion, JSON.stringify(proposal)],
  );
}

/** Notes that a proposal could not be worked out, and why. */
export async function failProposal(
  on: Db,
  { programmeId, householdId }: Scope,
  error: string,
): Promise<void> {
  await on.query(
    `UPDATE proposal SET status = 'failed', error = $3 WHERE programme_id = $1 AND household_id = $2 AND status IN ('waiting', 'working')`,
    [programmeId, householdId, error],
  );
}

const Line = z.object({
  householdId: z.string(),
  name: z.string(),
  status: z.enum([...STATUSES, "none", "unsurveyed"]),
  aim: z.enum(AIMS).nullable(),
  /** How much of it is worked out, 0 to 1. */
  progress: z.number(),
  /** The plan has been saved, or something came on record, since the proposal was made. */
  stale: z.boolean(),
  figures: z
    .object({
      plantings: z.number(),
      minor: z.number(),
      gap: z.number(),
      harvest: z.object({ low: z.number(), likely: z.number(), high: z.number() }),
      sketch: Sketch,
      covered: z.array(z.object({ group: z.enum(FOOD_GROUPS), share: z.number() })),
    })
    .nullable(),
});
/** One household in the list: how far its proposal is, and what it comes to. */
export type ProposalLine = z.infer<typeof Line>;

export const PROPOSALS_A_PAGE = 25;

/** One page of a programme's households with their proposals, without the plans that these propose. */
export const listProposals = (on: Db, programmeId: string, page: number): Promise<ProposalLine[]> =>
  rowsOf(on, Line, {
    sql: `SELECT h.id AS "householdId", h.code || ' ' || h.name AS name, j.aim, coalesce(j.progress, 0) AS progress,
        CASE WHEN p.household_id IS NULL THEN 'unsurveyed' ELSE coalesce(j.status, 'none') END AS status,
        coalesce(j.status = 'done' AND (j.overtaken OR j.plan_version <> coalesce(n.version, 0)), false) AS stale,
        CASE WHEN j.result IS NULL THEN NULL ELSE jsonb_build_object('minor', j.result->'minor', 'gap', j.result->'gap', 'harvest', j.result->'harvest', 'sketch', j.result->'sketch', 'covered', j.result->'covered',
          'plantings', (SELECT count(*) FROM jsonb_object_keys(j.result->'adds'))) END AS figures
      FROM household h LEFT JOIN place p ON p.household_id = h.id LEFT JOIN proposal j ON j.household_id = h.id LEFT JOIN plan n ON n.household_id = h.id
      WHERE h.programme_id = $1 AND NOT h.put_away ORDER BY h.number LIMIT ${PROPOSALS_A_PAGE} OFFSET $2`,
    values: [programmeId, (page - 1) * PROPOSALS_A_PAGE],
  });

const Totals = z.object({ households: z.number(), asked: z.number(), open: z.number() });

/** How many households a programme has, for how many a proposal was asked, and how many of those are still to be worked out. */
export const countProposals = (on: Db, programmeId: string) =>
  rowOf(on, Totals, {
    sql: `SELECT (SELECT count(*) FROM household WHERE programme_id = $1 AND NOT put_away) AS households, count(*) AS asked,
        count(*) FILTER (WHERE status IN ('waiting', 'working')) AS open
      FROM proposal WHERE programme_id = $1 AND ${HERE}`,
    values: [programmeId],
  });

const Found = z.object({
  planVersion: z.number().nullable(),
  result: Proposal.nullable(),
  isOvertaken: z.boolean(),
});

/** The newest proposal for a household. */
export const findProposal = (on: Db, { programmeId, householdId }: Scope) =>
  rowOf(on, Found, {
    sql: `SELECT plan_version AS "planVersion", result, overtaken AS "isOvertaken" FROM proposal WHERE programme_id = $1 AND household_id = $2`,
    values: [programmeId, householdId],
  });
