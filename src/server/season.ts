import * as z from "zod";
import { addDays, type Day, mondayOf } from "@/core/day";
import type { Outcome } from "@/core/problem";
import { COUNTED, inKg, type Weighing } from "@/core/record";
import { findKeptFindings } from "@/db/kept-findings";
import { programmeAmiss, programmePicked, type ProgrammePicked, sharedPicked } from "@/db/picked";
import { db } from "@/db/pool";
import { insertWeighing } from "@/db/weighings";
import { SHIPPED } from "@/library";
import type { Actor } from "./actor";
import { findSoon } from "./judging";
import { outcomeOf, parsed, refused } from "./outcome";
import { judgingSince, programmeToChange, readKnown, readToday } from "./programme";

/** So many weeks back are this season's. */
const WEEKS = 40;

/** What a programme's households picked, lost and wait for in this season. */
export interface Season {
  /** The Monday from which it is counted. */
  readonly since: Day;
  readonly weeks: ProgrammePicked["weeks"];
  /** Left out where nothing was picked. */
  readonly thisWeek?: Season["weeks"][number];
  readonly lastWeek?: Season["weeks"][number];
  /** `countedKg` is the part of `kg` that was counted, and weighed by what one weighs; `left` is what nobody can weigh. */
  readonly crops: readonly (ProgrammePicked["crops"][number] & ReturnType<typeof inKg>)[];
  readonly weighings: readonly Weighing[];
  /** Each kind of place, with what those picked on average that did; left out where nothing was weighed. */
  readonly places: readonly (ProgrammePicked["places"][number] & {
    readonly eachKg?: number;
  })[];
  readonly losses: Awaited<ReturnType<typeof programmeAmiss>>["losses"];
  readonly late: Awaited<ReturnType<typeof programmeAmiss>>["late"];
  /** When the queue added up what was picked, where it did; left out where it is of this moment. */
  readonly madeAt?: string;
  readonly judgingSince?: string;
}

const sinceOf = (today: Day): Day => addDays(mondayOf(today), -7 * WEEKS);

/** By what name the queue keeps what a large programme picked from a Monday on. */
const keptAs = (since: Day): string => `picked since ${since}`;

/** What the queue is to keep of a large programme's picks, and by what name. */
export async function picksToKeep(actor: Actor): Promise<readonly [string, ProgrammePicked]> {
  const since = sinceOf(await readToday(actor));
  return [keptAs(since), await programmePicked(db(actor), actor.programmeId, since)];
}

async function readPicks(
  actor: Actor,
  since: Day,
): Promise<{ readonly picks: ProgrammePicked; readonly madeAt?: string }> {
  const on = db(actor);
  const kept = await findKeptFindings(on, actor.programmeId, keptAs(since));
  // Written by this release, which forgets what others wrote.
  if (kept) return { picks: kept.findings as ProgrammePicked, madeAt: kept.madeAt.toISOString() };
  return { picks: await programmePicked(on, actor.programmeId, since) };
}

/** The season of the actor's programme, from what is kept of its records. */
export async function readSeason(actor: Actor): Promise<Season> {
  const today = await readToday(actor);
  const since = sinceOf(today);
  const { programmeId } = actor;
  const [{ picks, madeAt }, { weighings }, { losses, late }, judging] = await Promise.all([
    readPicks(actor, since),
    readKnown(actor),
    programmeAmiss(db(actor), programmeId, { since, day: today }),
    judgingSince(actor),
  ]);
  const { weeks, crops, places } = picks;
  const weekFrom = (from: Day) => weeks.find((week) => week.from === from);
  return {
    since,
    weeks,
    thisWeek: weekFrom(mondayOf(today)),
    lastWeek: weekFrom(addDays(mondayOf(today), -7)),
    crops: crops
      .map((crop) => ({
        ...crop,
        ...inKg(
          crop,
          weighings.filter((w) => w.goalId === crop.goalId),
        ),
      }))
      .sort((a, b) => b.kg - a.kg),
    weighings,
    places: places.map((p) => ({ ...p, ...(p.kg > 0 ? { eachKg: p.kg / p.pickers } : {}) })),
    losses,
    late,
    madeAt,
    judgingSince: judging,
  };
}

/** What the whole programme picked in this season, for a household to see: nothing where fewer than three picked. */
export const readShared = async (actor: Actor): Promise<{ households: number; kg: number } | undefined> =>
  sharedPicked(db(actor), sinceOf(await readToday(actor)));

/** What somebody put on a scale: some bunches or pieces of a goal, g. */
const NewWeighing = z.strictObject({
  goalId: z.string().min(1).max(80),
  measure: z.enum(COUNTED),
  grams: z.array(z.number().positive().max(20_000)).min(1).max(60),
});

/** Keeps what some bunches or pieces of a goal weighed, in the place of what was known before. */
export function saveWeighing(actor: Actor, input: unknown): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const weighing = parsed(NewWeighing, input);
    if (!weighing.ok) return weighing;
    if (!SHIPPED.crops.some((crop) => crop.goals.some(({ id }) => id === weighing.value.goalId)))
      return refused({ code: "value-unknown" });
    await insertWeighing(db(actor), actor.programmeId, { ...weighing.value, author: actor.name });
    await findSoon(actor.programmeId);
    return { ok: true, value: null };
  });
}
