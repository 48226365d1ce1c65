import * as z from "zod";
import { TownClimate } from "@/core/climate";
import { SHARED_GROUPS, type SharedGroup } from "@/core/money";
import { Schools } from "@/core/school";
import { type Db, rowOf, rowsOf } from "./pool";

const Programme = z.object({
  id: z.string(),
  name: z.string(),
  town: z.string(),
  /** The library's profile, as long as the programme has no climate of its own. */
  climateId: z.string(),
  climate: TownClimate.nullable(),
  mixId: z.string(),
  currency: z.string(),
  trainer: z.string(),
  schools: Schools,
  boughtTogether: z.array(z.enum(SHARED_GROUPS)),
});
export type Programme = z.infer<typeof Programme>;

const COLUMNS = `id, name, town, climate_id AS "climateId", climate, mix_id AS "mixId", currency, trainer, schools, bought_together AS "boughtTogether"`;

export const findProgramme = (on: Db, id: string): Promise<Programme | undefined> =>
  rowOf(on, Programme, { sql: `SELECT ${COLUMNS} FROM programme WHERE id = $1`, values: [id] });

/** The first programme by name; undefined in an empty database. */
export const firstProgramme = (on: Db): Promise<Programme | undefined> =>
  rowOf(on, Programme, { sql: `SELECT ${COLUMNS} FROM programme ORDER BY name LIMIT 1` });

/** The programmes that the database holds, by name. */
export const allProgrammes = (on: Db): Promise<Programme[]> =>
  rowsOf(on, Programme, { sql: `SELECT ${COLUMNS} FROM programme ORDER BY name` });

/** Stores the ways of doing that a programme has chosen. */
export async function updateProgrammeSchools(on: Db, programmeId: string, schools: Schools): Promise<void> {
  await on.query(`UPDATE programme SET schools = $2 WHERE id = $1`, [programmeId, JSON.stringify(schools)]);
}

/** Stores what a programme buys together and shares out. */
export async function updateBoughtTogether(
  on: Db,
  programmeId: string,
  groups: readonly SharedGroup[],
): Promise<void> {
  await on.query(`UPDATE programme SET bought_together = $2 WHERE id = $1`, [programmeId, groups]);
}

/** Stores the town's own climate; null goes back to the library's profile. */
export async function updateClimate(on: Db, programmeId: string, climate: TownClimate | null): Promise<void> {
  await on.query(`UPDATE programme SET climate = $2 WHERE id = $1`, [
    programmeId,
    climate && JSON.stringify(climate),
  ]);
}

export async function insertProgramme(
  on: Db,
  p: Omit<Programme, "climate" | "schools" | "boughtTogether">,
): Promise<void> {
  await on.query(
    `INSERT INTO programme (id, name, town, climate_id, mix_id, currency, trainer) VALUES ($1, $2, $3, $4, $5, $6, $7)`,
    [p.id, p.name, p.town, p.climateId, p.mixId, p.currency, p.trainer],
  );
}
