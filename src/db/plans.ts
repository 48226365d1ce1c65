import * as z from "zod";
import { BagShape } from "@/core/bag";
import { TRAY_PLACES } from "@/core/climate";
import { BagThing, Packet, type Plan, Planting, Row } from "@/core/plan";
import { Schools } from "@/core/school";
import { lockHousehold } from "./households";
import { type Db, rowOf, rowsOf } from "./pool";
import { type Scope, STANDS } from "./scope";

export interface SavedPlan {
  /** 0 for a household whose plan nobody has saved yet. */
  readonly version: number;
  readonly savedAt: string | null;
  readonly savedBy: string | null;
  readonly plan: Plan;
}

const Instant = z.date().transform((date) => date.toISOString());
/** What a plan does not say stands as null in its columns. @param keys of what may be left out */
const optional = <S extends z.ZodType>(schema: S, ...keys: readonly string[]) =>
  z.preprocess(
    (value) =>
      Object.fromEntries(
        Object.entries(value as object).filter(([key, part]) => part !== null || !keys.includes(key)),
      ),
    schema,
  );

const Line = z.object({
  householdId: z.string(),
  version: z.number(),
  savedAt: Instant,
  savedBy: z.string(),
  bags: z.array(optional(BagThing, "spot")),
  rows: z.array(
    optional(
      Row.extend({ plantings: z.array(optional(Planting, "outBy", "packet", "isChosen")) }),
      "schools",
      "rolledToCm",
      "isCovered",
      "pinned",
      "mixId",
    ),
  ),
});

/** Reads plans with their bags, rows and plantings. @param is which of a plan's bags, rows and plantings are read */
const plansSql = (is: { readonly bag: string; readonly row: string; readonly planting: string }): string =>
  `SELECT p.household_id AS "householdId", p.version, p.saved_at AS "savedAt", p.saved_by AS "savedBy",
        coalesce((
          SELECT jsonb_agg(jsonb_build_object('id', b.id, 'kindId', b.kind_id, 'shape', b.shape, 'atHand', b.at_hand,
            'firstSeason', b.first_season, 'spot', b.spot) ORDER BY b.position)
          FROM bag b WHERE b.programme_id = p.programme_id AND b.household_id = p.household_id AND ${is.bag}
        ), '[]') AS bags,
        coalesce((
          SELECT jsonb_agg(jsonb_build_object('id', r.id, 'bagId', r.bag_id, 'gapCm', r.gap_cm, 'rolledToCm', r.rolled_to_cm,
            'isCovered', nullif(r.covered, false), 'pinned', nullif(r.pinned, false), 'mixId', r.mix_id, 'schools', nullif(r.schools, '{}'), 'plantings', coalesce((
              SELECT jsonb_agg(jsonb_build_object('id', t.id, 'goalId', t.goal_id, 'surface', t.surface, 'method', t.method,
                'plants', t.plants, 'sowOn', t.sow_on, 'outBy', t.out_by, 'packet', t.packet, 'isChosen', nullif(t.chosen, false)) ORDER BY t.position, t.id)
              FROM planting t WHERE t.programme_id = r.programme_id AND t.household_id = r.household_id AND t.row_id = r.id AND ${is.planting}
            ), '[]')) ORDER BY r.position, r.id)
          FROM plan_row r WHERE r.programme_id = p.programme_id AND r.household_id = p.household_id AND ${is.row}
        ), '[]') AS rows
      FROM plan p WHERE p.programme_id = $1 AND p.household_id = ANY($2)`;

/** The plans of some households of a programme, by household id; those that nobody has saved are missing. */
export async function readPlans(
  on: Db,
  programmeId: string,
  householdIds: readonly string[],
): Promise<Map<string, SavedPlan>> {
  const lines = await rowsOf(on, Line, {
    sql: plansSql({ bag: "NOT b.removed", row: "NOT r.removed", planting: "NOT t.removed" }),
    values: [programmeId, householdIds],
  });
  return new Map(
    lines.map(({ householdId, bags, rows, ...saved }) => [householdId, { ...saved, plan: { bags, rows } }]),
  );
}

/** Of plantings `t`, those that were sown by record. */
const SOWN = `EXISTS (SELECT 1 FROM planting_summary s WHERE s.planting_id = t.id AND s.household_id = t.household_id AND s.sown_on IS NOT NULL)`;
/** Of a table's rows, those of the household of plan `p`: said wherever they are looked for, or those of all others are read. */
const ofPlan = (table: string): string =>
  `${table}.programme_id = p.programme_id AND ${table}.household_id = p.household_id`;

