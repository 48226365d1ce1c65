import { z } from "zod";
import { type Pooled, poolOf } from "@/core/kit";
import { isOf, pricesBy, SHARED_GROUPS, type SharedGroup, type Wanted } from "@/core/money";
import type { Outcome } from "@/core/problem";
import { db } from "@/db/pool";
import { listPrices } from "@/db/prices";
import { listNeeds } from "@/db/progress";
import { updateBoughtTogether } from "@/db/programmes";
import type { Actor } from "./actor";
import { today } from "./environment";
import { outcomeOf, parsed } from "./outcome";
import { judgingSince, programmeToChange, readProgramme } from "./programme";

/** What a programme buys together, and what all its plans still need of each group that it can: bought once for all, or by everyone alone. */
export async function readTogether(actor: Actor): Promise<{
  together: readonly SharedGroup[];
  pools: Record<SharedGroup, Pooled>;
  /** Since when the needs of some plans wait to be worked out anew, ISO 8601. */
  judgingSince?: string;
}> {
  const [programme, listed, needs, since] = await Promise.all([
    readProgramme(actor),
    listPrices(db(), actor.programmeId),
    listNeeds(db(), actor.programmeId, { groups: SHARED_GROUPS, day: today().day }),
    judgingSince(actor),
  ]);
  const prices = pricesBy(listed);
  const pool = (group: SharedGroup) => {
    const byHousehold = new Map<string, Wanted[]>();
    for (const { householdId, item, amount } of needs)
      if (isOf(group, item))
        byHousehold.set(householdId, [...(byHousehold.get(householdId) ?? []), { item, amount }]);
    return poolOf([...byHousehold.values()], prices);
  };
  return {
    together: programme.boughtTogether,
    pools: { packet: pool("packet"), mix: pool("mix") },
    judgingSince: since,
  };
}

/** Stores which groups a programme buys together. */
export function saveTogether(actor: Actor, input: unknown): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const groups = parsed(z.array(z.enum(SHARED_GROUPS)), input);
    if (!groups.ok) return groups;
    await updateBoughtTogether(
      db(),
      actor.programmeId,
      SHARED_GROUPS.filter((group) => groups.value.includes(group)),
    );
    return { ok: true, value: null };
  });
}
