import type { BagThing, Plan, Planting, Row } from "@/core/plan";
import type { Schools } from "@/core/school";
import { type Db, rowsOf } from "./pool";

export interface SavedPlan {
  /** 0 for a household whose plan nobody has saved yet. */
  readonly version: number;
  readonly savedAt: string | null;
  readonly savedBy: string | null;
  readonly plan: Plan;
}

type Of<T> = T & { householdId: string };

/** The plans of some households of a programme, by household id; those that nobody has saved are missing. */
export async function readPlans(
  on: Db,
  programmeId: string,
  householdIds: readonly string[],
): Promise<Map<string, SavedPlan>> {
  const scope = [programmeId, householdIds];
  const heads = await rowsOf<Of<{ version: number; savedAt: Date; savedBy: string }>>(
    on,
    `SELECT household_id AS "householdId", version, saved_at AS "savedAt", saved_by AS "savedBy"
     FROM plan WHERE programme_id = $1 AND household_id = ANY($2)`,
    scope,
  );
  const bags = await rowsOf<Of<Omit<BagThing, "spot"> & { spot: BagThing["spot"] | null }>>(
    on,
    `SELECT household_id AS "householdId", id, kind_id AS "kindId", shape, at_hand AS "atHand", first_season AS "firstSeason", spot
     FROM bag WHERE programme_id = $1 AND household_id = ANY($2) AND NOT removed ORDER BY position`,
    scope,
  );
  const rows = await rowsOf<
    Of<
      Omit<Row, "plantings" | "schools" | "rolledToCm" | "pinned"> & {
        schools: Schools | null;
        rolledToCm: number | null;
        pinned: boolean;
      }
    >
  >(
    on,
    `SELECT household_id AS "householdId", id, bag_id AS "bagId", gap_cm AS "gapCm", rolled_to_cm AS "rolledToCm", pinned, nullif(schools, '{}') AS schools
     FROM plan_row WHERE programme_id = $1 AND household_id = ANY($2) AND NOT removed ORDER BY position`,
    scope,
  );
  const plantings = await rowsOf<Omit<Planting, "outBy"> & { rowId: string; outBy: string | null }>(
    on,
    `SELECT row_id AS "rowId", id, goal_id AS "goalId", surface, method, plants, sow_on AS "sowOn", out_by AS "outBy"
     FROM planting WHERE programme_id = $1 AND household_id = ANY($2) AND NOT removed ORDER BY position`,
    scope,
  );
  return new Map(
    heads.map(({ householdId, version, savedAt, savedBy }) => {
      const own = <T extends { householdId: string }>(list: T[]) =>
        list.filter((x) => x.householdId === householdId).map(({ householdId: _, ...rest }) => rest);
      const plan: Plan = {
        bags: own(bags).map(({ spot, ...bag }) => ({ ...bag, ...(spot ? { spot } : {}) })),
        rows: own(rows).map(({ schools, rolledToCm, pinned, ...row }) => ({
          ...row,
          ...(schools ? { schools } : {}),
          ...(rolledToCm === null ? {} : { rolledToCm }),
          ...(pinned ? { pinned } : {}),
          plantings: plantings
            .filter((p) => p.rowId === row.id)
            .map(({ rowId: _, outBy, ...p }) => ({ ...p, ...(outBy === null ? {} : { outBy }) })),
        })),
      };
      return [householdId, { version, savedAt: savedAt.toISOString(), savedBy, plan }];
    }),
  );
}

/** The plan's version under a lock, 0 when there is none yet. Locks the household, so that two savers take turns. */
export async function lockPlan(on: Db, programmeId: string, householdId: string): Promise<number> {
  await on.query(`SELECT 1 FROM household WHERE programme_id = $1 AND id = $2 FOR UPDATE`, [
    programmeId,
    householdId,
  ]);
  const [row] = await rowsOf<{ version: number }>(
    on,
    `SELECT version FROM plan WHERE programme_id = $1 AND household_id = $2`,
    [programmeId, householdId],
  );
  return row?.version ?? 0;
}

/**
 * Writes a plan as `version`. What is no longer in it stays, marked as removed, since records may speak of it.
 * Call it under `lockPlan` in the same transaction.
 *
 * @returns false when an id in the plan belongs to another household; the caller rolls back
 */
