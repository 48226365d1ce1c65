import * as z from "zod";
import { addDays, type Day, mondayOf } from "@/core/day";
import type { Outcome } from "@/core/problem";
import { COUNTED, inKg, type Weighing } from "@/core/record";
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
  readonly judgingSince?: string;
}

const sinceOf = (today: Day): Day => addDays(mondayOf(today), -7 * WEEKS);

/** The season of the actor's programme, from what is kept of its records. */
export async function readSeason(actor: Actor): Promise<Season> {
  const today = await readToday(actor);
  const since = sinceOf(today);
  const { programmeId } = actor;
  const on = db(actor);
  const [{ weeks, crops, places }, { weighings }, { losses, late }, judging] = await Promise.all([
    programmePicked(on, programmeId, since),
    readKnown(actor),
    programmeAmiss(on, programmeId, { since, day: today }),
    judgingSince(actor),
  ]);
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
