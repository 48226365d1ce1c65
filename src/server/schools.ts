import { assessGarden, differences } from "@/core/garden";
import { settingFrom } from "@/core/setting";
import type { Outcome } from "@/core/problem";
import { Schools } from "@/core/school";
import { NO_TAKES, plusTakes, type Takes, takesOf } from "@/core/year";
import { updateHouseholdSchools } from "@/db/households";
import { readPlans } from "@/db/plans";
import { db, transaction } from "@/db/pool";
import { updateProgrammeSchools } from "@/db/programmes";
import type { Actor } from "./actor";
import { followHousehold } from "./following";
import { readHousehold, scopeOf } from "./households";
import { judgeSoon } from "./judging";
import { outcomeOf, parsed, refused } from "./outcome";
import { programmeToChange, readReference } from "./programme";
import type { PlanDifference } from "./reference";
import { isSurveyed, settingOf } from "./setting";
import { surveyedPlans } from "./surveyed-plans";
import { todayIn } from "./town";

/** What another choice of schools would change: of the plans that were looked at, and how many more there are to look at. */
export interface SchoolsEffect {
  readonly plans: number;
  readonly isAll: boolean;
  readonly before: Takes;
  readonly after: Takes;
  readonly changes: readonly PlanDifference[];
}

/** So many plans are looked at while somebody chooses: that takes a second or two. */
const AT_ONCE = 12;

/**
 * What another choice of schools would change in the programme's plans, or in that of one household when one is named.
 * Nothing is stored.
 *
 * @param isAll whether all plans are looked at, however many there are, or a few of them
 */
export function previewSchools(
  actor: Actor,
  householdId: string | null,
  input: unknown,
  isAll: boolean,
): Promise<Outcome<SchoolsEffect>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const schools = parsed(Schools, input);
    if (!schools.ok) return schools;
    const reference = await readReference(actor);
    const today = todayIn(allowed.value);
    let isCut = false;
    let [plans, before, after] = [0, NO_TAKES, NO_TAKES];
    const changes: PlanDifference[] = [];
    const only = householdId === null ? undefined : await planOf(actor, householdId);
    for await (const { household, name, plan } of only ?? surveyedPlans(actor)) {
      if (plans === AT_ONCE && !isAll) {
        isCut = true;
        break;
      }
      plans++;
      const under = (chosen: Schools) => {
        const own = householdId === null ? household : { ...household, schools: chosen };
        const all = householdId === null ? chosen : allowed.value.schools;
        return settingFrom(settingOf({ ...allowed.value, schools: all }, own), reference);
      };
      const [now, then] = [
        under(householdId === null ? allowed.value.schools : household.schools),
        under(schools.value),
      ];
      before = plusTakes(before, takesOf(assessGarden(plan, now), now, today));
      after = plusTakes(after, takesOf(assessGarden(plan, then), then, today));
      changes.push(...differences(plan, now, then).map((d) => ({ ...d, household: name })));
    }
    return { ok: true, value: { plans, isAll: !isCut, before, after, changes } };
  });
}

/** The plan of one household, as `surveyedPlans` gives them; none where there is none. */
async function planOf(actor: Actor, householdId: string) {
  const household = await readHousehold(actor, householdId);
  if (!household || !isSurveyed(household)) return [];
  const plans = await readPlans(db(actor), actor.programmeId, [householdId]);
  const plan = plans.get(householdId)?.plan;
  return plan ? [{ household, name: `${household.code} ${household.name}`, plan }] : [];
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
      await updateProgrammeSchools(db(actor), actor.programmeId, schools.value);
      await judgeSoon(actor.programmeId);
      return { ok: true, value: null };
    }
    if (!(await readHousehold(actor, householdId))) return refused({ code: "not-found" });
    const scope = scopeOf(actor, householdId);
    await transaction(actor, async (on) => {
      await updateHouseholdSchools(on, scope, schools.value);
      await followHousehold(on, scope);
    });
    return { ok: true, value: null };
  });
}
