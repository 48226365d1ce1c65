import { randomUUID } from "node:crypto";
import { z } from "zod";
import type { Day } from "@/core/day";
import { toMinor } from "@/core/money";
import { sunHours, Survey } from "@/core/place";
import type { Outcome } from "@/core/problem";
import { type Due, type HouseholdStage, nextDue, pickedTotals, stageOf } from "@/core/record";
import {
  findHousehold,
  type Household,
  insertHousehold,
  listHouseholds,
  nextCode,
  putPlace,
  type StoredSurvey,
  updateHousehold,
} from "@/db/households";
import { listRecords } from "@/db/records";
import { readPlans } from "@/db/plans";
import { db, transaction } from "@/db/pool";
import { findProgramme, type Programme } from "@/db/programmes";
import { CROPS } from "@/library";
import { type Actor, mayChange } from "./actor";
import { today } from "./environment";
import { outcomeOf, parsed, refused } from "./outcome";
import { readReference } from "./reference";
import { climateOf, followed } from "./setting";

export type { Household };

export type DueTask = Due & { readonly plantingId: string; readonly goalId: string };

export interface HouseholdSummary {
  readonly household: Household;
  readonly stage: HouseholdStage;
  readonly bags: number;
  readonly sunHours: number;
  /** The earliest sowing that the plan still has ahead. */
  readonly firstSowing?: Day;
  readonly due: readonly DueTask[];
  readonly picked: ReturnType<typeof pickedTotals>;
}

/** The programme that the actor works in. */
export async function readProgramme(actor: Actor): Promise<Programme> {
  const programme = await findProgramme(db(), actor.programmeId);
  if (!programme) throw new Error("the actor's programme is gone");
  return programme;
}

/** Every household of the actor's programme: how far it is, and what is due or late this week. */
export async function overview(actor: Actor): Promise<HouseholdSummary[]> {
  const programme = await readProgramme(actor);
  const climate = climateOf(programme);
  const { day } = today();
  const reference = await readReference(actor);
  const households = await listHouseholds(db(), actor.programmeId);
  const plans = await readPlans(
    db(),
    actor.programmeId,
    households.map((h) => h.id),
  );
  const records = await listRecords(db(), actor.programmeId, null);
  return households.map((household) => {
    const plan = plans.get(household.id)?.plan;
    const own = records.filter((r) => r.householdId === household.id);
    const plantings = (plan?.rows ?? [])
      .flatMap((row) => row.plantings)
      .flatMap((p) => {
        const follow = followed(
          p,
          own.filter((r) => r.plantingId === p.id),
          reference,
        );
        return follow ? [{ id: p.id, goalId: p.goalId, follow }] : [];
      });
    const due = plantings.flatMap(({ id, goalId, follow }) => {
      const next = nextDue(follow, climate, day);
      return next ? [{ ...next, plantingId: id, goalId }] : [];
    });
    return {
      household,
      stage: stageOf(
        household.place !== null,
        plantings.map((p) => p.follow),
        climate,
        day,
      ),
      bags: plan?.rows.length ?? 0,
      sunHours: household.place ? sunHours(household.place.sun) : 0,
      firstSowing: plantings
        .map((p) => p.follow.sowOn)
        .filter((sowOn) => sowOn >= day)
        .sort()[0],
      due: due.sort((a, b) => Number(b.late) - Number(a.late) || a.day.localeCompare(b.day)),
      picked: pickedTotals(own),
    };
  });
}

/** One household of the actor's programme; undefined when there is none. */
export async function readHousehold(actor: Actor, id: string): Promise<Household | undefined> {
  return z.uuid().safeParse(id).success ? findHousehold(db(), actor.programmeId, id) : undefined;
}

export const householdList = (actor: Actor): Promise<Household[]> => listHouseholds(db(), actor.programmeId);

/** Parses a survey; a budget comes out in the programme's currency. */
function surveyOf(typed: unknown, { currency }: Programme): Outcome<StoredSurvey> {
  const survey = parsed(Survey, typed);
  if (!survey.ok) return survey;
  const { budget, ...rest } = survey.value;
  const unknown = [...rest.wants.must, ...rest.wants.never].some((id) => !CROPS.some((c) => c.id === id));
  if (unknown) return refused({ code: "invalid-input" }, { "wants.must": { code: "crop-unknown" } });
  return { ok: true, value: { ...rest, budgetMinor: budget === null ? null : toMinor(budget, currency) } };
}

/** Stores a survey of a new household, and gives it the programme's next code. */
export function addHousehold(actor: Actor, typed: unknown): Promise<Outcome<{ id: string }>> {
  return outcomeOf(async () => {
    const allowed = mayChange(actor, await findProgramme(db(), actor.programmeId));
    if (!allowed.ok) return allowed;
    const survey = surveyOf(typed, allowed.value);
    if (!survey.ok) return survey;
    const id = randomUUID();
    await transaction(async (on) => {
      await insertHousehold(on, actor.programmeId, id, await nextCode(on, actor.programmeId), survey.value);
      await putPlace(on, actor.programmeId, id, survey.value, today().day);
    });
    return { ok: true, value: { id } };
  });
}

/** Stores a survey over the version that it was read at. */
export function resurvey(
  actor: Actor,
  householdId: string,
  readAt: number,
  typed: unknown,
): Promise<Outcome<{ id: string }>> {
  return outcomeOf(async () => {
    const allowed = mayChange(actor, await findProgramme(db(), actor.programmeId));
    if (!allowed.ok) return allowed;
    const survey = surveyOf(typed, allowed.value);
    if (!survey.ok) return survey;
    if (!(await readHousehold(actor, householdId))) return refused({ code: "not-found" });
    return transaction(async (on): Promise<Outcome<{ id: string }>> => {
      if (!(await updateHousehold(on, actor.programmeId, householdId, readAt, survey.value)))
        return refused({ code: "survey-changed" });
      await putPlace(on, actor.programmeId, householdId, survey.value, today().day);
      return { ok: true, value: { id: householdId } };
    });
  });
}
