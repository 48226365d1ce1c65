import type { TownClimate } from "@/core/climate";
import type { SharedGroup } from "@/core/money";
import type { Schools } from "@/core/school";
import { type Db, rowsOf } from "./pool";

export interface Programme {
  readonly id: string;
  readonly name: string;
  readonly town: string;
  /** The library's profile, as long as the programme has no climate of its own. */
  readonly climateId: string;
  readonly climate: TownClimate | null;
  readonly mixId: string;
  readonly currency: string;
  readonly trainer: string;
  readonly schools: Schools;
  readonly boughtTogether: readonly SharedGroup[];
}

const COLUMNS = `id, name, town, climate_id AS "climateId", climate, mix_id AS "mixId", currency, trainer, schools, bought_together AS "boughtTogether"`;

export async function findProgramme(on: Db, id: string): Promise<Programme | undefined> {
  return (await rowsOf<Programme>(on, `SELECT ${COLUMNS} FROM programme WHERE id = $1`, [id]))[0];
}

/** The programmes that the database holds, by name. */
export const allProgrammes = (on: Db): Promise<Programme[]> =>
  rowsOf<Programme>(on, `SELECT ${COLUMNS} FROM programme ORDER BY name`);

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
