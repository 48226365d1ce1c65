import * as z from "zod";
import { DayText } from "@/core/day";
import type { Summary } from "@/core/findings";
import { PLACE_KINDS } from "@/core/place";
import { REASONS } from "@/core/record";
import { Schools } from "@/core/school";
import { type Db, rowsOf } from "./pool";
import { HERE, type Scope } from "./scope";

/** Keeps what plantings of a household came to; what was to be expected of their harvest stays. */
export async function putSummaries(
  on: Db,
  { programmeId, householdId }: Scope,
  list: readonly Summary[],
): Promise<void> {
  await on.query(
    `INSERT INTO planting_summary (programme_id, household_id, planting_id, goal_id, crop_id, method, bag_kind_id, variety, schools, soil_l, top_m2, plants, sown_on, up_on, moved_on,
       first_pick_on, ended_on, last_on, seeds, ups, lost_young, lost_grown, reasons, picks, kg, pieces, bunches, expected_up, expected_pick, expected_end, packet_days)
     SELECT $1, $2, x."plantingId", x."goalId", x."cropId", x.method, x."bagKindId", x.variety, x.schools, x."soilL", x."topM2", x.plants, x."sownOn", x."upOn", x."movedOn",
       x."firstPickOn", x."endedOn", x."lastOn", x.seeds, x.ups, x."lostYoung", x."lostGrown", x.reasons, x.picks, x.kg, x.pieces, x.bunches,
       nullif(x."expectedUp", 'null'), nullif(x."expectedPick", 'null'), nullif(x."expectedEnd", 'null'), x."packetDays"
     FROM jsonb_to_recordset($3) AS x("plantingId" uuid, "goalId" text, "cropId" text, method text, "bagKindId" text, variety text, schools jsonb, "soilL" double precision, "topM2" double precision, plants integer, "sownOn" date, "upOn" date,
       "movedOn" date, "firstPickOn" date, "endedOn" date, "lastOn" date, seeds integer, ups integer, "lostYoung" integer, "lostGrown" integer, reasons jsonb, picks integer,
       kg double precision, pieces double precision, bunches double precision, "expectedUp" jsonb, "expectedPick" jsonb, "expectedEnd" jsonb, "packetDays" integer)
     ON CONFLICT (planting_id) DO UPDATE SET goal_id = excluded.goal_id, crop_id = excluded.crop_id, method = excluded.method, bag_kind_id = excluded.bag_kind_id,
       variety = excluded.variety, schools = excluded.schools, soil_l = excluded.soil_l, top_m2 = excluded.top_m2, plants = excluded.plants, sown_on = excluded.sown_on, up_on = excluded.up_on, moved_on = excluded.moved_on, first_pick_on = excluded.first_pick_on,
       ended_on = excluded.ended_on, last_on = excluded.last_on, seeds = excluded.seeds, ups = excluded.ups, lost_young = excluded.lost_young,
       lost_grown = excluded.lost_grown, reasons = excluded.reasons, picks = excluded.picks, kg = excluded.kg, pieces = excluded.pieces, bunches = excluded.bunches,
       expected_up = excluded.expected_up, expected_pick = excluded.expected_pick, expected_end = excluded.expected_end, packet_days = excluded.packet_days`,
    [programmeId, householdId, JSON.stringify(list)],
  );
}

const Range = z.object({ low: z.number(), likely: z.number(), high: z.number() });
type Range = z.infer<typeof Range>;

/** Keeps what was to be expected of the harvests of a household's plantings, kg, by planting. */
export async function putExpectedKg(
  on: Db,
  { programmeId, householdId }: Scope,
  expected: Readonly<Record<string, Range>>,
): Promise<void> {
  await on.query(
    `UPDATE planting_summary s SET expected_kg = $3::jsonb -> s.planting_id::text WHERE s.programme_id = $1 AND s.household_id = $2`,
    [programmeId, householdId, JSON.stringify(expected)],
  );
}

/** On which day each planting of a household was sown by record, and pulled, where it was. */
export const listStays = (on: Db, { programmeId, householdId }: Scope) =>
  rowsOf(on, z.object({ plantingId: z.string(), sownOn: DayText, endedOn: DayText.nullable() }), {
    sql: `SELECT planting_id AS "plantingId", sown_on AS "sownOn", ended_on AS "endedOn" FROM planting_summary
      WHERE programme_id = $1 AND household_id = $2 AND sown_on IS NOT NULL`,
    values: [programmeId, householdId],
  });

