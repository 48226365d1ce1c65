import * as z from "zod";
import { type Day, DayText } from "@/core/day";
import type { Task, TaskKind } from "@/core/days";
import { type Db, rowsOf } from "./pool";
import { HERE, type Scope } from "./scope";

/** Keeps what a household has to do, in place of what was kept. */
export async function putTasks(
  on: Db,
  { programmeId, householdId }: Scope,
  tasks: readonly Task[],
): Promise<void> {
  await on.query(`DELETE FROM due_task WHERE programme_id = $1 AND household_id = $2`, [
    programmeId,
    householdId,
  ]);
  await on.query(
    `INSERT INTO due_task (programme_id, household_id, id, kind, from_day, until_day, task)
     SELECT $1, $2, x.task->>'id', x.task->>'kind', (x.task->>'from')::date, (x.task->>'until')::date, x.task
     FROM jsonb_array_elements($3) AS x(task)`,
    [programmeId, householdId, JSON.stringify(tasks)],
  );
}

/** What lists of all households ask for: tasks due in these days, or late before them; of a group or of all. */
export interface TasksAsk {
  readonly day: Day;
  readonly until: Day;
  /** Left out for all kinds. */
  readonly kind?: TaskKind;
  readonly groupId?: string;
}

const OF_GROUP = `($4::uuid IS NULL OR household_id IN (SELECT id FROM household WHERE programme_id = $1 AND group_id = $4))`;
/** Nobody asks any more for what should have been done so long ago. */
const LATE_DAYS = 30;
const IN_TIME = `until_day >= $2::date - ${LATE_DAYS} AND from_day <= $3`;
const ASKED = `programme_id = $1 AND ${HERE} AND ${IN_TIME} AND ${OF_GROUP}`;
const OF_KIND = `($5::text IS NULL OR kind = $5)`;

const Count = z.object({ day: DayText, kind: z.string(), tasks: z.number(), households: z.number() });

/** How many tasks of each kind fall on each day; what is late and what is due already falls on the first. */
export const countTasks = (on: Db, programmeId: string, { day, until, groupId }: TasksAsk) =>
  rowsOf(on, Count, {
    sql: `SELECT greatest(from_day, $2::date) AS day, kind, count(*) AS tasks, count(DISTINCT household_id) AS households
      FROM due_task WHERE ${ASKED} GROUP BY 1, 2 ORDER BY 1, 2`,
    values: [programmeId, day, until, groupId ?? null],
  });

const Due = z.object({
  householdId: z.string(),
  code: z.string(),
  name: z.string(),
  all: z.number(),
  tasks: z.array(z.looseObject({ id: z.string(), kind: z.string(), from: DayText, until: DayText })),
});

export const HOUSEHOLDS_A_PAGE = 25;

/** What households have to do, those with the latest first; a page of those that have to do anything. */
export const listTasks = async (
  on: Db,
  programmeId: string,
  { day, until, groupId, kind, page }: TasksAsk & { readonly page: number },
) => {
  const rows = await rowsOf(on, Due, {
    sql: `WITH own AS (
        SELECT household_id, min(until_day) AS first, count(*) OVER () AS all FROM due_task WHERE ${ASKED} AND ${OF_KIND} GROUP BY household_id
      ), page AS (
        SELECT h.id, h.code, h.name, h.number, own.first, own.all FROM own JOIN household h ON h.id = own.household_id
        ORDER BY own.first, h.number LIMIT ${HOUSEHOLDS_A_PAGE} OFFSET $6
      )
      SELECT page.id AS "householdId", page.code, page.name, page.all, (
        SELECT jsonb_agg(task ORDER BY until_day, id) FROM due_task WHERE programme_id = $1 AND household_id = page.id AND ${IN_TIME} AND ${OF_KIND}
      ) AS tasks
      FROM page ORDER BY page.first, page.number`,
    values: [programmeId, day, until, groupId ?? null, kind ?? null, (page - 1) * HOUSEHOLDS_A_PAGE],
  });
  // Written by this release from the core's own tasks, and worked out anew by every release that changes them.
  return rows.map((row) => ({ ...row, tasks: row.tasks as unknown as Task[] }));
};
