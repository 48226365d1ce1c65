import { randomUUID } from "node:crypto";
import { cache } from "react";
import * as z from "zod";
import type { Climate } from "@/core/climate";
import type { Day } from "@/core/day";
import { seenHours, storedSurvey, type StoredSurvey, Survey } from "@/core/place";
import type { Outcome } from "@/core/problem";
import { dayLength, solarHour } from "@/core/sun";
import {
  type Due,
  dueOn,
  HOUSEHOLD_STAGES,
  type HouseholdStage,
  type NextStep,
  nextStepOn,
} from "@/core/record";
import {
  findHousehold,
  forgetName,
  type Household,
  insertHousehold,
  type NamedHousehold,
  nextCode,
  putPlace,
  searchHouseholds,
  updateHousehold,
  updateSharing,
  updatePutAway,
} from "@/db/households";
import { deleteAddress } from "@/db/calendar-addresses";
import { endMember, findCard, noteChange } from "@/db/members";
import { db, transaction } from "@/db/pool";
import { countStages, countWaiting, type ListAsk, listPage, listWaiting, PAGE_SIZE } from "@/db/progress";
import type { Scope } from "@/db/scope";
import { CROPS } from "@/library";
import { closeUnused } from "./accounts";
import type { Actor } from "./actor";
import { followHousehold } from "./following";
import { findSoon } from "./judging";
import { outcomeOf, parsed, refused } from "./outcome";
import { judgingSince, type Programme, programmeTo, programmeToChange, readToday } from "./programme";
import { climateOf, todayIn } from "./town";

export type { Household };

export type DueTask = Due & { readonly plantingId: string; readonly goalId: string };

/** One household in the programme's list: how far it is, and what is due or late this week. */
export type HouseholdSummary = Awaited<ReturnType<typeof listPage>>[number] & {
  readonly due: readonly DueTask[];
};

/** A page of the programme's households, with what all of them come to. */
export interface Overview {
  readonly summaries: readonly HouseholdSummary[];
  /** Households that the search finds: at each stage, in all, and those with something due or late. */
  readonly stages: Readonly<Partial<Record<HouseholdStage, number>>>;
  readonly found: number;
  readonly pressing: number;
  /** Households that the search finds, in which something grows and nothing was written down for weeks. */
  readonly quiet: number;
  /** Households that have left. */
  readonly away: number;
  /** Plantings of the whole programme that are late, and that are due. */
  readonly late: number;
  readonly due: number;
  readonly pages: number;
  readonly ask: Pick<ListAsk, "search" | "filter" | "sort" | "page">;
  /** Since when plans wait to be judged anew, ISO 8601; undefined when none does. */
  readonly judgingSince?: string;
}

/** What stands in the address of the list; what makes no sense there is as good as left out. */
const ListQuery = z.object({
  search: z.string().trim().max(80).catch(""),
  filter: z.enum(["all", "pressing", "quiet", "away", ...HOUSEHOLD_STAGES]).catch("all"),
  sort: z.enum(["pressing", "number", "name"]).catch("pressing"),
  page: z.coerce.number().int().min(1).max(100_000).catch(1),
});

/** A page of the actor's households, as the list's address asks for it. */
export async function overview(actor: Actor, query: unknown): Promise<Overview> {
  const ask = ListQuery.parse(query);
  const day = await readToday(actor);
  const { programmeId } = actor;
  const [counts, waiting, listed, judging] = await Promise.all([
    countStages(db(actor), programmeId, { day, search: ask.search }),
    countWaiting(db(actor), programmeId, day),
    listPage(db(actor), programmeId, { ...ask, day }),
    judgingSince(actor),
  ]);
  const tasks = await listWaiting(db(actor), programmeId, { day, householdIds: listed.map((h) => h.id) });
  const dueOf = (id: string): DueTask[] =>
    tasks
      .filter((task) => task.householdId === id)
      .flatMap(({ plantingId, goalId, ...waits }) => {
        const due = dueOn(waits, day);
        return due ? [{ ...due, plantingId, goalId }] : [];
      });
  const here = counts.filter((c) => !c.isPutAway);
  const found = here.reduce((sum, c) => sum + c.households, 0);
  const pressing = here.reduce((sum, c) => sum + c.pressing, 0);
  const quiet = here.reduce((sum, c) => sum + c.quiet, 0);
  const away = counts.filter((c) => c.isPutAway).reduce((sum, c) => sum + c.households, 0);
  const stages: Partial<Record<HouseholdStage, number>> = Object.fromEntries(
    here.map((c) => [c.stage, c.households]),
  );
  const shown = { all: found, pressing, quiet, away, ...stages }[ask.filter] ?? 0;
  return {
    summaries: listed.map((household) => ({ ...household, due: dueOf(household.id) })),
    stages,
    found,
    pressing,
    quiet,
    away,
    late: waiting?.late ?? 0,
    due: waiting?.due ?? 0,
    pages: Math.max(1, Math.ceil(shown / PAGE_SIZE)),
    ask,
    judgingSince: judging,
  };
}

const byId = cache((actor: Actor, householdId: string) =>
  findHousehold(db(actor), scopeOf(actor, householdId)),
);

/** One household that the actor sees, read once a request; undefined when there is none. */
export async function readHousehold(actor: Actor, id: string): Promise<Household | undefined> {
  return z.uuid().safeParse(id).success ? byId(actor, id) : undefined;
}

/** What a household needs next, today. */
export const readNextStep = async (actor: Actor, household: Household): Promise<NextStep | undefined> =>
  nextStepOn({ ...household, isSurveyed: household.place !== null }, await readToday(actor));

