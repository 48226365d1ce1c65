import * as z from "zod";
import { type Day, DayText } from "@/core/day";
import { PLACE_KINDS } from "@/core/place";
import {
  AHEAD_DAYS,
  HOUSEHOLD_STAGES,
  type HouseholdProgress,
  type HouseholdStage,
  type Progress,
  QUIET_DAYS,
} from "@/core/record";
import { type Db, rowOf, rowsOf } from "./pool";
import { HERE, type Scope } from "./scope";

/** What a planting's records come to, as it is kept. */
export interface KeptProgress extends Progress {
  readonly plantingId: string;
  readonly goalId: string;
  readonly cropId: string;
  readonly removed: boolean;
}

const Kept = z
  .object({
    plantingId: z.string(),
    goalId: z.string(),
    cropId: z.string(),
    removed: z.boolean(),
    isStarted: z.boolean(),
    isPicked: z.boolean(),
    isRecorded: z.boolean(),
    endedOn: DayText.nullable(),
    overOn: DayText.nullable(),
    task: z.enum(["sow", "up", "move", "pick"]).nullable(),
    dueFrom: DayText.nullable(),
    dueUntil: DayText.nullable(),
    firstFrom: DayText.nullable(),
    firstUntil: DayText.nullable(),
    kg: z.number(),
    pieces: z.number(),
    bunches: z.number(),
    seeds: z.number(),
    ups: z.number(),
  })
  .transform(
    ({
      endedOn,
      overOn,
      task,
      dueFrom,
      dueUntil,
      firstFrom,
      firstUntil,
      kg,
      pieces,
      bunches,
      ...rest
    }): KeptProgress => ({
      ...rest,
      ...(endedOn ? { endedOn } : {}),
      ...(overOn ? { overOn } : {}),
      ...(task && dueFrom && dueUntil ? { waiting: { task, from: dueFrom, until: dueUntil } } : {}),
      ...(firstFrom && firstUntil ? { firstPick: { from: firstFrom, until: firstUntil } } : {}),
      picked: amountsOf({ kg, pieces, bunches }),
    }),
  );

const KEPT = `planting_id AS "plantingId", goal_id AS "goalId", crop_id AS "cropId", removed, is_started AS "isStarted",
  is_picked AS "isPicked", is_recorded AS "isRecorded", ended_on AS "endedOn", over_on AS "overOn", task, due_from AS "dueFrom", due_until AS "dueUntil",
  first_from AS "firstFrom", first_until AS "firstUntil", kg, pieces, bunches, seeds, ups`;

/** Amounts picked by measure; a measure without any is left out. */
const amountsOf = ({ kg, pieces, bunches }: { kg: number; pieces: number; bunches: number }) => ({
  ...(kg > 0 ? { mass: kg } : {}),
  ...(pieces > 0 ? { pieces } : {}),
  ...(bunches > 0 ? { bunches } : {}),
});

/** The kept progress of a household's plantings. */
export const listProgress = (on: Db, { programmeId, householdId }: Scope): Promise<KeptProgress[]> =>
  rowsOf(on, Kept, {
    sql: `SELECT ${KEPT} FROM planting_progress WHERE programme_id = $1 AND household_id = $2 ORDER BY planting_id`,
    values: [programmeId, householdId],
  });

/** Keeps the progress of some plantings of a household. */
export async function putProgress(
  on: Db,
  { programmeId, householdId }: Scope,
  list: readonly KeptProgress[],
): Promise<void> {
  const rows = list.map(({ waiting, picked, firstPick, ...p }) => ({
    ...p,
    task: waiting?.task,
    dueFrom: waiting?.from,
    dueUntil: waiting?.until,
    firstFrom: firstPick?.from,
    firstUntil: firstPick?.until,
    kg: picked.mass ?? 0,
    pieces: picked.pieces ?? 0,
    bunches: picked.bunches ?? 0,
  }));
  await on.query(
    `INSERT INTO planting_progress (programme_id, household_id, planting_id, goal_id, crop_id, removed, is_started, is_picked, is_recorded,
       ended_on, over_on, task, due_from, due_until, first_from, first_until, kg, pieces, bunches, seeds, ups)
     SELECT $1, $2, x."plantingId", x."goalId", x."cropId", x.removed, x."isStarted", x."isPicked", x."isRecorded",
       x."endedOn", x."overOn", x.task, x."dueFrom", x."dueUntil", x."firstFrom", x."firstUntil", x.kg, x.pieces, x.bunches, x.seeds, x.ups
     FROM jsonb_to_recordset($3) AS x("plantingId" uuid, "goalId" text, "cropId" text, removed boolean, "isStarted" boolean,
       "isPicked" boolean, "isRecorded" boolean, "endedOn" date, "overOn" date, task text, "dueFrom" date, "dueUntil" date, "firstFrom" date, "firstUntil" date,
       kg double precision, pieces double precision, bunches double precision, seeds integer, ups integer)
     ON CONFLICT (planting_id) DO UPDATE SET goal_id = excluded.goal_id, crop_id = excluded.crop_id, removed = excluded.removed,
       is_started = excluded.is_started, is_picked = excluded.is_picked, is_recorded = excluded.is_recorded, ended_on = excluded.ended_on, over_on = excluded.over_on,
       task = excluded.task, due_from = excluded.due_from, due_until = excluded.due_until, first_from = excluded.first_from,
       first_until = excluded.first_until, kg = excluded.kg, pieces = excluded.pieces, bunches = excluded.bunches, seeds = excluded.seeds, ups = excluded.ups`,
    [programmeId, householdId, JSON.stringify(rows)],
  );
}