export async function writePlan(
  on: Db,
  programmeId: string,
  householdId: string,
  version: number,
  by: string,
  plan: Plan,
): Promise<boolean> {
  const scope = [programmeId, householdId];
  await on.query(
    `INSERT INTO plan (programme_id, household_id, version, saved_by) VALUES ($1, $2, $3, $4)
     ON CONFLICT (household_id) DO UPDATE SET version = excluded.version, saved_by = excluded.saved_by, saved_at = now()`,
    [...scope, version, by],
  );
  const rows = plan.rows.map((row, position) => ({ ...row, position }));
  const plantings = rows.flatMap((row) =>
    row.plantings.map((p, position) => ({ ...p, rowId: row.id, position })),
  );
  const bags = plan.bags.map((bag, position) => ({ ...bag, position }));
  const written = [
    await on.query(
      `INSERT INTO bag (id, programme_id, household_id, kind_id, shape, at_hand, first_season, spot, position)
       SELECT x.id, $1, $2, x."kindId", nullif(x.shape, 'null'), x."atHand", x."firstSeason", nullif(x.spot, 'null'), x.position
       FROM jsonb_to_recordset($3) AS x(id uuid, "kindId" text, shape jsonb, "atHand" boolean, "firstSeason" integer, spot jsonb, position integer)
       ON CONFLICT (id) DO UPDATE SET kind_id = excluded.kind_id, shape = excluded.shape, at_hand = excluded.at_hand,
         first_season = excluded.first_season, spot = excluded.spot, position = excluded.position, removed = false
       WHERE bag.household_id = excluded.household_id`,
      [...scope, JSON.stringify(bags)],
    ),
    await on.query(
      `INSERT INTO plan_row (id, programme_id, household_id, bag_id, gap_cm, position, schools, rolled_to_cm, pinned)
       SELECT x.id, $1, $2, x."bagId", x."gapCm", x.position, coalesce(x.schools, '{}'), x."rolledToCm", coalesce(x.pinned, false)
       FROM jsonb_to_recordset($3) AS x(id uuid, "bagId" uuid, "gapCm" double precision, position integer, schools jsonb, "rolledToCm" double precision, pinned boolean)
       ON CONFLICT (id) DO UPDATE SET bag_id = excluded.bag_id, gap_cm = excluded.gap_cm, position = excluded.position, schools = excluded.schools,
         rolled_to_cm = excluded.rolled_to_cm, pinned = excluded.pinned, removed = false
       WHERE plan_row.household_id = excluded.household_id`,
      [...scope, JSON.stringify(rows)],
    ),
    await on.query(
      `INSERT INTO planting (id, programme_id, household_id, row_id, goal_id, surface, method, plants, sow_on, out_by, position)
       SELECT x.id, $1, $2, x."rowId", x."goalId", x.surface, x.method, x.plants, x."sowOn", x."outBy", x.position
       FROM jsonb_to_recordset($3) AS x(id uuid, "rowId" uuid, "goalId" text, surface text, method text, plants integer, "sowOn" date, "outBy" date, position integer)
       ON CONFLICT (id) DO UPDATE SET row_id = excluded.row_id, goal_id = excluded.goal_id, surface = excluded.surface,
         method = excluded.method, plants = excluded.plants, sow_on = excluded.sow_on, out_by = excluded.out_by, position = excluded.position, removed = false
       WHERE planting.household_id = excluded.household_id`,
      [...scope, JSON.stringify(plantings)],
    ),
  ];
  for (const [table, kept] of [
    ["planting", plantings],
    ["plan_row", rows],
    ["bag", bags],
  ] as const) {
    await on.query(
      `UPDATE ${table} SET removed = true WHERE programme_id = $1 AND household_id = $2 AND NOT removed AND id <> ALL($3)`,
      [...scope, kept.map((x) => x.id)],
    );
  }
  return [bags, rows, plantings].every((list, i) => written[i]?.rowCount === list.length);
}

/** Keeps a whole state of a plan: one that was saved, or one set aside in a conflict. */
export async function keepVersion(
  on: Db,
  programmeId: string,
  householdId: string,
  version: number,
  by: string,
  plan: Plan,
  setAside: boolean,
): Promise<void> {
  await on.query(
    `INSERT INTO plan_version (programme_id, household_id, version, saved_by, content, set_aside) VALUES ($1, $2, $3, $4, $5, $6)`,
    [programmeId, householdId, version, by, JSON.stringify(plan), setAside],
  );
}

export interface PlanVersion {
  readonly id: string;
  readonly version: number;
  readonly setAside: boolean;
  readonly savedAt: string;
  readonly savedBy: string;
  readonly name: string;
  readonly content: unknown;
}

/** The latest kept states of a plan, and every one that has a name, newest first. */
export async function listVersions(
  on: Db,
  programmeId: string,
  householdId: string,
  most: number,
): Promise<PlanVersion[]> {
  const rows = await rowsOf<Omit<PlanVersion, "savedAt"> & { savedAt: Date }>(
    on,
    `SELECT id, version, set_aside AS "setAside", saved_at AS "savedAt", saved_by AS "savedBy", content, name FROM (
       SELECT v.*, coalesce(n.name, '') AS name, row_number() OVER (ORDER BY v.id DESC) AS place
       FROM plan_version v
       LEFT JOIN LATERAL (SELECT name FROM plan_version_name WHERE plan_version_id = v.id ORDER BY id DESC LIMIT 1) n ON true
       WHERE v.programme_id = $1 AND v.household_id = $2
     ) kept WHERE place <= $3 OR name <> '' ORDER BY id DESC`,
    [programmeId, householdId, most],
  );
  return rows.map((row) => ({ ...row, savedAt: row.savedAt.toISOString() }));
}

/** Names a kept state of a household's plan; false when the household has no such state. */
export async function insertVersionName(
  on: Db,
  programmeId: string,
  householdId: string,
  versionId: string,
  name: string,
  author: string,
): Promise<boolean> {
  const { rowCount } = await on.query(
    `INSERT INTO plan_version_name (programme_id, household_id, plan_version_id, name, author)
     SELECT $1, $2, id, $4, $5 FROM plan_version WHERE programme_id = $1 AND household_id = $2 AND id = $3`,
    [programmeId, householdId, versionId, name, author],
  );
  return rowCount === 1;
}

/** Every planting that a household ever planned, removed ones too, with its bag's kind: what records can speak of. */
export const everPlanted = (on: Db, programmeId: string, householdId: string | null) =>
  rowsOf<Planting & { householdId: string; rowId: string; bagId: string; kindId: string; removed: boolean }>(
    on,
    `SELECT p.household_id AS "householdId", p.row_id AS "rowId", r.bag_id AS "bagId", b.kind_id AS "kindId", p.removed,
       p.id, p.goal_id AS "goalId", p.surface, p.method, p.plants, p.sow_on AS "sowOn"
     FROM planting p JOIN plan_row r ON r.id = p.row_id JOIN bag b ON b.id = r.bag_id
     WHERE p.programme_id = $1 AND ($2::uuid IS NULL OR p.household_id = $2) ORDER BY r.position, p.position`,
    [programmeId, householdId],
  );
