import * as z from "zod";
import { type Pooled, poolOf } from "@/core/kit";
import { pricesBy, SHARED_GROUPS, type SharedGroup } from "@/core/money";
import type { Outcome } from "@/core/problem";
import { countSharers, listOrder } from "@/db/needs";
import { db } from "@/db/pool";
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
  const [needs, sharers, prices, programme, since] = await Promise.all([
    listOrder(db(actor), actor.programmeId, day),
    countSharers(db(actor), actor.programmeId, day),
    readPriceList(actor),
    readProgramme(actor),
    judgingSince(actor),
  ]);
  const poolFor = (group: SharedGroup) =>
    poolOf(
      needs.filter(({ item }) => item.startsWith(`${group}/`)),
      sharers.find((s) => s.group === group)?.households ?? 0,
      pricesBy(prices),
    );
  const pools = { packet: poolFor("packet"), mix: poolFor("mix") };
  return { together: programme.boughtTogether, pools, judgingSince: since };
}

/** Stores which groups a programme buys together. */
export function saveTogether(actor: Actor, input: unknown): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const groups = parsed(z.array(z.enum(SHARED_GROUPS)), input);
    if (!groups.ok) return groups;
    await updateBoughtTogether(
      db(actor),
      actor.programmeId,
      SHARED_GROUPS.filter((group) => groups.value.includes(group)),
    );
    return { ok: true, value: null };
  });
}
