import * as z from "zod";
import { type Pooled, poolOf } from "@/core/kit";
import { pricesBy, SHARED_GROUPS, type SharedGroup } from "@/core/money";
import type { Outcome } from "@/core/problem";
import { db } from "@/db/pool";
import { countSharers, listNeeds } from "@/db/progress";
import { updateBoughtTogether } from "@/db/programmes";
import type { Actor } from "./actor";
import { outcomeOf, parsed } from "./outcome";
import { readPriceList } from "./prices";
import { judgingSince, programmeToChange, readProgramme, readToday } from "./programme";

/** What a programme buys together, and what all its plans still need of each group that it can: bought once for all, or by everyone alone. */
export async function readTogether(actor: Actor): Promise<{
  together: readonly SharedGroup[];
  pools: Record<SharedGroup, Pooled>;
  /** Since when the needs of some plans wait to be worked out anew, ISO 8601. */
  judgingSince?: string;
}> {
  const day = await readToday(actor);
  const poolFor = async (group: SharedGroup) => {
    const ask = { group, day };
    const [needs, sharers] = await Promise.all([
      listNeeds(db(), actor.programmeId, ask),
      countSharers(db(), actor.programmeId, ask),
    ]);
    return poolOf(needs, sharers, pricesBy(await readPriceList(actor)));
  };
  const [programme, packet, mix, since] = await Promise.all([
    readProgramme(actor),
    poolFor("packet"),
    poolFor("mix"),
    judgingSince(actor),
  ]);
  return { together: programme.boughtTogether, pools: { packet, mix }, judgingSince: since };
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
