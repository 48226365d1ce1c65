import * as z from "zod";
import { DayText } from "@/core/day";
import { TRAY_PLACES } from "@/core/climate";
import { Wants } from "@/core/food";
import {
  Away,
  bearingOf,
  PLACE_KINDS,
  SITE_MARKS,
  SKILLS,
  type StoredSurvey,
  SunStretch,
} from "@/core/place";
import { Schools } from "@/core/school";
import { type Db, rowOf, rowsOf } from "./pool";
import type { Scope } from "./scope";

/** A door in the wall as it was measured and typed, cm. */
const PlaceDoor = z.object({
  fromCm: z.number(),
  fromTyped: z.string(),
  widthCm: z.number(),
  widthTyped: z.string(),
});
type PlaceDoor = z.infer<typeof PlaceDoor>;

const Place = z.object({
  kind: z.enum(PLACE_KINDS),
  lengthCm: z.number(),
  lengthTyped: z.string(),
  widthCm: z.number(),
  widthTyped: z.string(),
  sun: z.array(SunStretch),
  limitKgM2: z.number().nullable(),
  limitTyped: z.string(),
  waterLDay: z.number().nullable(),
  waterTyped: z.string(),
  /** Hooks that bags can hang from, and what each bears; null where nobody asked. */
  hooks: z.number().nullable(),
  hookLimitKg: z.number().nullable(),
  hookLimitTyped: z.string(),
  facesDeg: z.number().nullable(),
  door: PlaceDoor.nullable(),
  /** Day on which the household's hours of sun were noted. */
  sunSeenOn: DayText.nullable(),
  site: z.array(z.enum(SITE_MARKS)),
});
export type Place = z.infer<typeof Place>;

const Household = z.object({
  id: z.string(),
  code: z.string(),
  name: z.string(),
  adults: z.number(),
  children: z.number(),
  tastes: z.string(),
  note: z.string(),
  version: z.number(),
  wants: Wants,
  skill: z.enum(SKILLS),
  /** Where its seedlings are raised. */
  trays: z.enum(TRAY_PLACES),
  /** Cells to raise seedlings in; null where nobody asked. */
  cells: z.number().nullable(),
  budgetMinor: z.number().nullable(),
  away: z.array(Away),
  schools: Schools,
  /** The number from which it writes, and whether it wants to be reminded. */
  phone: z.string().nullable(),
  wantsReminders: z.boolean(),
  /** What it picks counts in what all are shown. */
  sharesPicked: z.boolean(),
  /** It has left: out of every list, its records kept. */
  isPutAway: z.boolean(),
  /** Null until somebody has surveyed it. */
  place: Place.nullable(),
  /** Plantings of its plan, and the one of them that waits longest for what is to be done. */
  plantings: z.number(),
  waits: z
    .object({
      plantingId: z.string(),
      goalId: z.string(),
      task: z.enum(["sow", "up", "move", "pick"]),
      from: DayText,
      until: DayText,
    })
    .nullable(),
});
export type Household = z.infer<typeof Household>;

const COLUMNS = `h.id, h.code, h.name, h.adults, h.children, h.tastes, h.note, h.version, h.schools,
    h.put_away AS "isPutAway", h.phone, h.wants_reminders AS "wantsReminders", h.shares_picked AS "sharesPicked", h.wants, h.skill, h.trays, h.cells, h.budget_minor AS "budgetMinor", h.away,
    CASE WHEN p.household_id IS NULL THEN NULL ELSE jsonb_build_object(
      'kind', p.kind, 'lengthCm', p.length_cm, 'lengthTyped', p.length_typed, 'widthCm', p.width_cm,
      'widthTyped', p.width_typed, 'sun', p.sun, 'limitKgM2', p.limit_kg_m2, 'limitTyped', p.limit_typed,
      'waterLDay', p.water_l_day, 'waterTyped', p.water_typed,
      'hooks', p.hooks, 'hookLimitKg', p.hook_limit_kg, 'hookLimitTyped', p.hook_limit_typed,
      'facesDeg', p.faces_deg, 'door', p.door, 'sunSeenOn', p.sun_seen_on, 'site', p.site) END AS place,
    (SELECT count(*)::int FROM planting_progress w WHERE w.household_id = h.id AND NOT w.removed) AS plantings,
    (SELECT jsonb_build_object('plantingId', w.planting_id, 'goalId', w.goal_id, 'task', w.task, 'from', w.due_from, 'until', w.due_until)
      FROM planting_progress w WHERE w.household_id = h.id AND NOT w.removed AND w.task IS NOT NULL
      ORDER BY w.due_until, w.planting_id LIMIT 1) AS waits`;

const SELECT = `SELECT ${COLUMNS} FROM household h LEFT JOIN place p ON p.household_id = h.id WHERE h.programme_id = $1`;