const Line = z.object({
  plantingId: z.string(),
  householdId: z.string(),
  goalId: z.string(),
  cropId: z.string(),
  method: z.string(),
  bagKindId: z.string(),
  placeKind: z.enum(PLACE_KINDS).nullable(),
  variety: z.string().nullable(),
  schools: Schools,
  soilL: z.number().nullable(),
  topM2: z.number().nullable(),
  plants: z.number().nullable(),
  sownOn: DayText.nullable(),
  upOn: DayText.nullable(),
  movedOn: DayText.nullable(),
  firstPickOn: DayText.nullable(),
  endedOn: DayText.nullable(),
  lastOn: DayText.nullable(),
  seeds: z.number(),
  ups: z.number(),
  lostYoung: z.number(),
  lostGrown: z.number(),
  reasons: z.partialRecord(z.enum(REASONS), z.number()),
  picks: z.number(),
  kg: z.number(),
  pieces: z.number(),
  bunches: z.number(),
  expectedUp: Range.nullable(),
  expectedPick: Range.nullable(),
  expectedEnd: Range.nullable(),
  expectedKg: Range.nullable(),
  packetDays: z.number().nullable(),
});
/** What a planting of a household came to. */
export type SummaryLine = z.infer<typeof Line>;

const LINES = `planting_summary s LEFT JOIN place l ON l.household_id = s.household_id
  WHERE s.programme_id = $1 AND s.last_on IS NOT NULL AND s.${HERE}`;
/** Read so many at once, so that others are served in between. */
const LINES_A_TURN = 2000;

/** What plantings came to of which anything is on record, of all households of a programme that have not left, or of one. */
export async function listSummaries(
  on: Db,
  programmeId: string,
  householdId: string | null = null,
): Promise<SummaryLine[]> {
  const lines: SummaryLine[] = [];
  for (;;) {
    const turn = await rowsOf(on, Line, {
      sql: `SELECT s.planting_id AS "plantingId", s.household_id AS "householdId", s.goal_id AS "goalId", s.crop_id AS "cropId", s.method, s.bag_kind_id AS "bagKindId",
          l.kind AS "placeKind", s.variety, s.schools, s.soil_l AS "soilL", s.top_m2 AS "topM2", s.plants, s.sown_on AS "sownOn", s.up_on AS "upOn", s.moved_on AS "movedOn", s.first_pick_on AS "firstPickOn",
          s.ended_on AS "endedOn", s.last_on AS "lastOn", s.seeds, s.ups, s.lost_young AS "lostYoung", s.lost_grown AS "lostGrown", s.reasons, s.picks, s.kg, s.pieces, s.bunches,
          s.expected_up AS "expectedUp", s.expected_pick AS "expectedPick", s.expected_end AS "expectedEnd", s.expected_kg AS "expectedKg", s.packet_days AS "packetDays"
        FROM ${LINES} AND ($2::uuid IS NULL OR s.household_id = $2) AND ($3::uuid IS NULL OR s.planting_id > $3)
        ORDER BY s.planting_id LIMIT ${LINES_A_TURN}`,
      values: [programmeId, householdId, lines.at(-1)?.plantingId ?? null],
    });
    lines.push(...turn);
    if (turn.length < LINES_A_TURN) return lines;
  }
}

/** Of how many plantings of a programme anything is on record. */
export async function countSummaries(on: Db, programmeId: string): Promise<number> {
  const [counted] = await rowsOf(on, z.object({ plantings: z.number() }), {
    sql: `SELECT count(*)::int AS plantings FROM ${LINES}`,
    values: [programmeId],
  });
  return counted?.plantings ?? 0;
}

const SharedGoal = z.object({
  goalId: z.string(),
  households: z.number(),
  pickDays: z.number(),
  kg: z.number(),
});
/** What households of a programme got from a planting of a goal on average: days to the first pick, and kg. */
export type SharedGoal = z.infer<typeof SharedGoal>;

/** What all that share got, by goal, from three households on. */
export const listSharedGoals = (on: Db): Promise<SharedGoal[]> =>
  rowsOf(on, SharedGoal, {
    sql: `SELECT goal_id AS "goalId", households, pick_days AS "pickDays", kg FROM shared_goals()`,
  });
