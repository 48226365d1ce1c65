import * as z from "zod";
import { addDays } from "@/core/day";
import { SETTLED_BY } from "@/core/days";
import {
  csvHead,
  csvLines,
  dataPackage,
  PLANTING_FIELDS,
  plantingsCsv,
  RECORD_FIELDS,
} from "@/core/exchange";
import { plainJpeg } from "@/core/photo";
import type { Outcome } from "@/core/problem";
import { dayProblem, dueOn, GardenRecord } from "@/core/record";
import { lockHousehold } from "@/db/households";
import { everPlanted } from "@/db/plans";
import {
  findPhoto,
  insertPhoto,
  insertRecord,
  newestRecords,
  plantingRecords,
  plantingOfRecord,
  recordsInBatches,
  storyRecords,
  type ShownRecord,
} from "@/db/records";
import { listProgress } from "@/db/progress";
import { listSummaries } from "@/db/summaries";
import { pickedByWeek } from "@/db/picked";
import { db, transaction } from "@/db/pool";
import type { Actor } from "./actor";
import { followBag, followRecord } from "./following";
import { readHousehold, scopeOf } from "./households";
import { followSoon, workSoon } from "./judging";
import { outcomeOf, parsed, refused } from "./outcome";
import { readOnRecord } from "./on-record";
import { programmeTo, readProgramme, readToday } from "./programme";
import { todayIn } from "./town";

/** Records that a log shows at a time. */
const RECORDS_SHOWN = 30;
const Times = z.coerce.number().int().min(1).max(200).catch(1);

/** The newest records of a household: so many at a time, `times` over; and whether there are more. */
export async function readRecords(
  actor: Actor,
  householdId: string,
  times: unknown = 1,
): Promise<{ records: ShownRecord[]; times: number; hasMore: boolean }> {
  const n = Times.parse(times);
  const most = n * RECORDS_SHOWN;
  const records = await newestRecords(db(actor), scopeOf(actor, householdId), most + 1);
  return { records: records.slice(0, most), times: n, hasMore: records.length > most };
}

/** A planting's records to be told as its story, newest first. */
export const readStory = (actor: Actor, householdId: string, plantingId: string): Promise<ShownRecord[]> =>
  storyRecords(db(actor), scopeOf(actor, householdId), plantingId);

/** Weeks over which a log shows what came in. */
const WEEKS_SHOWN = 20;

/** What a household picked and weighed, kg by week, in the last months. */
export const readPicked = async (actor: Actor, householdId: string) =>
  pickedByWeek(db(actor), scopeOf(actor, householdId), addDays(await readToday(actor), -7 * WEEKS_SHOWN));

/** On which days each kind of thing happened to a household's plantings and bags in this season. */
export const readDone = async (actor: Actor, householdId: string) =>
  (await readOnRecord(actor, householdId)).done;

/** Whether a record can change what a household has to do: what is only told cannot, a correction may. */
const changesTasks = ({ kind, supersedes }: GardenRecord): boolean =>
  supersedes !== null || kind === "lost" || (Object.values(SETTLED_BY) as string[]).includes(kind);

/** So large is a photo at most that was made small, as text; it is a fifth of that as a rule. */
const MOST_PHOTO_CHARS = 800_000;

/** A photo as it comes over the wire, in base 64, without all that is no picture in it; undefined for what is none. */
function photoFrom(input: unknown): Uint8Array | undefined {
  const text = z.base64().max(MOST_PHOTO_CHARS).safeParse(input);
  return text.success ? plainJpeg(Buffer.from(text.data, "base64")) : undefined;
}

/** The photo of a record of a household that the actor sees. */
export async function readPhoto(
  actor: Actor,
  householdId: string,
  recordId: string,
): Promise<Outcome<Uint8Array>> {
  return outcomeOf(async () => {
    const ids = z.tuple([z.uuid(), z.uuid()]).safeParse([householdId, recordId]);
    const found = ids.success && (await findPhoto(db(actor), scopeOf(actor, householdId), recordId));
    return found ? { ok: true, value: found } : refused({ code: "not-found" });
  });
}