/** What lists say of a household, besides how far it is. */
export interface HouseholdFacts extends HouseholdProgress {
  readonly bags: number;
  readonly sunHours: number;
}

/** Keeps how far a household is; what its plantings wait for and what was picked from them is summed up from their own rows. */
export async function putHouseholdProgress(
  on: Db,
  { programmeId, householdId }: Scope,
  { stage, finishedFrom, bags, sunHours }: HouseholdFacts,
): Promise<void> {
  await on.query(
    `INSERT INTO household_progress (programme_id, household_id, stage, finished_from, bags, sun_hours, last_on, due_from, due_until, kg, pieces, bunches)
     SELECT $1, $2, $3, $4, $5, $6, (SELECT max(happened_on) FROM record WHERE programme_id = $1 AND household_id = $2),
       min(due_from) FILTER (WHERE NOT removed), min(due_until) FILTER (WHERE NOT removed),
       coalesce(sum(kg ORDER BY planting_id), 0), coalesce(sum(pieces), 0), coalesce(sum(bunches), 0)
     FROM planting_progress WHERE programme_id = $1 AND household_id = $2
     ON CONFLICT (household_id) DO UPDATE SET stage = excluded.stage, finished_from = excluded.finished_from, bags = excluded.bags,
       sun_hours = excluded.sun_hours, last_on = excluded.last_on, due_from = excluded.due_from, due_until = excluded.due_until, kg = excluded.kg,
       pieces = excluded.pieces, bunches = excluded.bunches`,
    [programmeId, householdId, stage, finishedFrom ?? null, bags, sunHours],
  );
}

/** A household's place in a list changes with its records; its bags and sun do not. */
export async function updateStage(
  on: Db,
  scope: Scope,
  { stage, finishedFrom }: HouseholdProgress,
): Promise<void> {
  const facts = await rowOf(on, z.object({ bags: z.number(), sunHours: z.number() }), {
    sql: `SELECT bags, sun_hours AS "sunHours" FROM household_progress WHERE household_id = $1`,
    values: [scope.householdId],
  });
  await putHouseholdProgress(on, scope, { stage, finishedFrom, bags: 0, sunHours: 0, ...facts });
}

/** Seeds of a crop that were counted anew, more or fewer than before. */
export interface GerminationChange {
  readonly cropId: string;
  readonly sown: number;
  readonly up: number;
}

/** Adds to what a programme knows of its germination; changes of nothing are left out. */
export async function addGermination(
  on: Db,
  programmeId: string,
  changes: readonly GerminationChange[],
): Promise<boolean> {
  const real = changes.filter(({ sown, up }) => sown !== 0 || up !== 0);
  if (real.length === 0) return false;
  await on.query(
    `INSERT INTO crop_germination (programme_id, crop_id, sown, up)
     SELECT $1, x."cropId", sum(x.sown), sum(x.up) FROM jsonb_to_recordset($2) AS x("cropId" text, sown integer, up integer)
     GROUP BY x."cropId" ORDER BY x."cropId"
     ON CONFLICT (programme_id, crop_id) DO UPDATE SET sown = crop_germination.sown + excluded.sown, up = crop_germination.up + excluded.up`,
    [programmeId, JSON.stringify(real)],
  );
  return true;
}

export const Counted = z.object({ cropId: z.string(), sown: z.number(), up: z.number() });