export const findHousehold = (on: Db, { programmeId, householdId }: Scope): Promise<Household | undefined> =>
  rowOf(on, Household, { sql: `${SELECT} AND h.id = $2`, values: [programmeId, householdId] });

/** Some households of a programme, the lowest number first: those with a number above `after`, at most `most`. */
export const householdsAfter = (
  on: Db,
  programmeId: string,
  { after, most }: { readonly after: number; readonly most: number },
): Promise<Household[]> =>
  rowsOf(on, Household, {
    sql: `${SELECT} AND h.number > $2 ORDER BY h.number LIMIT $3`,
    values: [programmeId, after, most],
  });

/** How many households a programme has. */
export async function countHouseholds(on: Db, programmeId: string): Promise<number> {
  const counted = await rowOf(on, z.object({ households: z.number() }), {
    sql: `SELECT count(*) AS households FROM household WHERE programme_id = $1`,
    values: [programmeId],
  });
  return counted?.households ?? 0;
}

/** Numbers and names of some households of a programme, by id. */
export const listNames = async (
  on: Db,
  programmeId: string,
  ids: readonly string[],
): Promise<Record<string, { code: string; name: string }>> => {
  const rows = await rowsOf(on, z.object({ id: z.string(), code: z.string(), name: z.string() }), {
    sql: `SELECT id, code, name FROM household WHERE programme_id = $1 AND id = ANY($2)`,
    values: [programmeId, ids],
  });
  return Object.fromEntries(rows.map(({ id, code, name }) => [id, { code, name }]));
};

/** A household as a switcher names it. */
const Named = z.object({ id: z.string(), code: z.string(), name: z.string() });
export type NamedHousehold = z.infer<typeof Named>;

/** Characters that mean something to LIKE stand for themselves. */
const plain = (text: string) => text.replace(/[\\%_]/g, "\\$&");

/** Households whose name holds a text, or whose code begins with it; the lowest numbers first. */
export const searchHouseholds = (
  on: Db,
  programmeId: string,
  { text, most }: { readonly text: string; readonly most: number },
): Promise<NamedHousehold[]> =>
  rowsOf(on, Named, {
    sql: `SELECT id, code, name FROM household
      WHERE programme_id = $1 AND NOT put_away AND (name ILIKE '%' || $2 || '%' OR code LIKE $2 || '%') ORDER BY number LIMIT $3`,
    values: [programmeId, plain(text), most],
  });

/** Takes the next free code of the programme, two digits as long as they last. Locks the programme's row while it looks. */
export async function nextCode(on: Db, programmeId: string): Promise<string> {
  await on.query(`SELECT 1 FROM programme WHERE id = $1 FOR UPDATE`, [programmeId]);
  const row = await rowOf(on, z.object({ next: z.number() }), {
    sql: `SELECT coalesce(max(number), 0) + 1 AS next FROM household WHERE programme_id = $1`,
    values: [programmeId],
  });
  return String(row?.next ?? 1).padStart(2, "0");
}

/** Lets one change of a household after the other through: held until the transaction ends. */
export async function lockHousehold(on: Db, { programmeId, householdId }: Scope): Promise<void> {
  await on.query(`SELECT 1 FROM household WHERE programme_id = $1 AND id = $2 FOR NO KEY UPDATE`, [
    programmeId,
    householdId,
  ]);
}

const peopleOf = (s: StoredSurvey) => [
  s.name,
  s.adults,
  s.children,
  s.tastes,
  s.note,
  JSON.stringify(s.wants),
  s.skill,
  s.trays,
  s.cells,
  s.budgetMinor,
  JSON.stringify(s.away),
];

export async function insertHousehold(
  on: Db,
  { programmeId, householdId }: Scope,
  code: string,
  survey: StoredSurvey,
): Promise<void> {
  await on.query(
    `INSERT INTO household (id, programme_id, code, name, adults, children, tastes, note, wants, skill, trays, cells, budget_minor, away)
     VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12, $13, $14)`,
    [householdId, programmeId, code, ...peopleOf(survey)],
  );
}

/** Writes the people of a survey over version `readAt`; false when somebody else has saved since. */
export async function updateHousehold(
  on: Db,
  { programmeId, householdId }: Scope,
  readAt: number,
  survey: StoredSurvey,
): Promise<boolean> {
  const { rowCount } = await on.query(
    `UPDATE household SET name = $4, adults = $5, children = $6, tastes = $7, note = $8, wants = $9, skill = $10,
       trays = $11, cells = $12, budget_minor = $13, away = $14, version = version + 1
     WHERE programme_id = $1 AND id = $2 AND version = $3`,
    [programmeId, householdId, readAt, ...peopleOf(survey)],
  );
  return rowCount === 1;
}

