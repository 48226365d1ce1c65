import type { Wants } from "@/core/food";
import { type Away, bearingOf, type PlaceKind, type Skill, type SunStretch, type Survey } from "@/core/place";
import type { Schools } from "@/core/school";
import { type Db, rowsOf } from "./pool";

export interface Place {
  readonly kind: PlaceKind;
  readonly lengthCm: number;
  readonly lengthTyped: string;
  readonly widthCm: number;
  readonly widthTyped: string;
  readonly sun: readonly SunStretch[];
  readonly limitKgM2: number | null;
  readonly limitTyped: string;
  readonly waterLDay: number | null;
  readonly waterTyped: string;
  /** Hooks that bags can hang from, and what each bears; null where nobody asked. */
  readonly hooks: number | null;
  readonly hookLimitKg: number | null;
  readonly hookLimitTyped: string;
  readonly facesDeg: number | null;
  readonly door: PlaceDoor | null;
  /** Day on which the household's hours of sun were noted. */
  readonly sunSeenOn: string | null;
}

/** A door in the wall as it was measured and typed, cm. */
export interface PlaceDoor {
  readonly fromCm: number;
  readonly fromTyped: string;
  readonly widthCm: number;
  readonly widthTyped: string;
}

export interface Household {
  readonly id: string;
  readonly code: string;
  readonly name: string;
  readonly adults: number;
  readonly children: number;
  readonly tastes: string;
  readonly note: string;
  readonly version: number;
  readonly wants: Wants;
  readonly skill: Skill;
  /** Cells to raise seedlings in; null where nobody asked. */
  readonly cells: number | null;
  readonly budgetMinor: number | null;
  readonly away: readonly Away[];
  readonly schools: Schools;
  /** Null until somebody has surveyed it. */
  readonly place: Place | null;
}

const SELECT = `
  SELECT h.id, h.code, h.name, h.adults, h.children, h.tastes, h.note, h.version, h.schools,
    h.wants, h.skill, h.cells, h.budget_minor AS "budgetMinor", h.away,
    CASE WHEN p.household_id IS NULL THEN NULL ELSE jsonb_build_object(
      'kind', p.kind, 'lengthCm', p.length_cm, 'lengthTyped', p.length_typed, 'widthCm', p.width_cm,
      'widthTyped', p.width_typed, 'sun', p.sun, 'limitKgM2', p.limit_kg_m2, 'limitTyped', p.limit_typed,
      'waterLDay', p.water_l_day, 'waterTyped', p.water_typed,
      'hooks', p.hooks, 'hookLimitKg', p.hook_limit_kg, 'hookLimitTyped', p.hook_limit_typed,
      'facesDeg', p.faces_deg, 'door', p.door, 'sunSeenOn', p.sun_seen_on) END AS place
  FROM household h LEFT JOIN place p ON p.household_id = h.id
  WHERE h.programme_id = $1`;

export const listHouseholds = (on: Db, programmeId: string): Promise<Household[]> =>
  rowsOf<Household>(on, `${SELECT} ORDER BY h.code`, [programmeId]);

export async function findHousehold(on: Db, programmeId: string, id: string): Promise<Household | undefined> {
  return (await rowsOf<Household>(on, `${SELECT} AND h.id = $2`, [programmeId, id]))[0];
}

/** Takes the next free code of the programme, two digits as long as they last. Locks the programme's row while it looks. */
export async function nextCode(on: Db, programmeId: string): Promise<string> {
  await on.query(`SELECT 1 FROM programme WHERE id = $1 FOR UPDATE`, [programmeId]);
  const [row] = await rowsOf<{ next: number }>(
    on,
    `SELECT coalesce(max(code::integer), 0) + 1 AS next FROM household WHERE programme_id = $1`,
    [programmeId],
  );
  return String(row?.next ?? 1).padStart(2, "0");
}

/** A survey with its budget in the programme's currency. */
export type StoredSurvey = Omit<Survey, "budget"> & { readonly budgetMinor: number | null };

const peopleOf = (s: StoredSurvey) => [
  s.name,
  s.adults,
  s.children,
  s.tastes,
  s.note,
  JSON.stringify(s.wants),
  s.skill,
  s.cells,
  s.budgetMinor,
  JSON.stringify(s.away),
];

export async function insertHousehold(
  on: Db,
  programmeId: string,
  id: string,
  code: string,
  survey: StoredSurvey,
): Promise<void> {
  await on.query(
    `INSERT INTO household (id, programme_id, code, name, adults, children, tastes, note, wants, skill, cells, budget_minor, away)
     VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12, $13)`,
    [id, programmeId, code, ...peopleOf(survey)],
  );
}

/** Writes the people of a survey over version `readAt`; false when somebody else has saved since. */
export async function updateHousehold(
  on: Db,
  programmeId: string,
  id: string,
  readAt: number,
  survey: StoredSurvey,
): Promise<boolean> {
  const { rowCount } = await on.query(
    `UPDATE household SET name = $4, adults = $5, children = $6, tastes = $7, note = $8, wants = $9, skill = $10,
       cells = $11, budget_minor = $12, away = $13, version = version + 1
     WHERE programme_id = $1 AND id = $2 AND version = $3`,
    [programmeId, id, readAt, ...peopleOf(survey)],
  );
  return rowCount === 1;
}

/** Stores the ways of doing that a household has of its own. */
export async function updateHouseholdSchools(
  on: Db,
  programmeId: string,
  id: string,
  schools: Schools,
): Promise<void> {
  await on.query(`UPDATE household SET schools = $3 WHERE programme_id = $1 AND id = $2`, [
    programmeId,
    id,
    JSON.stringify(schools),
  ]);
}

const doorOf = ({ doorAt, doorWide }: StoredSurvey): PlaceDoor | null =>
  doorAt && doorWide
    ? { fromCm: doorAt.value, fromTyped: doorAt.typed, widthCm: doorWide.value, widthTyped: doorWide.typed }
    : null;

/** Stores what a survey says of a place. @param seenOn day on which its sun was noted */
export async function putPlace(
  on: Db,
  programmeId: string,
  householdId: string,
  survey: StoredSurvey,
  seenOn: string,
): Promise<void> {
  await on.query(
    `INSERT INTO place (household_id, programme_id, kind, length_cm, length_typed, width_cm, width_typed, sun, limit_kg_m2, limit_typed, water_l_day, water_typed,
       faces_deg, door, sun_seen_on, hooks, hook_limit_kg, hook_limit_typed)
     VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12, $13, $14, $15, $16, $17, $18)
     ON CONFLICT (household_id) DO UPDATE SET kind = excluded.kind, length_cm = excluded.length_cm, length_typed = excluded.length_typed,
       width_cm = excluded.width_cm, width_typed = excluded.width_typed, sun = excluded.sun,
       limit_kg_m2 = excluded.limit_kg_m2, limit_typed = excluded.limit_typed,
       water_l_day = excluded.water_l_day, water_typed = excluded.water_typed,
       faces_deg = excluded.faces_deg, door = excluded.door, sun_seen_on = excluded.sun_seen_on,
       hooks = excluded.hooks, hook_limit_kg = excluded.hook_limit_kg, hook_limit_typed = excluded.hook_limit_typed
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
    ],
  );
}
