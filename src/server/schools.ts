import { differences } from "@/core/garden";
import { settingFrom } from "@/core/setting";
import type { Outcome } from "@/core/problem";
import { Schools } from "@/core/school";
import { updateHouseholdSchools } from "@/db/households";
import { db } from "@/db/pool";
import { findProgramme, updateProgrammeSchools } from "@/db/programmes";
import { type Actor, mayChange } from "./actor";
import { readHousehold } from "./households";
import { outcomeOf, parsed, refused } from "./outcome";
import { type PlanDifference, readReference } from "./reference";
import { settingOf } from "./setting";
import { surveyedPlans } from "./surveyed-plans";

/** What another choice of schools would change in the programme's plans. Nothing is stored. */
export function previewSchools(actor: Actor, input: unknown): Promise<Outcome<PlanDifference[]>> {
  return outcomeOf(async () => {
    const allowed = mayChange(actor, await findProgramme(db(), actor.programmeId));
    if (!allowed.ok) return allowed;
    const schools = parsed(Schools, input);
    if (!schools.ok) return schools;
    const reference = await readReference(actor);
    const found = (await surveyedPlans(actor)).flatMap(({ household, name, plan }) => {
      const under = (chosen: Schools) =>
        settingFrom(settingOf({ ...allowed.value, schools: chosen }, household), reference);
      return differences(plan, under(allowed.value.schools), under(schools.value)).map((d) => ({
        ...d,
        household: name,
      }));
    });
    return { ok: true, value: found };
  });
}

/** Stores what a programme has chosen, or one of its households when one is named. */
export function saveSchools(
  actor: Actor,
  householdId: string | null,
  input: unknown,
): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const allowed = mayChange(actor, await findProgramme(db(), actor.programmeId));
    if (!allowed.ok) return allowed;
    const schools = parsed(Schools, input);
    if (!schools.ok) return schools;
    if (householdId === null) await updateProgrammeSchools(db(), actor.programmeId, schools.value);
    else if (await readHousehold(actor, householdId))
      await updateHouseholdSchools(db(), actor.programmeId, householdId, schools.value);
    else return refused({ code: "not-found" });
    return { ok: true, value: null };
  });
}
