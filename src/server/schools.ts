import { differences } from "@/core/garden";
import { settingFrom } from "@/core/setting";
import type { Outcome } from "@/core/problem";
import { Schools } from "@/core/school";
import { updateHouseholdSchools } from "@/db/households";
import { db, transaction } from "@/db/pool";
import { updateProgrammeSchools } from "@/db/programmes";
import type { Actor } from "./actor";
import { followHousehold } from "./following";
import { readHousehold, scopeOf } from "./households";
import { judgeSoon } from "./judging";
import { outcomeOf, parsed, refused } from "./outcome";
import { programmeToChange, readReference } from "./programme";
import type { PlanDifference } from "./reference";
import { settingOf } from "./setting";
import { surveyedPlans } from "./surveyed-plans";

/** What another choice of schools would change in the programme's plans. Nothing is stored. */
export function previewSchools(actor: Actor, input: unknown): Promise<Outcome<PlanDifference[]>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const schools = parsed(Schools, input);
    if (!schools.ok) return schools;
    const reference = await readReference(actor);
    const found: PlanDifference[] = [];
    for await (const { household, name, plan } of surveyedPlans(actor)) {
      const under = (chosen: Schools) =>
        settingFrom(settingOf({ ...allowed.value, schools: chosen }, household), reference);
      const differ = differences(plan, under(allowed.value.schools), under(schools.value));
      found.push(...differ.map((d) => ({ ...d, household: name })));
    }
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
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const schools = parsed(Schools, input);
    if (!schools.ok) return schools;
    if (householdId === null) {
      await updateProgrammeSchools(db(), actor.programmeId, schools.value);
      await judgeSoon(actor.programmeId);
      return { ok: true, value: null };
    }
    if (!(await readHousehold(actor, householdId))) return refused({ code: "not-found" });
    const scope = scopeOf(actor, householdId);
    await transaction(async (on) => {
      await updateHouseholdSchools(on, scope, schools.value);
      await followHousehold(on, scope);
    });
    return { ok: true, value: null };
  });
}
