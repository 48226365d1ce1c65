import type { Plan } from "@/core/plan";
import { householdsAfter } from "@/db/households";
import { readPlans } from "@/db/plans";
import { db } from "@/db/pool";
import type { Actor } from "./actor";
import { isSurveyed, type Surveyed } from "./setting";

const BATCH = 100;

/** The plans of a programme that can be judged, some households at a time: each surveyed household that has one, with what lists call it. */
export async function* surveyedPlans(
  actor: Actor,
): AsyncGenerator<{ household: Surveyed; name: string; plan: Plan }, void> {
  const { programmeId } = actor;
  for (let after = 0; ;) {
    const households = await householdsAfter(db(actor), programmeId, { after, most: BATCH });
    const plans = await readPlans(
      db(actor),
      programmeId,
      households.map((h) => h.id),
    );
    for (const household of households) {
      const plan = plans.get(household.id)?.plan;
      if (plan && isSurveyed(household))
        yield { household, name: `${household.code} ${household.name}`, plan };
    }
    const last = households.at(-1);
    if (!last) return;
    after = Number(last.code);
  }
}