/** What the own sowings of programme $1 came to, by crop. */
export const GERMINATION = `SELECT crop_id AS "cropId", sown, up FROM crop_germination WHERE programme_id = $1 ORDER BY crop_id`;

/** What a programme's own sowings came to, by crop. */
export const listGermination = (on: Db, programmeId: string): Promise<GerminationChange[]> =>
  rowsOf(on, Counted, { sql: GERMINATION, values: [programmeId] });

/** What a list of households is asked for. */
export interface ListAsk {
  readonly day: Day;
  readonly search: string;
  readonly filter: HouseholdStage | "all" | "pressing" | "quiet" | "away";
  readonly sort: "pressing" | "number" | "name";
  readonly page: number;
}

export const PAGE_SIZE = 25;

const Listed = z.object({
  id: z.string(),
  code: z.string(),
  name: z.string(),
  adults: z.number(),
  children: z.number(),
  place: z.object({ kind: z.enum(PLACE_KINDS), lengthTyped: z.string(), widthTyped: z.string() }).nullable(),
  stage: z.enum(HOUSEHOLD_STAGES),
  bags: z.number(),
  sunHours: z.number(),
  firstSowing: DayText.nullable(),
  quietSince: DayText.nullable(),
  kg: z.number(),
  pieces: z.number(),
  bunches: z.number(),
});

const STAGE = `CASE WHEN g.finished_from <= $2 THEN 'finished' ELSE coalesce(g.stage, 'new') END`;
/** Something waits within the days that a trainer looks ahead, or is late. */
const PRESSING = `g.due_from <= $2::date + ${AHEAD_DAYS}`;
/** Something grows there, and nobody has written down anything for weeks. */
const QUIET = `(${STAGE} IN ('sown', 'picking') AND g.last_on <= $2::date - ${QUIET_DAYS})`;
const ORDERS: Record<ListAsk["sort"], string> = {
  number: "h.number",
  name: "lower(h.name), h.number",
  // The longest late first, then what is due soonest, then the rest.
  pressing: `coalesce(g.due_until < $2, false) DESC, CASE WHEN g.due_until < $2 THEN g.due_until WHEN ${PRESSING} THEN g.due_from END NULLS LAST, h.number`,
};

/** One page of a programme's households. */
export const listPage = (on: Db, programmeId: string, { day, search, filter, sort, page }: ListAsk) =>
  rowsOf(
    on,
    Listed.transform(({ kg, pieces, bunches, firstSowing, quietSince, ...rest }) => ({
      ...rest,
      firstSowing: firstSowing ?? undefined,
      quietSince: quietSince ?? undefined,
      picked: amountsOf({ kg, pieces, bunches }),
    })),
    {
      sql: `SELECT h.id, h.code, h.name, h.adults, h.children, ${STAGE} AS stage, coalesce(g.bags, 0) AS bags,
          coalesce(g.sun_hours, 0) AS "sunHours", coalesce(g.kg, 0) AS kg, coalesce(g.pieces, 0) AS pieces, coalesce(g.bunches, 0) AS bunches,
          CASE WHEN p.household_id IS NULL THEN NULL ELSE jsonb_build_object('kind', p.kind, 'lengthTyped', p.length_typed, 'widthTyped', p.width_typed) END AS place,
          (SELECT min(s.sow_on) FROM planting s WHERE s.programme_id = h.programme_id AND s.household_id = h.id AND NOT s.removed AND s.sow_on >= $2) AS "firstSowing",
          CASE WHEN ${QUIET} THEN g.last_on END AS "quietSince"
        FROM household h LEFT JOIN household_progress g ON g.household_id = h.id LEFT JOIN place p ON p.household_id = h.id
        WHERE h.programme_id = $1 AND h.put_away = ($4 = 'away') AND ($3 = '' OR h.name ILIKE '%' || $3 || '%' OR h.code LIKE $3 || '%')
          AND ($4 IN ('all', 'away') OR ($4 = 'pressing' AND ${PRESSING}) OR ($4 = 'quiet' AND ${QUIET}) OR $4 = ${STAGE})
        ORDER BY ${ORDERS[sort]} LIMIT ${PAGE_SIZE} OFFSET $5`,
      values: [programmeId, day, search.replace(/[\\%_]/g, "\\$&"), filter, (page - 1) * PAGE_SIZE],
    },
  );

const Counts = z.object({
  stage: z.enum(HOUSEHOLD_STAGES),
  isPutAway: z.boolean(),
  households: z.number(),
  pressing: z.number(),
  quiet: z.number(),
});

