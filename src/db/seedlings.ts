import * as z from "zod";
import { type Day, DayText } from "@/core/day";
import type { SeedlingLine } from "@/core/nursery";
import { type Db, rowsOf } from "./pool";
import { HERE, type Scope } from "./scope";

/** Keeps the seedlings that a household's plan waits for, in place of what was kept. */
export async function putSeedlings(
  on: Db,
  { programmeId, householdId }: Scope,
  lines: readonly SeedlingLine[],
): Promise<void> {
  await on.query(`DELETE FROM seedling WHERE programme_id = $1 AND household_id = $2`, [
    programmeId,
    householdId,
  ]);
  await on.query(
    `INSERT INTO seedling (programme_id, household_id, planting_id, goal_id, method, plants, sow_on, move_on, hold_until, is_sown, cells, each_comes_up)
     SELECT $1, $2, x."plantingId", x."goalId", x.method, x.plants, x."sowOn", x."moveOn", x."holdUntil", x."isSown", x.cells, x."eachComesUp"
     FROM jsonb_to_recordset($3) AS x("plantingId" uuid, "goalId" text, method text, plants integer, "sowOn" date, "moveOn" date,
       "holdUntil" date, "isSown" boolean, cells integer, "eachComesUp" double precision)`,
    [programmeId, householdId, JSON.stringify(lines)],
  );
}

const Line = z.object({
  householdId: z.string(),
  code: z.string(),
  name: z.string(),
  plantingId: z.string(),
  goalId: z.string(),
  method: z.enum(["cells", "tray", "bought"]),
  plants: z.number(),
  sowOn: DayText,
  moveOn: DayText,
  holdUntil: DayText,
  isSown: z.boolean(),
  cells: z.number(),
  eachComesUp: z.number(),
});

/** The seedlings that a programme's plans wait for, sown between two days or standing in trays, household by household. */
export const listSeedlings = (
  on: Db,
  programmeId: string,
  { from, until, groupId }: { readonly from: Day; readonly until: Day; readonly groupId?: string },
) =>
  rowsOf(on, Line, {
    sql: `SELECT s.household_id AS "householdId", h.code, h.name, s.planting_id AS "plantingId", s.goal_id AS "goalId", s.method, s.plants,
        s.sow_on AS "sowOn", s.move_on AS "moveOn", s.hold_until AS "holdUntil", s.is_sown AS "isSown", s.cells, s.each_comes_up AS "eachComesUp"
      FROM seedling s JOIN household h ON h.id = s.household_id
      WHERE s.programme_id = $1 AND s.${HERE} AND s.sow_on <= $3 AND (s.sow_on >= $2 OR s.is_sown)
        AND ($4::uuid IS NULL OR h.group_id = $4)
      ORDER BY h.number, s.sow_on, s.planting_id`,
    values: [programmeId, from, until, groupId ?? null],
  });