/** What keeps one thing of a household. */
const keeping =
  <T>(column: "put_away" | "schools" | "shares_picked" | "phone" | "wants_reminders" | "group_id") =>
  async (on: Db, { programmeId, householdId }: Scope, value: T): Promise<void> => {
    await on.query(`UPDATE household SET ${column} = $3 WHERE programme_id = $1 AND id = $2`, [
      programmeId,
      householdId,
      value,
    ]);
  };

/** Puts a household away, or takes it back. */
export const updatePutAway = keeping<boolean>("put_away");
/** Keeps the ways of doing that a household has of its own. */
export const updateHouseholdSchools = keeping<Schools>("schools");
/** Keeps whether what a household picks counts in what all are shown. */
export const updateSharing = keeping<boolean>("shares_picked");
/** Keeps the number from which a household writes; null takes it away. @throws when another household of the programme has it */
export const updatePhone = keeping<string | null>("phone");
/** Keeps whether a household wants to be reminded. */
export const updateReminders = keeping<boolean>("wants_reminders");
/** Puts a household into a group; null into none. */
export const updateHouseholdGroup = keeping<string | null>("group_id");

const doorOf = ({ doorAt, doorWide }: StoredSurvey): PlaceDoor | null =>
  doorAt && doorWide
    ? { fromCm: doorAt.value, fromTyped: doorAt.typed, widthCm: doorWide.value, widthTyped: doorWide.typed }
    : null;

/**
 * Stores what a survey says of a place. Its sun keeps the day on which it was noted as long as its hours stay the same.
 *
 * @param seenOn day of the survey
 */
export async function putPlace(
  on: Db,
  { programmeId, householdId }: Scope,
  survey: StoredSurvey,
  seenOn: string,
): Promise<void> {
  await on.query(
    `INSERT INTO place (household_id, programme_id, kind, length_cm, length_typed, width_cm, width_typed, sun, limit_kg_m2, limit_typed, water_l_day, water_typed,
       faces_deg, door, sun_seen_on, hooks, hook_limit_kg, hook_limit_typed, site)
     VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12, $13, $14, $15, $16, $17, $18, $19)
     ON CONFLICT (household_id) DO UPDATE SET kind = excluded.kind, length_cm = excluded.length_cm, length_typed = excluded.length_typed,
       width_cm = excluded.width_cm, width_typed = excluded.width_typed, sun = excluded.sun,
       limit_kg_m2 = excluded.limit_kg_m2, limit_typed = excluded.limit_typed,
       water_l_day = excluded.water_l_day, water_typed = excluded.water_typed,
       faces_deg = excluded.faces_deg, door = excluded.door,
       sun_seen_on = CASE WHEN place.sun = excluded.sun THEN coalesce(place.sun_seen_on, excluded.sun_seen_on) ELSE excluded.sun_seen_on END,
       hooks = excluded.hooks, hook_limit_kg = excluded.hook_limit_kg, hook_limit_typed = excluded.hook_limit_typed,
       site = excluded.site
     WHERE place.programme_id = excluded.programme_id`,
    [
      householdId,
      programmeId,
      survey.kind,
      survey.length.value,
      survey.length.typed,
      survey.width.value,
      survey.width.typed,
      JSON.stringify(survey.sun),
      survey.limit?.value ?? null,
      survey.limit?.typed ?? "",
      survey.water?.value ?? null,
      survey.water?.typed ?? "",
      survey.faces === "" ? null : bearingOf(survey.faces),
      doorOf(survey) && JSON.stringify(doorOf(survey)),
      seenOn,
      survey.hooks,
      survey.hookLimit?.value ?? null,
      survey.hookLimit?.typed ?? "",
      JSON.stringify(survey.site),
    ],
  );
}

const Coded = z.object({ id: z.string(), code: z.string(), name: z.string() });

/** All households of a programme that have not left, by their codes. */
export const listCodes = (on: Db, programmeId: string): Promise<z.infer<typeof Coded>[]> =>
  rowsOf(on, Coded, {
    sql: `SELECT id, code, name FROM household WHERE programme_id = $1 AND NOT put_away ORDER BY number`,
    values: [programmeId],
  });

/** Takes away all that tells who a household is; its number, its plan and its records stay. */
export async function forgetName(on: Db, { programmeId, householdId }: Scope): Promise<void> {
  await on.query(
    `UPDATE household SET name = code, note = '', tastes = '', phone = NULL, wants_reminders = false, group_id = NULL, put_away = true,
       version = version + 1 WHERE programme_id = $1 AND id = $2`,
    [programmeId, householdId],
  );
  // Sheets and labels that lie ready name it.
  await on.query(`DELETE FROM print WHERE programme_id = $1 AND state IN ('done', 'failed')`, [programmeId]);
  // What it wrote by message stands in its records; the messages and numbers go.
  await on.query(`DELETE FROM message WHERE programme_id = $1 AND household_id = $2`, [
    programmeId,
    householdId,
  ]);
}
