import * as z from "zod";
import { addDays, type Day } from "@/core/day";
import type { TaskKind } from "@/core/days";
import { type Group, listGroups } from "@/db/groups";
import { db } from "@/db/pool";
import { countTasks, HOUSEHOLDS_A_PAGE, listTasks } from "@/db/tasks";
import type { Actor } from "./actor";
import { judgingSince, readToday } from "./programme";
import { readWeather } from "./weather";

/** The lists look so far ahead: two weeks. */
const AHEAD_DAYS = 13;

const Ask = z.object({
  page: z.coerce.number().int().min(1).max(100_000).catch(1),
  group: z.uuid().optional().catch(undefined),
  kind: z
    .string()
    .regex(/^[a-z-]{1,20}$/)
    .optional()
    .catch(undefined),
  day: z.iso.date().optional().catch(undefined),
});

export interface DaysForAll {
  readonly today: Day;
  readonly until: Day;
  /** The one day that is looked at; left out for all of them. */
  readonly day?: Day;
  readonly kind?: TaskKind;
  readonly groupId?: string;
  readonly groups: readonly Group[];
  readonly counts: Awaited<ReturnType<typeof countTasks>>;
  readonly households: Awaited<ReturnType<typeof listTasks>>;
  readonly weather: Awaited<ReturnType<typeof readWeather>>;
  readonly page: number;
  readonly pages: number;
  readonly judgingSince?: string;
}

/** What all households of the actor's programme, or of a group of it, have to do in the two weeks to come. */
export async function readDaysForAll(actor: Actor, query: unknown): Promise<DaysForAll> {
  const { page, group: groupId, kind: asked, day } = Ask.parse(query);
  const today = await readToday(actor);
  const until = addDays(today, AHEAD_DAYS);
  const kind = asked as TaskKind | undefined;
  const { programmeId } = actor;
  const ask = { day: today, until: day ?? until, groupId };
  const [counts, households, groups, weather] = await Promise.all([
    countTasks(db(actor), programmeId, { ...ask, until }),
    listTasks(db(actor), programmeId, { ...ask, kind, page }),
    listGroups(db(actor), programmeId),
    readWeather(actor),
  ]);
  const found = households[0]?.all ?? 0;
  return {
    today,
    until,
    day,
    kind,
    groupId,
    groups,
    counts,
    households,
    weather,
    page,
    pages: Math.max(1, Math.ceil(found / HOUSEHOLDS_A_PAGE)),
    judgingSince: await judgingSince(actor),
  };
}
