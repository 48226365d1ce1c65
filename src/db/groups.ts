import * as z from "zod";
import { DayText } from "@/core/day";
import { type Db, rowsOf } from "./pool";

const Group = z.object({
  id: z.string(),
  name: z.string(),
  /** The days on which it meets, in order. */
  meetsOn: z.array(DayText),
  households: z.number(),
});
/** Households that are taught together. */
export type Group = z.infer<typeof Group>;

/** A programme's groups by name. */
export const listGroups = (on: Db, programmeId: string): Promise<Group[]> =>
  rowsOf(on, Group, {
    sql: `SELECT g.id, g.name, to_jsonb(g.meets_on) AS "meetsOn",
        (SELECT count(*) FROM household h WHERE h.programme_id = g.programme_id AND h.group_id = g.id AND NOT h.put_away) AS households
      FROM household_group g WHERE g.programme_id = $1 ORDER BY g.name`,
    values: [programmeId],
  });

const Member = z.object({ id: z.string(), code: z.string(), name: z.string() });

/** The households of a group by number. */
export const listMembers = (on: Db, programmeId: string, groupId: string) =>
  rowsOf(on, Member, {
    sql: `SELECT id, code, name FROM household WHERE programme_id = $1 AND group_id = $2 AND NOT put_away ORDER BY number`,
    values: [programmeId, groupId],
  });

/** Keeps a group's name and days. */
export async function putGroup(
  on: Db,
  programmeId: string,
  { id, name, meetsOn }: Omit<Group, "households">,
): Promise<void> {
  await on.query(
    `INSERT INTO household_group (programme_id, id, name, meets_on) VALUES ($1, $2, $3, $4)
     ON CONFLICT (programme_id, id) DO UPDATE SET name = excluded.name, meets_on = excluded.meets_on`,
    [programmeId, id, name, meetsOn],
  );
}

/** Parts a group: its households are in none. */
export async function deleteGroup(on: Db, programmeId: string, id: string): Promise<void> {
  await on.query(`UPDATE household SET group_id = NULL WHERE programme_id = $1 AND group_id = $2`, [
    programmeId,
    id,
  ]);
  await on.query(`DELETE FROM household_group WHERE programme_id = $1 AND id = $2`, [programmeId, id]);
}
