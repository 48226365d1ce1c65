import { addDays, type Day, mondayOf } from "@/core/day";
import {
  programmeCrops,
  programmeLate,
  programmeLosses,
  programmePlaces,
  programmeWeeks,
  sharedPicked,
} from "@/db/picked";
import { db } from "@/db/pool";
import type { Actor } from "./actor";
import { judgingSince, readToday } from "./programme";

/** So many weeks back are this season's. */
const WEEKS = 40;

/** What a programme's households picked, lost and wait for in this season. */
export interface Season {
  /** The Monday from which it is counted. */
  readonly since: Day;
  readonly weeks: Awaited<ReturnType<typeof programmeWeeks>>;
  /** Left out where nothing was picked. */
  readonly thisWeek?: Season["weeks"][number];
  readonly lastWeek?: Season["weeks"][number];
  readonly crops: Awaited<ReturnType<typeof programmeCrops>>;
  /** Each kind of place, with what those picked on average that did; left out where nothing was weighed. */
  readonly places: readonly (Awaited<ReturnType<typeof programmePlaces>>[number] & {
    readonly eachKg?: number;
  })[];
  readonly losses: Awaited<ReturnType<typeof programmeLosses>>;
  readonly late: Awaited<ReturnType<typeof programmeLate>>;
  readonly judgingSince?: string;
}

const sinceOf = (today: Day): Day => addDays(mondayOf(today), -7 * WEEKS);

/** The season of the actor's programme, from what is kept of its records. */
export async function readSeason(actor: Actor): Promise<Season> {
  const today = await readToday(actor);
  const since = sinceOf(today);
  const { programmeId } = actor;
  const on = db(actor);
  const [weeks, crops, places, losses, late, judging] = await Promise.all([
    programmeWeeks(on, programmeId, since),
    programmeCrops(on, programmeId, since),
    programmePlaces(on, programmeId, since),
    programmeLosses(on, programmeId, since),
    programmeLate(on, programmeId, today),
    judgingSince(actor),
  ]);
  const weekFrom = (from: Day) => weeks.find((week) => week.from === from);
  return {
    since,
    weeks,
    thisWeek: weekFrom(mondayOf(today)),
    lastWeek: weekFrom(addDays(mondayOf(today), -7)),
    crops,
    places: places.map((p) => ({ ...p, ...(p.kg > 0 ? { eachKg: p.kg / p.pickers } : {}) })),
    losses,
    late,
    judgingSince: judging,
  };
}

/** What the whole programme picked in this season, for a household to see: nothing where fewer than three picked. */
export const readShared = async (actor: Actor): Promise<{ households: number; kg: number } | undefined> =>
  sharedPicked(db(actor), sinceOf(await readToday(actor)));
