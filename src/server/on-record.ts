import { cache } from "react";
import { addDays, type Day } from "@/core/day";
import { db } from "@/db/pool";
import { type OnRecord, readOnRecord as onRecordOf } from "@/db/on-record";
import type { Actor } from "./actor";
import { readToday } from "./programme";

/** So long ago is another season's. */
const SEASON_DAYS = 400;

/** The first day of the season that a day is in, for what is on record. */
export const seasonStart = (today: Day): Day => addDays(today, -SEASON_DAYS);

/** What is on record of a household's garden, read once a request. */
export const readOnRecord = cache(async (actor: Actor, householdId: string): Promise<OnRecord> =>
  onRecordOf(db(actor), { programmeId: actor.programmeId, householdId }, seasonStart(await readToday(actor))),
);
