import * as z from "zod";
import { type Day, DayText } from "@/core/day";
import { PLACE_KINDS, type PlaceKind } from "@/core/place";
import { known } from "@/core/known";
import { type PickedAmounts, REASONS } from "@/core/record";
import { asJson, type Db, rowOf, rowsOf } from "./pool";
import { HERE, type Scope, STANDS } from "./scope";

/**
 * Works out anew what was picked from a planting of a household by week, or from all of them where none is named. Call it
 * in the transaction of the record that it follows.
 */
export async function followPicked(
  on: Db,
  { programmeId, householdId }: Scope,
  plantingId?: string,
): Promise<void> {
  const values = [programmeId, householdId, plantingId ?? null];
  await on.query(
    `DELETE FROM picked_week WHERE programme_id = $1 AND household_id = $2 AND ($3::uuid IS NULL OR planting_id = $3)`,
    values,
  );
  await on.query(
    `INSERT INTO picked_week (programme_id, household_id, planting_id, goal_id, week, kg, pieces, bunches)
      SELECT $1, $2, p.id, p.goal_id, date_trunc('week', t.happened_on)::date,
        coalesce(sum(t.value ORDER BY t.happened_on, t.id) FILTER (WHERE t.measure = 'mass'), 0), coalesce(sum(t.value) FILTER (WHERE t.measure = 'pieces'), 0),
        coalesce(sum(t.value) FILTER (WHERE t.measure = 'bunches'), 0)
      FROM record t JOIN planting p ON p.id = t.planting_id
      WHERE t.programme_id = $1 AND t.household_id = $2 AND ($3::uuid IS NULL OR t.planting_id = $3)
        AND t.kind = 'picked' AND ${STANDS}
      GROUP BY p.id, 5`,
    values,
  );
}

const Amounts = { kg: z.number(), pieces: z.number(), bunches: z.number() };

const Week = z.object({ from: DayText, kg: z.number() });

/** What a household picked and weighed, kg, by week, from a day on; weeks without any are left out. */
export const pickedByWeek = (
  on: Db,
  { programmeId, householdId }: Scope,
  since: Day,
): Promise<z.infer<typeof Week>[]> =>
  rowsOf(on, Week, {
    sql: `SELECT w.week AS "from", sum(w.kg) AS kg FROM picked_week w
      WHERE w.programme_id = $1 AND w.household_id = $2 AND w.week >= $3 AND w.kg > 0 GROUP BY 1 ORDER BY 1`,
    values: [programmeId, householdId, since],
  });

/**
 * What the households of programme $1 picked from day $2 on: by week, by goal, and by kind of place, in one reading. Each
 * household is summed first, which is quicker than to count distinct ones.
 */
const PICKED = `SELECT own.week, own.goal_id AS "goalId", l.kind, count(*)::int AS households,
        sum(own.kg) AS kg, sum(own.pieces) AS pieces, sum(own.bunches) AS bunches
      FROM (
        SELECT w.week, w.goal_id, w.household_id, sum(w.kg) AS kg, sum(w.pieces) AS pieces, sum(w.bunches) AS bunches
        FROM picked_week w WHERE w.programme_id = $1 AND w.week >= $2 AND w.${HERE}
        GROUP BY GROUPING SETS ((w.week, w.household_id), (w.goal_id, w.household_id), (w.household_id))
      ) own LEFT JOIN place l ON l.household_id = own.household_id AND own.week IS NULL AND own.goal_id IS NULL
      GROUP BY 1, 2, 3 ORDER BY 1, kg DESC, bunches DESC, pieces DESC, 2, 3`;

const Picked = z.object({
  picked: z.array(
    z.object({
      ...{ week: DayText.nullable(), goalId: z.string().nullable(), kind: z.enum(PLACE_KINDS).nullable() },
      ...{ households: z.number(), ...Amounts },
    }),
  ),
  places: z.array(z.object({ kind: z.enum(PLACE_KINDS), households: z.number() })),
});

type Sum = { readonly households: number } & PickedAmounts;
const amountsOf = ({ households, kg, pieces, bunches }: Sum): Sum => ({ households, kg, pieces, bunches });

