import * as z from "zod";
import { type Day, DayText } from "@/core/day";
import { type Db, rowsOf } from "./pool";

const Instant = z.date().transform((date) => date.toISOString());

const Stored = z.object({
  id: z.string(),
  goalId: z.string(),
  question: z.string(),
  firstWay: z.string(),
  secondWay: z.string(),
  ratio: z.number(),
  spread: z.number(),
  planned: z.number(),
  seed: z.number(),
  author: z.string(),
  begunAt: Instant,
  endedAt: Instant.nullable(),
});
/** One way held against another, as it was planned. */
export type SideBySide = z.infer<typeof Stored>;

const COLUMNS = `id, goal_id AS "goalId", question, first_way AS "firstWay", second_way AS "secondWay", ratio, spread, planned, seed, author, begun_at AS "begunAt", ended_at AS "endedAt"`;

/** All of a programme's, the newest first; or one. */
export const listSideBySides = (
  on: Db,
  programmeId: string,
  id: string | null = null,
): Promise<SideBySide[]> =>
  rowsOf(on, Stored, {
    sql: `SELECT ${COLUMNS} FROM side_by_side WHERE programme_id = $1 AND ($2::uuid IS NULL OR id = $2) ORDER BY begun_at DESC, id`,
    values: [programmeId, id],
  });

const Pair = z.object({
  sideBySideId: z.string(),
  householdId: z.string(),
  code: z.string(),
  name: z.string(),
  secondHouseholdId: z.string(),
  secondCode: z.string(),
  secondName: z.string(),
  firstPlantingId: z.string(),
  secondPlantingId: z.string(),
  firstRow: z.number(),
  secondRow: z.number(),
  position: z.number(),
  dropped: z.string().nullable(),
  droppedBy: z.string().nullable(),
});
export type StoredPair = z.infer<typeof Pair>;

/** The pairs of a programme's side-by-sides, with the numbers of their bags' rows. */
export const listPairs = (on: Db, programmeId: string): Promise<StoredPair[]> =>
  rowsOf(on, Pair, {
    sql: `SELECT s.side_by_side_id AS "sideBySideId", s.household_id AS "householdId", h.code, h.name,
        s.second_household_id AS "secondHouseholdId", o.code AS "secondCode", o.name AS "secondName", s.first_planting_id AS "firstPlantingId", s.second_planting_id AS "secondPlantingId",
        a.position + 1 AS "firstRow", b.position + 1 AS "secondRow", s.position, s.dropped, s.dropped_by AS "droppedBy"
      FROM side_by_side_pair s JOIN household h ON h.id = s.household_id JOIN household o ON o.id = s.second_household_id
        JOIN planting p ON p.id = s.first_planting_id JOIN plan_row a ON a.id = p.row_id
        JOIN planting q ON q.id = s.second_planting_id JOIN plan_row b ON b.id = q.row_id
      WHERE s.programme_id = $1 ORDER BY s.side_by_side_id, s.position`,
    values: [programmeId],
  });

const Look = z.object({
  sideBySideId: z.string(),
  pairs: z.number(),
  verdict: z.string(),
  author: z.string(),
  lookedOn: DayText,
});

/** When the answers of a programme's side-by-sides were looked at, in order. */
export const listLooks = (on: Db, programmeId: string): Promise<z.infer<typeof Look>[]> =>
  rowsOf(on, Look, {
    sql: `SELECT side_by_side_id AS "sideBySideId", pairs, verdict, author, looked_on AS "lookedOn" FROM side_by_side_look WHERE programme_id = $1 ORDER BY pairs`,
    values: [programmeId],
  });

/** Keeps a side-by-side as it was planned, with its pairs. */
export async function insertSideBySide(
  on: Db,
  programmeId: string,
  planned: Omit<SideBySide, "begunAt" | "endedAt">,
  pairs: readonly Pick<
    StoredPair,
    "householdId" | "secondHouseholdId" | "firstPlantingId" | "secondPlantingId"
  >[],
): Promise<void> {
  const { id, goalId, question, firstWay, secondWay, ratio, spread, seed, author } = planned;
  await on.query(
    `INSERT INTO side_by_side (id, programme_id, goal_id, question, first_way, second_way, ratio, spread, planned, seed, author)
     VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11)`,
    [id, programmeId, goalId, question, firstWay, secondWay, ratio, spread, planned.planned, seed, author],
  );
  await on.query(
    `INSERT INTO side_by_side_pair (programme_id, side_by_side_id, household_id, second_household_id, first_planting_id, second_planting_id, position)
     SELECT $1, $2, x."householdId", x."secondHouseholdId", x."firstPlantingId", x."secondPlantingId", x.position
     FROM jsonb_to_recordset($3) AS x("householdId" uuid, "secondHouseholdId" uuid, "firstPlantingId" uuid, "secondPlantingId" uuid, position integer)`,
    [programmeId, id, JSON.stringify(pairs.map((pair, position) => ({ ...pair, position })))],
  );
}