/** A household's garden as it stood through all its seasons: what was sown by record, in the plan still or not. */
export async function readStood(on: Db, { programmeId, householdId }: Scope): Promise<Plan> {
  const [line] = await rowsOf(on, Line, {
    sql: plansSql({
      bag: `EXISTS (SELECT 1 FROM plan_row r JOIN planting t ON t.row_id = r.id WHERE r.bag_id = b.id AND ${ofPlan("r")} AND ${ofPlan("t")} AND ${SOWN})`,
      row: `EXISTS (SELECT 1 FROM planting t WHERE t.row_id = r.id AND ${ofPlan("t")} AND ${SOWN})`,
      planting: SOWN,
    }),
    values: [programmeId, [householdId]],
  });
  return { bags: line?.bags ?? [], rows: line?.rows ?? [] };
}

/** The plan's version under a lock, 0 when there is none yet. Locks the household, so that two savers take turns. */
export async function lockPlan(on: Db, scope: Scope): Promise<number> {
  await lockHousehold(on, scope);
  const row = await rowOf(on, z.object({ version: z.number() }), {
    sql: `SELECT version FROM plan WHERE programme_id = $1 AND household_id = $2`,
    values: [scope.programmeId, scope.householdId],
  });
  return row?.version ?? 0;
}

/** A state of a plan, and who made it. */
export interface PlanState {
  readonly version: number;
  readonly by: string;
  readonly plan: Plan;
}

/**
 * Writes a plan as `version`. What is no longer in it stays, marked as removed, since records may speak of it.
 * Call it under `lockPlan` in the same transaction.
 *
 * @returns false when an id in the plan belongs to another household; the caller rolls back
 */
