import * as z from "zod";
import { type Day, DayText } from "@/core/day";
import { PLACE_KINDS } from "@/core/place";
import { known } from "@/core/known";
import { REASONS } from "@/core/record";
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
    `INSERT INTO picked_week (programme_id, household_id, planting_id, week, kg, pieces, bunches)
      SELECT $1, $2, t.planting_id, date_trunc('week', t.happened_on)::date,
        coalesce(sum(t.value ORDER BY t.happened_on, t.id) FILTER (WHERE t.measure = 'mass'), 0), coalesce(sum(t.value) FILTER (WHERE t.measure = 'pieces'), 0),
        coalesce(sum(t.value) FILTER (WHERE t.measure = 'bunches'), 0)
      FROM record t
      WHERE t.programme_id = $1 AND t.household_id = $2 AND ($3::uuid IS NULL OR t.planting_id = $3)
        AND t.kind = 'picked' AND t.planting_id IS NOT NULL AND ${STANDS}
      GROUP BY 3, 4`,
    values,
  );
}

const Amounts = { kg: z.number(), pieces: z.number(), bunches: z.number() };
const SUMS = `coalesce(sum(w.kg), 0) AS kg, coalesce(sum(w.pieces), 0) AS pieces, coalesce(sum(w.bunches), 0) AS bunches`;

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

/** Sums of a programme's households, and how many they are: each of them is summed first, which is quicker than to count distinct ones. */
const OF_ALL = `count(*)::int AS households, sum(kg) AS kg, sum(pieces) AS pieces, sum(bunches) AS bunches`;
/** What programme $1 picked from day $2 on. */
const SINCE = `w.programme_id = $1 AND w.week >= $2 AND w.${HERE}`;

const ProgrammeWeek = z.object({ from: DayText, households: z.number(), ...Amounts });

/** What all households of a programme picked, by week, from a day on, and how many of them picked anything. */
export const programmeWeeks = (
  on: Db,
  programmeId: string,
  since: Day,
): Promise<z.infer<typeof ProgrammeWeek>[]> =>
  rowsOf(on, ProgrammeWeek, {
    sql: `SELECT week AS "from", ${OF_ALL} FROM (
        SELECT w.week, w.household_id, ${SUMS} FROM picked_week w WHERE ${SINCE} GROUP BY 1, 2
      ) own GROUP BY 1 ORDER BY 1`,
    values: [programmeId, since],
  });

const ProgrammeCrop = z.object({ goalId: z.string(), households: z.number(), ...Amounts });

/** What was picked of each goal in a programme, from a day on, the heaviest first. */
export const programmeCrops = (
  on: Db,
  programmeId: string,
  since: Day,
): Promise<z.infer<typeof ProgrammeCrop>[]> =>
  rowsOf(on, ProgrammeCrop, {
    sql: `SELECT goal_id AS "goalId", ${OF_ALL} FROM (
        SELECT p.goal_id, w.household_id, ${SUMS} FROM picked_week w JOIN planting_progress p ON p.planting_id = w.planting_id
        WHERE ${SINCE} GROUP BY 1, 2
      ) own GROUP BY 1 ORDER BY kg DESC, bunches DESC, pieces DESC, 1`,
    values: [programmeId, since],
  });

const ProgrammePlace = z.object({
  kind: z.enum(PLACE_KINDS),
  households: z.number(),
  pickers: z.number(),
  kg: z.number(),
});

/** What was picked and weighed at each kind of place, from a day on: how many households there are, and how many of them picked. */
export const programmePlaces = (
  on: Db,
  programmeId: string,
  since: Day,
): Promise<z.infer<typeof ProgrammePlace>[]> =>
  rowsOf(on, ProgrammePlace, {
    sql: `SELECT l.kind, count(*)::int AS households, count(own.kg)::int AS pickers, coalesce(sum(own.kg), 0) AS kg
      FROM place l LEFT JOIN (SELECT w.household_id, sum(w.kg) AS kg FROM picked_week w WHERE ${SINCE} GROUP BY 1) own ON own.household_id = l.household_id
      WHERE l.programme_id = $1 AND l.${HERE} GROUP BY 1 ORDER BY 4 DESC, 1`,
    values: [programmeId, since],
  });

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
const LATE = `SELECT p.goal_id AS "goalId", p.task, count(*)::int AS plantings, count(DISTINCT p.household_id)::int AS households,
        (SELECT count(*)::int FROM planting_progress o WHERE o.programme_id = $1 AND o.goal_id = p.goal_id AND NOT o.removed AND o.${HERE}) AS "of",
        avg($3::date - p.due_until)::float AS days
      FROM planting_progress p
      WHERE p.programme_id = $1 AND NOT p.removed AND p.task IS NOT NULL AND p.due_until < $3 AND p.${HERE}
      GROUP BY 1, 2 ORDER BY 3 DESC, 1, 2 LIMIT 40`;

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
