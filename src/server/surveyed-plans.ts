import type { Plan } from "@/core/plan";
import { listHouseholds } from "@/db/households";
import { readPlans } from "@/db/plans";
import { db } from "@/db/pool";
import type { Actor } from "./actor";
import { isSurveyed, type Surveyed } from "./setting";

/** The plans of a programme that can be judged: each surveyed household that has one, with what lists call it. */
export async function surveyedPlans(
  actor: Actor,
): Promise<{ household: Surveyed; name: string; plan: Plan }[]> {
  const households = (await listHouseholds(db(), actor.programmeId)).filter(isSurveyed);
  const plans = await readPlans(
    db(),
    actor.programmeId,
    households.map((h) => h.id),
  );
  return households.flatMap((household) => {
    const plan = plans.get(household.id)?.plan;
    return plan ? [{ household, name: `${household.code} ${household.name}`, plan }] : [];
  });
}