/** How many households of a programme a search finds at each stage, those that were put away apart, and how many of them have something waiting or have gone quiet. */
export const countStages = (on: Db, programmeId: string, { day, search }: Pick<ListAsk, "day" | "search">) =>
  rowsOf(on, Counts, {
    sql: `SELECT ${STAGE} AS stage, h.put_away AS "isPutAway", count(*) AS households, count(*) FILTER (WHERE ${PRESSING}) AS pressing,
        count(*) FILTER (WHERE ${QUIET}) AS quiet
      FROM household h LEFT JOIN household_progress g ON g.household_id = h.id
      WHERE h.programme_id = $1 AND ($3 = '' OR h.name ILIKE '%' || $3 || '%' OR h.code LIKE $3 || '%')
      GROUP BY 1, 2`,
    values: [programmeId, day, search.replace(/[\\%_]/g, "\\$&")],
  });

const Task = z.object({
  householdId: z.string(),
  plantingId: z.string(),
  goalId: z.string(),
  task: z.enum(["sow", "up", "move", "pick"]),
  from: DayText,
  until: DayText,
});

/** What plantings of some households wait for on a day, the late ones first. */
export const listWaiting = (
  on: Db,
  programmeId: string,
  { day, householdIds }: { readonly day: Day; readonly householdIds: readonly string[] },
) =>
  rowsOf(on, Task, {
    sql: `SELECT household_id AS "householdId", planting_id AS "plantingId", goal_id AS "goalId", task, due_from AS "from", due_until AS until
      FROM planting_progress
      WHERE programme_id = $1 AND household_id = ANY($3) AND task IS NOT NULL AND NOT removed AND due_from <= $2::date + ${AHEAD_DAYS}
      ORDER BY (due_until < $2) DESC, due_from, planting_id`,
    values: [programmeId, day, householdIds],
  });

/** How many plantings of a programme are late, and how many are due. */
export const countWaiting = (on: Db, programmeId: string, day: Day) =>
  rowOf(on, z.object({ late: z.number(), due: z.number() }), {
    sql: `SELECT count(*) FILTER (WHERE due_until < $2) AS late, count(*) FILTER (WHERE due_until >= $2) AS due
      FROM planting_progress
      WHERE programme_id = $1 AND task IS NOT NULL AND NOT removed AND due_from <= $2::date + ${AHEAD_DAYS}
        AND ${HERE}`,
    values: [programmeId, day],
  });

/** Forgets all that is kept of a programme's progress, so that it can be worked out anew. */
export async function clearProgress(on: Db, programmeId: string): Promise<void> {
  for (const table of [
    "picked_week",
    "need",
    "due_task",
    "seedling",
    "household_progress",
    "planting_summary",
    "planting_progress",
    "crop_germination",
  ])
    await on.query(`DELETE FROM ${table} WHERE programme_id = $1`, [programmeId]);
}

/** Notes that all plans of a programme have to be judged anew. */
export async function askJudging(on: Db, programmeId: string): Promise<void> {
  await on.query(
    `UPDATE programme SET judge_since = CASE WHEN judge_done = judge_asked THEN now() ELSE judge_since END, judge_asked = judge_asked + 1 WHERE id = $1`,
    [programmeId],
  );
}

/** Notes that all plans have been judged as they were to be when `asked` was read, as of a day. */
export async function finishJudging(on: Db, programmeId: string, asked: number, day: Day): Promise<void> {
  await on.query(`UPDATE programme SET judge_done = greatest(judge_done, $2), judged_on = $3 WHERE id = $1`, [
    programmeId,
    asked,
    day,
  ]);
}

const Use = z.object({ name: z.string(), times: z.number(), households: z.number() });
/** How often the plans of a programme use an entry of the library, `goal/…` or `bag/…`, and in how many households. */
export type Use = z.infer<typeof Use>;

/** What of the library the plans of a programme use. */
export const listUses = (on: Db, programmeId: string): Promise<Use[]> =>
  rowsOf(on, Use, {
    sql: `SELECT 'goal/' || goal_id AS name, count(*) AS times, count(DISTINCT household_id) AS households
      FROM planting_progress WHERE programme_id = $1 AND NOT removed AND ${HERE} GROUP BY goal_id
      UNION ALL SELECT 'bag/' || kind_id, count(*), count(DISTINCT household_id)
      FROM bag WHERE programme_id = $1 AND NOT removed AND ${HERE} GROUP BY kind_id`,
    values: [programmeId],
  });