export async function writePlan(
  on: Db,
  { programmeId, householdId }: Scope,
  { version, by, plan }: PlanState,
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
      `INSERT INTO plan_row (id, programme_id, household_id, bag_id, gap_cm, position, schools, rolled_to_cm, covered, pinned, mix_id)
       SELECT x.id, $1, $2, x."bagId", x."gapCm", x.position, coalesce(x.schools, '{}'), x."rolledToCm", coalesce(x."isCovered", false), coalesce(x.pinned, false), x."mixId"
       FROM jsonb_to_recordset($3) AS x(id uuid, "bagId" uuid, "gapCm" double precision, position integer, schools jsonb, "rolledToCm" double precision, "isCovered" boolean, pinned boolean, "mixId" text)
       ON CONFLICT (id) DO UPDATE SET bag_id = excluded.bag_id, gap_cm = excluded.gap_cm, position = excluded.position, schools = excluded.schools,
         rolled_to_cm = excluded.rolled_to_cm, covered = excluded.covered, pinned = excluded.pinned, mix_id = excluded.mix_id, removed = false
       WHERE plan_row.household_id = excluded.household_id`,
      [...scope, JSON.stringify(rows)],
    ),
    await on.query(
      `INSERT INTO planting (id, programme_id, household_id, row_id, goal_id, surface, method, plants, sow_on, out_by, packet, chosen, position)
       SELECT x.id, $1, $2, x."rowId", x."goalId", x.surface, x.method, x.plants, x."sowOn", x."outBy", x.packet, coalesce(x."isChosen", false), x.position
       FROM jsonb_to_recordset($3) AS x(id uuid, "rowId" uuid, "goalId" text, surface text, method text, plants integer, "sowOn" date, "outBy" date, packet jsonb, "isChosen" boolean, position integer)
       ON CONFLICT (id) DO UPDATE SET row_id = excluded.row_id, goal_id = excluded.goal_id, surface = excluded.surface,
         method = excluded.method, plants = excluded.plants, sow_on = excluded.sow_on, out_by = excluded.out_by, packet = excluded.packet, chosen = excluded.chosen, position = excluded.position, removed = false
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
  { programmeId, householdId }: Scope,
  { version, by, plan, setAside }: PlanState & { readonly setAside: boolean },
): Promise<void> {
  await on.query(
    `INSERT INTO plan_version (programme_id, household_id, version, saved_by, content, set_aside) VALUES ($1, $2, $3, $4, $5, $6)`,
    [programmeId, householdId, version, by, JSON.stringify(plan), setAside],
  );
}

const Version = z.object({
  id: z.coerce.string(),
  version: z.number(),
  setAside: z.boolean(),
  savedAt: Instant,
  savedBy: z.string(),
  name: z.string(),
  content: z.unknown(),
});

/** The latest kept states of a plan, and every one that has a name, newest first. Their content may be of an older contract. */
export const listVersions = (on: Db, { programmeId, householdId }: Scope, most: number) =>
  rowsOf(on, Version, {
    sql: `SELECT id, version, set_aside AS "setAside", saved_at AS "savedAt", saved_by AS "savedBy", content, name FROM (
        SELECT v.*, coalesce(n.name, '') AS name, row_number() OVER (ORDER BY v.id DESC) AS place
        FROM plan_version v
        LEFT JOIN LATERAL (SELECT name FROM plan_version_name WHERE plan_version_id = v.id ORDER BY id DESC LIMIT 1) n ON true
        WHERE v.programme_id = $1 AND v.household_id = $2
      ) kept WHERE place <= $3 OR name <> '' ORDER BY id DESC`,
    values: [programmeId, householdId, most],
  });

/** Names a kept state of a household's plan; false when the household has no such state. */
export async function insertVersionName(
  on: Db,
  { programmeId, householdId }: Scope,
  { id, name, author }: { readonly id: string; readonly name: string; readonly author: string },
): Promise<boolean> {
  const { rowCount } = await on.query(
    `INSERT INTO plan_version_name (programme_id, household_id, plan_version_id, name, author)
     SELECT $1, $2, id, $4, $5 FROM plan_version WHERE programme_id = $1 AND household_id = $2 AND id = $3`,
    [programmeId, householdId, id, name, author],
  );
  return rowCount === 1;
}

const Planted = Planting.omit({ outBy: true, isChosen: true, packet: true }).extend({
  packet: Packet.nullable(),
  /** Where its seedlings are raised, and whether it stands under a cover. */
  trays: z.enum(TRAY_PLACES),
  isCovered: z.boolean(),
  /** Its bag's own measures; null where the library's are good enough. */
  shape: BagShape.nullable(),
  /** Ways of doing when it was sown, or in force until it is. */
  schools: Schools,
  rowId: z.string(),
  bagId: z.string(),
  kindId: z.string(),
  removed: z.boolean(),
});
export type Planted = z.infer<typeof Planted>;

const PLANTED = `SELECT p.row_id AS "rowId", r.bag_id AS "bagId", b.kind_id AS "kindId", b.shape, p.removed, h.trays, r.covered AS "isCovered",
    p.id, p.goal_id AS "goalId", p.surface, p.method, p.plants, p.sow_on AS "sowOn", p.packet,
    coalesce(p.sown_schools, g.schools || h.schools || r.schools) AS schools
  FROM planting p JOIN plan_row r ON r.id = p.row_id JOIN bag b ON b.id = r.bag_id JOIN household h ON h.id = p.household_id
    JOIN programme g ON g.id = p.programme_id
  WHERE p.programme_id = $1 AND p.household_id = $2`;

/** Every planting that a household ever planned, removed ones too, with its bag's kind: what records can speak of. */
export const everPlanted = (on: Db, { programmeId, householdId }: Scope): Promise<Planted[]> =>
  rowsOf(on, Planted, {
    sql: `${PLANTED} ORDER BY r.position, p.position`,
    values: [programmeId, householdId],
  });

/** One planting of a household; undefined when there is none. */
export const findPlanted = (
  on: Db,
  { programmeId, householdId }: Scope,
  id: string,
): Promise<Planted | undefined> =>
  rowOf(on, Planted, { sql: `${PLANTED} AND p.id = $3`, values: [programmeId, householdId, id] });

const IS_SOWN = `EXISTS (SELECT FROM record t WHERE t.planting_id = p.id AND t.kind = 'sown' AND ${STANDS})`;

/** Notes the ways of doing in force for what a household has sown by record, once; forgets them where that record was struck. */
export async function noteSchools(on: Db, { programmeId, householdId }: Scope): Promise<void> {
  await on.query(
    `UPDATE planting p SET sown_schools = CASE WHEN p.sown_schools IS NULL THEN g.schools || h.schools || r.schools END FROM plan_row r, household h, programme g
     WHERE p.programme_id = $1 AND p.household_id = $2 AND r.id = p.row_id AND h.id = p.household_id AND g.id = p.programme_id AND ${IS_SOWN} = (p.sown_schools IS NULL)`,
    [programmeId, householdId],
  );
}

const MixUses = z.object({ rows: z.number() });

/** How many bags of a programme's plans are filled with a mix of their own choice. */
export async function countMixUses(on: Db, programmeId: string, mixId: string): Promise<number> {
  const uses = await rowOf(on, MixUses, {
    sql: `SELECT count(*)::int AS rows FROM plan_row WHERE programme_id = $1 AND mix_id = $2 AND NOT removed`,
    values: [programmeId, mixId],
  });
  return uses?.rows ?? 0;
}