/** What all households of a programme picked. */
export interface ProgrammePicked {
  /** By the Monday of a week, and how many households picked anything in it. */
  readonly weeks: readonly (Sum & { readonly from: Day })[];
  /** By goal, the heaviest first. */
  readonly crops: readonly (Sum & { readonly goalId: string })[];
  /** By kind of place, the heaviest first: how many households there are, and how many of them picked. */
  readonly places: readonly {
    readonly kind: PlaceKind;
    readonly households: number;
    readonly pickers: number;
    readonly kg: number;
  }[];
}

/** What all households of a programme picked from a day on. */
export async function programmePicked(on: Db, programmeId: string, since: Day): Promise<ProgrammePicked> {
  const { picked, places } = known(
    await rowOf(on, Picked, {
      sql: `SELECT ${asJson(PICKED)} AS picked,
        ${asJson(`SELECT l.kind, count(*)::int AS households FROM place l WHERE l.programme_id = $1 AND l.${HERE} GROUP BY 1 ORDER BY 1`)} AS places`,
      values: [programmeId, since],
    }),
  );
  return {
    weeks: picked.flatMap((sum) => (sum.week ? [{ from: sum.week, ...amountsOf(sum) }] : [])),
    crops: picked.flatMap((sum) => (sum.goalId ? [{ goalId: sum.goalId, ...amountsOf(sum) }] : [])),
    places: places
      .map(({ kind, households }) => {
        const there = picked.find((p) => p.kind === kind);
        return { kind, households, pickers: there?.households ?? 0, kg: there?.kg ?? 0 };
      })
      .sort((a, b) => b.kg - a.kg),
  };
}

const Loss = z.object({
  goalId: z.string(),
  /** Null where nobody said why. */
  reason: z.enum(REASONS).nullable(),
  plants: z.number(),
  households: z.number(),
});

/** Plants that were lost in programme $1 from day $2 on. */
const LOSSES = `SELECT p.goal_id AS "goalId", t.detail ->> 'reason' AS reason, coalesce(sum(t.value), 0) AS plants, count(DISTINCT t.household_id)::int AS households
      FROM record t JOIN planting p ON p.id = t.planting_id
      WHERE t.programme_id = $1 AND t.happened_on >= $2 AND t.kind = 'lost' AND t.${HERE} AND ${STANDS}
      GROUP BY 1, 2 ORDER BY plants DESC, 1, 2 LIMIT 40`;

const Late = z.object({
  goalId: z.string(),
  task: z.enum(["sow", "up", "move", "pick"]),
  plantings: z.number(),
  /** Plantings of that goal in all. */
  of: z.number(),
  households: z.number(),
  /** How long they wait on average, days. */
  days: z.number(),
});

/** Plantings of programme $1 that wait too long for a step on day $3. */
const LATE = `SELECT * FROM (
        SELECT p.goal_id AS "goalId", p.task, count(*) FILTER (WHERE is_late)::int AS plantings,
          count(DISTINCT p.household_id) FILTER (WHERE is_late)::int AS households,
          sum(count(*)) OVER (PARTITION BY p.goal_id)::int AS "of",
          avg($3::date - p.due_until) FILTER (WHERE is_late)::float AS days
        FROM planting_progress p, LATERAL (SELECT p.task IS NOT NULL AND p.due_until < $3 AS is_late) late
        WHERE p.programme_id = $1 AND NOT p.removed AND p.${HERE}
        GROUP BY 1, 2
      ) goal_task WHERE plantings > 0 ORDER BY 3 DESC, 1, 2 LIMIT 40`;

const Amiss = z.object({ losses: z.array(Loss), late: z.array(Late) });

/**
 * What goes amiss in a programme: plants that were lost since a day, by goal and by the reason that people gave, and
 * plantings that wait too long for a step on another, by goal and step; most first.
 */
export const programmeAmiss = async (
  on: Db,
  programmeId: string,
  { since, day }: { readonly since: Day; readonly day: Day },
): Promise<z.infer<typeof Amiss>> =>
  known(
    await rowOf(on, Amiss, {
      sql: `SELECT ${asJson(LOSSES)} AS losses, ${asJson(LATE)} AS late`,
      values: [programmeId, since, day],
    }),
  );

/** What a whole programme picked and weighed since a day, and how many households; undefined where they are fewer than three. */
export const sharedPicked = (on: Db, since: Day): Promise<{ households: number; kg: number } | undefined> =>
  rowOf(on, z.object({ households: z.number(), kg: z.number() }), {
    sql: `SELECT households, kg FROM programme_picked($1) WHERE households IS NOT NULL`,
    values: [since],
  });
