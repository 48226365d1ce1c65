import * as z from "zod";
import { TownClimate } from "@/core/climate";
import { DayText } from "@/core/day";
import { OwnMix, type Sizes } from "@/core/mix";
import { SHARED_GROUPS, type SharedGroup } from "@/core/money";
import { Schools } from "@/core/school";
import { WEATHER_MODES, type WeatherMode } from "@/core/weather";
import { type Db, rowOf, rowsOf } from "./pool";

const Judging = z.object({
  /** How many times all plans were to be judged anew, how many times that is done, and since when some of it is open. */
  asked: z.number(),
  done: z.number(),
  since: z.coerce.date(),
  /** The day on which they were judged last; null where they never were. */
  on: DayText.nullable(),
});

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
  /** What it knows of mixes: recipes of its own, and weights by its own scale. */
  mixes: z.array(OwnMix),
  /** What its barrows, buckets and cans hold, L. */
  sizes: z.object({ barrowL: z.number(), bucketL: z.number(), canL: z.number() }),
  weatherMode: z.enum(WEATHER_MODES),
  judging: Judging,
});
export type Programme = z.infer<typeof Programme>;

const COLUMNS = `id, name, town, climate_id AS "climateId", climate, mix_id AS "mixId", currency, trainer, schools, bought_together AS "boughtTogether",
  (SELECT coalesce(jsonb_agg(m.mix ORDER BY m.id), '[]') FROM mix m WHERE m.programme_id = programme.id) AS mixes,
  jsonb_build_object('barrowL', barrow_l, 'bucketL', bucket_l, 'canL', can_l) AS sizes, weather_mode AS "weatherMode",
  jsonb_build_object('asked', judge_asked, 'done', judge_done, 'since', judge_since, 'on', judged_on) AS judging`;

export const findProgramme = (on: Db, id: string): Promise<Programme | undefined> =>
  rowOf(on, Programme, { sql: `SELECT ${COLUMNS} FROM programme WHERE id = $1`, values: [id] });

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

/** Stores how the simulated weather service behaves. */
export async function updateWeatherMode(on: Db, programmeId: string, mode: WeatherMode): Promise<void> {
  await on.query(`UPDATE programme SET weather_mode = $2 WHERE id = $1`, [programmeId, mode]);
}

/** Stores the mix that bags are filled with where they have none of their own. */
export async function updateMix(on: Db, programmeId: string, mixId: string): Promise<void> {
  await on.query(`UPDATE programme SET mix_id = $2 WHERE id = $1`, [programmeId, mixId]);
}

/** Stores what barrows, buckets and cans hold, L. */
export async function updateSizes(on: Db, programmeId: string, sizes: Sizes): Promise<void> {
  await on.query(`UPDATE programme SET barrow_l = $2, bucket_l = $3, can_l = $4 WHERE id = $1`, [
    programmeId,
    sizes.barrowL,
    sizes.bucketL,
    sizes.canL,
  ]);
}

export async function insertProgramme(
  on: Db,
  p: Omit<
    Programme,
    "climate" | "schools" | "boughtTogether" | "mixes" | "sizes" | "weatherMode" | "judging"
  >,
): Promise<void> {
  await on.query(
    `INSERT INTO programme (id, name, town, climate_id, mix_id, currency, trainer) VALUES ($1, $2, $3, $4, $5, $6, $7)`,
    [p.id, p.name, p.town, p.climateId, p.mixId, p.currency, p.trainer],
  );
}