/** The rows of one household of the actor's programme. */
export const scopeOf = ({ programmeId }: Actor, householdId: string): Scope => ({ programmeId, householdId });

const MOST_FOUND = 12;

/** Households for a switcher: those whose name holds a text or whose code begins with it. */
export const findHouseholds = (actor: Actor, text: string): Promise<NamedHousehold[]> =>
  searchHouseholds(db(actor), actor.programmeId, { text: text.trim().slice(0, 80), most: MOST_FOUND });

/** Parses a survey; a budget comes out in the programme's currency. */
function surveyOf(typed: unknown, programme: Programme): Outcome<StoredSurvey> {
  const { currency } = programme;
  const survey = parsed(Survey, typed);
  if (!survey.ok) return survey;
  const { wants, sun } = survey.value;
  const isKnown = (id: string) => CROPS.some((c) => c.id === id || c.goals.some((g) => g.id === id));
  const unknown = [...wants.must, ...wants.never].some((id) => !isKnown(id));
  if (unknown) return refused({ code: "invalid-input" }, { "wants.must": { code: "crop-unknown" } });
  const night = nightIn(sun, climateOf(programme), todayIn(programme));
  if (night !== undefined)
    return refused({ code: "invalid-input" }, { [`sun.${night}.to`]: { code: "sun-at-night" } });
  return { ok: true, value: storedSurvey(survey.value, currency) };
}

/** The sun is not seen so long before it rises or after it has set: clocks and neighbours' eyes are that good, h. */
const TWILIGHT_H = 0.75;

/** Which of the stretches of sun that somebody noted today lies in the night; undefined when none does. */
function nightIn(sun: StoredSurvey["sun"], climate: Climate, day: Day): number | undefined {
  const half = dayLength(climate.latitude, day) / 2 + TWILIGHT_H;
  const found = seenHours(sun).findIndex(({ from, to }) =>
    [from, to].some((clock) => Math.abs(solarHour(clock, day, climate) - 12) > half),
  );
  return found < 0 ? undefined : found;
}

/** Stores a survey of a new household, and gives it the programme's next code. */
export function addHousehold(actor: Actor, typed: unknown): Promise<Outcome<{ id: string }>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const survey = surveyOf(typed, allowed.value);
    if (!survey.ok) return survey;
    const id = randomUUID();
    await transaction(actor, async (on) => {
      const scope = scopeOf(actor, id);
      await insertHousehold(on, scope, await nextCode(on, actor.programmeId), survey.value);
      await putPlace(on, scope, survey.value, todayIn(allowed.value));
      await followHousehold(on, scope);
    });
    return { ok: true, value: { id } };
  });
}

/** The version that somebody read what they change at. */
export const ReadAt = z.int().min(0);

/** Stores a survey over the version that it was read at. */
export function resurvey(
  actor: Actor,
  householdId: string,
  readAt: unknown,
  typed: unknown,
): Promise<Outcome<{ id: string }>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const version = parsed(ReadAt, readAt);
    if (!version.ok) return version;
    const survey = surveyOf(typed, allowed.value);
    if (!survey.ok) return survey;
    if (!(await readHousehold(actor, householdId))) return refused({ code: "not-found" });
    return transaction(actor, async (on): Promise<Outcome<{ id: string }>> => {
      const scope = scopeOf(actor, householdId);
      if (!(await updateHousehold(on, scope, version.value, survey.value)))
        return refused({ code: "survey-changed" });
      await putPlace(on, scope, survey.value, todayIn(allowed.value));
      await followHousehold(on, scope);
      return { ok: true, value: { id: householdId } };
    });
  });
}

/** Puts a household away, so that it is out of every list and sum while its records stay; or takes it back. */
export function putAway(actor: Actor, householdId: string, isPutAway: unknown): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const wanted = parsed(z.boolean(), isPutAway);
    if (!wanted.ok) return wanted;
    if (!(await readHousehold(actor, householdId))) return refused({ code: "not-found" });
    await updatePutAway(db(actor), scopeOf(actor, householdId), wanted.value);
    await findSoon(actor.programmeId);
    return { ok: true, value: null };
  });
}

/**
 * Lets a household go for good: its name and all that tells who it is go with it, its card and its calendar's address open
 * nothing any more, and its records stay without it.
 */
export function leave(actor: Actor, householdId: string): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const household = await readHousehold(actor, householdId);
    if (!household) return refused({ code: "not-found" });
    const card = await findCard(db("everything"), actor.programmeId, household.id);
    await transaction(actor, async (on) => {
      const scope = scopeOf(actor, householdId);
      await forgetName(on, scope);
      await deleteAddress(on, scope);
      if (card) await endMember(on, actor.programmeId, card.id);
      await noteChange(on, actor.programmeId, { author: actor.name, act: "left", about: household.code });
    });
    if (card) await closeUnused(card.userId);
    await findSoon(actor.programmeId);
    return { ok: true, value: null };
  });
}

/** Keeps whether what a household picks counts in what all are shown. */
export function sharePicked(actor: Actor, householdId: string, isShared: unknown): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const allowed = await programmeTo(actor, "write-records", householdId);
    if (!allowed.ok) return allowed;
    const wanted = parsed(z.boolean(), isShared);
    if (!wanted.ok) return wanted;
    if (!(await readHousehold(actor, householdId))) return refused({ code: "not-found" });
    await updateSharing(db(actor), scopeOf(actor, householdId), wanted.value);
    return { ok: true, value: null };
  });
}
