import { cache } from "react";
import type { Day } from "@/core/day";
import { type Override, soundOverrides } from "@/core/override";
import type { Outcome } from "@/core/problem";
import { type Germination, germinationBy } from "@/core/record";
import type { Reference } from "@/core/setting";
import { type Known, readKnown as knownOf } from "@/db/known";
import { db } from "@/db/pool";
import { listUses, type Use } from "@/db/progress";
import { findProgramme, type Programme } from "@/db/programmes";
import { referenceWith, SHIPPED } from "@/library";
import { type Actor, sees } from "./actor";
import { may, type Right } from "./may";
import { todayIn } from "./town";

export type { Programme };

const ownOf = cache((actor: Actor): Promise<Programme | undefined> =>
  findProgramme(db(actor), actor.programmeId),
);

/**
 * The actor's programme, to do something in it; refused for one who may not, or whose programme is not there.
 *
 * @param householdId the household that it is about, which has to be one of the actor's
 */
export async function programmeTo(
  actor: Actor,
  right: Right,
  householdId?: string,
): Promise<Outcome<Programme>> {
  const programme = await ownOf(actor);
  return programme && may(actor, right) && (householdId === undefined || sees(actor, householdId))
    ? { ok: true, value: programme }
    : { ok: false, problem: { code: "not-allowed" } };
}

/** The actor's programme, to change plans, surveys, prices and the like. */
export const programmeToChange = (actor: Actor): Promise<Outcome<Programme>> =>
  programmeTo(actor, "change-programme");

/** The programme that the actor works in, read once a request. */
export async function readProgramme(actor: Actor): Promise<Programme> {
  const programme = await ownOf(actor);
  if (!programme) throw new Error("the actor's programme is gone");
  return programme;
}

/** What the programme knows besides the library, read once a request. */
export const readKnown = cache((actor: Actor): Promise<Known> => knownOf(db(actor), actor.programmeId));

/** A programme's own values in place of the library's, read once a request; one that a newer library no longer understands is left out. */
export const readOverrides = cache(async (actor: Actor): Promise<Override[]> =>
  soundOverrides(SHIPPED, (await readKnown(actor)).overrides),
);

/** The library as a programme has it. */
export const readReference = async (actor: Actor): Promise<Reference> =>
  referenceWith(await readOverrides(actor));

/** How much of its seed came up in the programme's own sowings, by crop. */
export const readGermination = async (actor: Actor): Promise<Record<string, Germination>> =>
  germinationBy((await readKnown(actor)).germination);

/** What of the library the plans of the actor's programme use, by `goal/…` or `bag/…`. */
export const readUses = async (actor: Actor): Promise<Record<string, Use>> =>
  Object.fromEntries((await listUses(db(actor), actor.programmeId)).map((use) => [use.name, use]));

/** Today in the actor's programme. */
export const readToday = async (actor: Actor): Promise<Day> => todayIn(await readProgramme(actor));

/** Since when plans wait to be judged anew after a change that touches all of them, ISO 8601; undefined when none does. */
export async function judgingSince(actor: Actor): Promise<string | undefined> {
  const { judging } = await readProgramme(actor);
  return judging.done < judging.asked ? judging.since.toISOString() : undefined;
}