/** Notes that somebody looked at an answer; another look at as many pairs is the same one. */
export async function insertLook(
  on: Db,
  programmeId: string,
  {
    id,
    pairs,
    verdict,
    author,
    on: day,
  }: { id: string; pairs: number; verdict: string; author: string; on: Day },
): Promise<void> {
  await on.query(
    `INSERT INTO side_by_side_look (programme_id, side_by_side_id, pairs, verdict, author, looked_on) VALUES ($1, $2, $3, $4, $5, $6) ON CONFLICT DO NOTHING`,
    [programmeId, id, pairs, verdict, author, day],
  );
}

/** Leaves a pair out, with the reason. @returns whether there was such a pair that was not left out before */
export async function dropPair(
  on: Db,
  programmeId: string,
  { id, position, reason, author }: { id: string; position: number; reason: string; author: string },
): Promise<boolean> {
  const { rowCount } = await on.query(
    `UPDATE side_by_side_pair SET dropped = $4, dropped_by = $5 WHERE programme_id = $1 AND side_by_side_id = $2 AND position = $3 AND dropped IS NULL`,
    [programmeId, id, position, reason, author],
  );
  return rowCount === 1;
}

const Candidate = z.object({
  goalId: z.string(),
  householdId: z.string(),
  code: z.string(),
  name: z.string(),
  plantingId: z.string(),
  rowId: z.string(),
  row: z.number(),
  bagKindId: z.string(),
  placeKind: z.string().nullable(),
  sunHours: z.number(),
  sowOn: z.string(),
});
export type Candidate = z.infer<typeof Candidate>;

/** Plantings of plans that are in no side-by-side and have not ended, in the order of households and of their bags; of one goal, or of all. */
export const listCandidates = (
  on: Db,
  programmeId: string,
  goalId: string | null = null,
): Promise<Candidate[]> =>
  rowsOf(on, Candidate, {
    sql: `WITH taken AS (
        SELECT first_planting_id AS id FROM side_by_side_pair WHERE programme_id = $1
        UNION SELECT second_planting_id FROM side_by_side_pair WHERE programme_id = $1
      )
      SELECT p.goal_id AS "goalId", p.household_id AS "householdId", h.code, h.name, p.id AS "plantingId", p.row_id AS "rowId", r.position + 1 AS row, b.kind_id AS "bagKindId",
        l.kind AS "placeKind", coalesce(k.sun_hours, 0) AS "sunHours", p.sow_on::text AS "sowOn"
      FROM planting p JOIN household h ON h.id = p.household_id JOIN plan_row r ON r.id = p.row_id JOIN bag b ON b.id = r.bag_id
        LEFT JOIN place l ON l.household_id = h.id LEFT JOIN household_progress k ON k.household_id = h.id LEFT JOIN planting_progress g ON g.planting_id = p.id
      WHERE p.programme_id = $1 AND ($2::text IS NULL OR p.goal_id = $2) AND NOT p.removed AND NOT h.put_away AND g.ended_on IS NULL AND p.id NOT IN (SELECT id FROM taken)
      ORDER BY p.goal_id, h.number, r.position, p.sow_on`,
    values: [programmeId, goalId],
  });

export const Part = z.object({ plantingId: z.string(), question: z.string(), way: z.string() });

/** The plantings of household $2 of programme $1 that take part in a side-by-side, and how each is grown for it; what was left out is not. */
export const PARTS = `SELECT own.planting_id AS "plantingId", s.question, own.way FROM side_by_side_pair p JOIN side_by_side s ON s.id = p.side_by_side_id
    CROSS JOIN LATERAL (VALUES (p.household_id, p.first_planting_id, s.first_way), (p.second_household_id, p.second_planting_id, s.second_way)) AS own (household_id, planting_id, way)
  WHERE p.programme_id = $1 AND own.household_id = $2 AND p.dropped IS NULL AND s.ended_at IS NULL`;
