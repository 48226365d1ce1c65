import { cache } from "react";
import type { Day } from "@/core/day";
import { type Override, soundOverrides } from "@/core/override";
import type { Outcome } from "@/core/problem";
import { type Germination, germinationBy } from "@/core/record";
import type { Reference } from "@/core/setting";
import { listOverrides } from "@/db/overrides";
import { db } from "@/db/pool";
import { listGermination, listUses, readJudging, type Use } from "@/db/progress";
import { findProgramme, type Programme } from "@/db/programmes";
import { referenceWith, SHIPPED } from "@/library";
import { type Actor, mayChange, requestProgramme } from "./actor";
import { todayIn } from "./town";

export type { Programme };

const byId = cache(async (id: string): Promise<Programme | undefined> => {
  const own = await requestProgramme();
  return own.id === id ? own : findProgramme(db(), id);
});

/** The actor's programme, to change what is in it; refused for one who may not, or whose programme is not there. */
export async function programmeToChange(actor: Actor): Promise<Outcome<Programme>> {
  return mayChange(actor, await byId(actor.programmeId));
}

/** The programme that the actor works in, read once a request. */
export async function readProgramme(actor: Actor): Promise<Programme> {
  const programme = await byId(actor.programmeId);
  if (!programme) throw new Error("the actor's programme is gone");
  return programme;
}

const overridesOf = cache(async (programmeId: string) =>
  soundOverrides(SHIPPED, await listOverrides(db(), programmeId)),
);

/** A programme's own values in place of the library's, read once a request; one that a newer library no longer understands is left out. */
export const readOverrides = (actor: Actor): Promise<Override[]> => overridesOf(actor.programmeId);

/** The library as a programme has it. */
export const readReference = async (actor: Actor): Promise<Reference> =>
  referenceWith(await readOverrides(actor));

/** How much of its seed came up in the programme's own sowings, by crop. */
export const readGermination = async (actor: Actor): Promise<Record<string, Germination>> =>
  germinationBy(await listGermination(db(), actor.programmeId));

/** What of the library the plans of the actor's programme use, by `goal/…` or `bag/…`. */
export const readUses = async (actor: Actor): Promise<Record<string, Use>> =>
  Object.fromEntries((await listUses(db(), actor.programmeId)).map((use) => [use.name, use]));

/** Today in the actor's programme. */
export const readToday = async (actor: Actor): Promise<Day> => todayIn(await readProgramme(actor));

/** Since when plans wait to be judged anew after a change that touches all of them, ISO 8601; undefined when none does. */
export async function judgingSince(actor: Actor): Promise<string | undefined> {
  const judging = await readJudging(db(), actor.programmeId);
  return judging && judging.done < judging.asked ? judging.since.toISOString() : undefined;
}
