import * as z from "zod";
import { connectionOf, type Db, rowOf } from "./pool";

/** How large a programme is to become. */
export interface Size {
  readonly households: number;
  readonly records: number;
}

const Count = z.object({ n: z.number() });

async function countOf(on: Db, table: "household" | "record", programmeId: string): Promise<number> {
  const row = await rowOf(on, Count, {
    sql: `SELECT count(*) AS n FROM ${table} WHERE programme_id = $1`,
    values: [programmeId],
  });
  return row?.n ?? 0;
}

/** Copies rows of a table to the copies of their households, with ids of their own where other rows speak of them. */
const COPIES = [
  `INSERT INTO household (id, programme_id, code, name, adults, children, tastes, note, wants, skill, trays, cells, budget_minor, away, schools)
   SELECT m.copy, h.programme_id, m.code, h.name || ' ' || m.code, h.adults, h.children, h.tastes, h.note, h.wants, h.skill, h.trays, h.cells, h.budget_minor, h.away, h.schools
   FROM copied_household m JOIN household h ON h.id = m.original`,
  `INSERT INTO place (household_id, programme_id, kind, length_cm, length_typed, width_cm, width_typed, sun, limit_kg_m2, limit_typed, water_l_day,
     water_typed, faces_deg, door, sun_seen_on, hooks, hook_limit_kg, hook_limit_typed)
   SELECT m.copy, p.programme_id, kind, length_cm, length_typed, width_cm, width_typed, sun, limit_kg_m2, limit_typed, water_l_day,
     water_typed, faces_deg, door, sun_seen_on, hooks, hook_limit_kg, hook_limit_typed
   FROM copied_household m JOIN place p ON p.household_id = m.original`,
  `INSERT INTO plan (household_id, programme_id, version, saved_by)
   SELECT m.copy, p.programme_id, p.version, p.saved_by FROM copied_household m JOIN plan p ON p.household_id = m.original`,
  `INSERT INTO bag (id, programme_id, household_id, kind_id, shape, at_hand, first_season, spot, position, removed)
   SELECT x.copy, b.programme_id, m.copy, kind_id, shape, at_hand, first_season, spot, position, removed
   FROM copied_household m JOIN bag b ON b.household_id = m.original JOIN copied_part x ON x.original = b.id AND x.household = m.copy`,
  `INSERT INTO plan_row (id, programme_id, household_id, bag_id, gap_cm, position, schools, rolled_to_cm, pinned, removed)
   SELECT x.copy, r.programme_id, m.copy, y.copy, gap_cm, position, schools, rolled_to_cm, pinned, removed
   FROM copied_household m JOIN plan_row r ON r.household_id = m.original JOIN copied_part x ON x.original = r.id AND x.household = m.copy
     JOIN copied_part y ON y.original = r.bag_id AND y.household = m.copy`,
  `INSERT INTO planting (id, programme_id, household_id, row_id, goal_id, surface, method, plants, sow_on, out_by, packet, position, removed)
   SELECT x.copy, p.programme_id, m.copy, y.copy, goal_id, surface, method, plants, sow_on, out_by, packet, position, removed
   FROM copied_household m JOIN planting p ON p.household_id = m.original JOIN copied_part x ON x.original = p.id AND x.household = m.copy
     JOIN copied_part y ON y.original = p.row_id AND y.household = m.copy`,
];

/** Records of a kind that can happen again and again; the others are copied once. */
const REPEATED = `('picked', 'fed', 'note')`;

/**
 * Makes a programme as large as it is to be, by copies of its own households and their records: for benches and for a
 * try with a thousand households. What is kept of plans and records is to be worked out afterwards.
 */
export async function multiply(on: Db, programmeId: string, size: Size): Promise<void> {
  const there = await countOf(on, "household", programmeId);
  await on.query(
    `CREATE TEMP TABLE copied_household ON COMMIT DROP AS
     SELECT gen_random_uuid() AS copy, h.id AS original, lpad((k.top + n)::text, greatest(2, length((k.top + n)::text)), '0') AS code
     FROM generate_series(1, $2::integer) AS n
       JOIN (SELECT id, row_number() OVER (ORDER BY number) - 1 AS turn, count(*) OVER () AS all_of FROM household WHERE programme_id = $1) h ON h.turn = (n - 1) % h.all_of
       CROSS JOIN (SELECT max(number) AS top FROM household WHERE programme_id = $1) k`,
    [programmeId, Math.max(0, size.households - there)],
  );
  await on.query(
    `CREATE TEMP TABLE copied_part ON COMMIT DROP AS
     SELECT m.copy AS household, part.id AS original, gen_random_uuid() AS copy FROM copied_household m JOIN (
       SELECT id, household_id FROM bag UNION ALL SELECT id, household_id FROM plan_row UNION ALL SELECT id, household_id FROM planting
     ) part ON part.household_id = m.original`,
  );
  await on.query("CREATE INDEX ON copied_part (original, household)");
  await on.query("ANALYZE copied_part");
  for (const sql of COPIES) await on.query(sql);
  await on.query(
    `INSERT INTO record (id, programme_id, household_id, planting_id, row_id, kind, happened_on, measure, value, typed, unit, note, author, noted_at, detail)
     SELECT gen_random_uuid(), r.programme_id, m.copy, x.copy, y.copy, kind, happened_on, measure, value, typed, unit, note, author, noted_at, nullif(detail - 'photo', '{}')
     FROM copied_household m JOIN record r ON r.household_id = m.original AND r.supersedes IS NULL AND r.kind <> 'struck'
       LEFT JOIN copied_part x ON x.original = r.planting_id AND x.household = m.copy
       LEFT JOIN copied_part y ON y.original = r.row_id AND y.household = m.copy`,
  );
  const missing = size.records - (await countOf(on, "record", programmeId));
  if (missing <= 0) return;
  await on.query(
    `INSERT INTO record (id, programme_id, household_id, planting_id, kind, happened_on, measure, value, typed, unit, note, author, noted_at)
     SELECT gen_random_uuid(), programme_id, household_id, planting_id, kind, happened_on + ((n % 40) - 20)::integer, measure, value, typed, unit, note, author, noted_at
     FROM generate_series(0, $2::integer) AS n CROSS JOIN (SELECT * FROM record WHERE programme_id = $1 AND kind IN ${REPEATED}) r
     LIMIT $3`,
    [programmeId, Math.ceil(missing / Math.max(1, await repeatedOf(on, programmeId))), missing],
  );
}

async function repeatedOf(on: Db, programmeId: string): Promise<number> {
  const row = await rowOf(on, Count, {
    sql: `SELECT count(*) AS n FROM record WHERE programme_id = $1 AND kind IN ${REPEATED}`,
    values: [programmeId],
  });
  return row?.n ?? 0;
}

/** What the database does by itself in the hours after so many rows came in: clears up, and counts what there is. */
export async function tidy(): Promise<void> {
  const on = await connectionOf("everything");
  try {
    await on.query("SET statement_timeout = 0");
    await on.query("VACUUM (ANALYZE)");
  } finally {
    on.release(true);
  }
}