/** Stores one record with the photo that came with it, and what it changes in the progress of its household. Sending the same id again is no fault and stores nothing twice. */
export function addRecord(
  actor: Actor,
  householdId: string,
  content: unknown,
  photo?: unknown,
): Promise<Outcome<{ id: string }>> {
  return outcomeOf(async () => {
    const allowed = await programmeTo(actor, "write-records", householdId);
    if (!allowed.ok) return allowed;
    const record = parsed(GardenRecord, content);
    if (!record.ok) return record;
    const { id, plantingId, supersedes, detail } = record.value;
    const jpeg = detail?.photo && photoFrom(photo);
    if (detail?.photo && !jpeg) return refused({ code: "photo-unread" });
    if (!(await readHousehold(actor, householdId))) return refused({ code: "not-found" });
    const scope = scopeOf(actor, householdId);
    const records = plantingId ? await plantingRecords(db(actor), scope, plantingId) : [];
    const wrongDay = dayProblem(record.value, { today: todayIn(allowed.value), records });
    // Sent a second time, it is on record already and stands in nothing's way.
    if (wrongDay && !records.some((r) => r.id === id))
      return refused({ code: "invalid-input" }, { on: wrongDay });
    const everyPlan = await transaction(actor, async (on) => {
      await lockHousehold(on, scope);
      const isNew = await insertRecord(on, scope, { record: record.value, author: actor.name });
      if (!isNew) return false;
      if (jpeg) await insertPhoto(on, scope, id, jpeg);
      const corrected = supersedes && (await plantingOfRecord(on, scope, supersedes));
      const touched = new Set([plantingId, corrected].filter((p): p is string => Boolean(p)));
      let changed = false;
      for (const planting of touched) changed = (await followRecord(on, scope, planting)) || changed;
      // A bag that was filled, or was not after all.
      if (touched.size === 0 && (record.value.kind === "filled" || supersedes)) await followBag(on, scope);
      return changed;
    });
    if (everyPlan) await workSoon(actor.programmeId);
    else if (changesTasks(record.value)) await followSoon(scope);
    return { ok: true, value: { id } };
  });
}

/** A file that is read while it is written. */
export interface StreamedFile {
  readonly name: string;
  readonly type: string;
  readonly parts: AsyncIterable<string | Uint8Array>;
}

async function* recordLines(actor: Actor, householdId: string | null): AsyncGenerator<string, void> {
  yield csvHead();
  for await (const batch of recordsInBatches(actor, householdId)) yield csvLines(batch);
}

/** All records of a household, or of the programme when none is named, as CSV, a batch at a time. */
export function recordsCsv(actor: Actor, householdId: string | null): Promise<Outcome<StreamedFile>> {
  return outcomeOf(async () => {
    const household = householdId === null ? undefined : await readHousehold(actor, householdId);
    if (householdId !== null && !household) return refused({ code: "not-found" });
    return {
      ok: true,
      value: {
        name: household ? `records-house-${household.code}.csv` : "records.csv",
        type: "text/csv; charset=utf-8; header=present",
        parts: recordLines(actor, householdId),
      },
    };
  });
}

/** The same as a Data Package: a zip with the table and what each of its columns holds. */
export function recordsPackage(actor: Actor, householdId: string | null): Promise<Outcome<StreamedFile>> {
  return outcomeOf(async () => {
    const household = householdId === null ? undefined : await readHousehold(actor, householdId);
    if (householdId !== null && !household) return refused({ code: "not-found" });
    const { name: programme, town } = await readProgramme(actor);
    const name = household ? `records-house-${household.code}` : "records";
    const about = { name, title: `${programme}, ${town}`, made: new Date().toISOString() };
    return {
      ok: true,
      value: {
        name: `${name}.zip`,
        type: "application/zip",
        parts: dataPackage(
          [
            {
              ...{ name: "records", fields: RECORD_FIELDS, primaryKey: "record_id" },
              lines: recordLines(actor, householdId),
            },
            {
              ...{ name: "plantings", fields: PLANTING_FIELDS, primaryKey: "planting_id" },
              lines: [plantingsCsv(await listSummaries(db(actor), actor.programmeId, householdId))],
            },
          ],
          about,
        ),
      },
    };
  });
}

/** A household's plantings for its log: what each waits for and what was picked from it. Removed ones of which something is recorded come last. */
export async function logPlantings(actor: Actor, householdId: string) {
  const day = await readToday(actor);
  const scope = scopeOf(actor, householdId);
  const [plantings, list] = await Promise.all([
    everPlanted(db(actor), scope),
    listProgress(db(actor), scope),
  ]);
  const progressBy = new Map(list.map((p) => [p.plantingId, p]));
  const rows = [...new Set(plantings.filter((p) => !p.removed).map((p) => p.rowId))];
  return plantings
    .flatMap(({ id, rowId, kindId, goalId, plants, removed }) => {
      const progress = progressBy.get(id);
      if (removed && !progress?.isRecorded) return [];
      return [
        {
          id,
          rowId,
          row: rows.indexOf(rowId) + 1,
          kindId,
          goalId,
          plants,
          removed,
          isStarted: progress?.isStarted === true && progress.endedOn === undefined,
          isOver: progress?.endedOn !== undefined,
          due: dueOn(progress?.waiting, day),
          firstPick: progress?.firstPick,
          picked: progress?.picked ?? {},
        },
      ];
    })
    .sort((a, b) => Number(a.removed) - Number(b.removed) || Number(!a.due) - Number(!b.due));
}
