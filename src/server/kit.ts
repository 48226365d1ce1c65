import * as z from "zod";
import { type Pooled, poolOf } from "@/core/kit";
import { pricesBy } from "@/core/money";
import type { Outcome } from "@/core/problem";
import { type Group, listGroups } from "@/db/groups";
import { listOrder, listParcels, listStock, type Parcel, PARCELS_A_PAGE, putStock } from "@/db/needs";
import { db } from "@/db/pool";
import type { Actor } from "./actor";
import { outcomeOf, parsed } from "./outcome";
import { readPriceList } from "./prices";
import { judgingSince, programmeToChange, readToday } from "./programme";

/** The kit of a whole programme, or of one of its groups: one order for all that its plans still take, without what is in store, against everyone buying alone; and who gets what of it. */
export interface KitForAll {
  readonly order: Pooled;
  /** What is in store, by item. */
  readonly stock: Readonly<Record<string, number>>;
  readonly parcels: readonly Parcel[];
  readonly groups: readonly Group[];
  /** The group that is looked at; left out for all. */
  readonly groupId?: string;
  readonly page: number;
  readonly pages: number;
  /** Since when the needs of some plans wait to be worked out anew, ISO 8601. */
  readonly judgingSince?: string;
}

const Ask = z.object({
  page: z.coerce.number().int().min(1).max(100_000).catch(1),
  group: z.uuid().optional().catch(undefined),
});

/** The kit of the actor's programme, or of a group of it, and a page of its parcels. */
export async function readKitForAll(actor: Actor, query: unknown): Promise<KitForAll> {
  const { page, group: groupId } = Ask.parse(query);
  const day = await readToday(actor);
  const { programmeId } = actor;
  const [needs, parcels, prices, groups, stocked] = await Promise.all([
    listOrder(db(actor), programmeId, day, groupId),
    listParcels(db(actor), programmeId, { day, page, groupId }),
    readPriceList(actor),
    listGroups(db(actor), programmeId),
    listStock(db(actor), programmeId),
  ]);
  const buyers = parcels[0]?.all ?? 0;
  const stock = Object.fromEntries(stocked.map(({ item, amount }) => [item, amount]));
  return {
    order: poolOf(needs, buyers, pricesBy(prices), stock),
    stock,
    parcels,
    groups,
    groupId,
    page,
    pages: Math.max(1, Math.ceil(buyers / PARCELS_A_PAGE)),
    judgingSince: await judgingSince(actor),
  };
}

const Stocked = z.strictObject({
  item: z.string().min(3).max(90),
  amount: z.number().min(0, { error: "negative" }).max(1_000_000, { error: "too-large" }),
});

/** Keeps how much of an item is in store: it is handed out before any is bought. */
export function saveStock(actor: Actor, input: unknown): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const stocked = parsed(Stocked, input);
    if (!stocked.ok) return stocked;
    await putStock(db(actor), actor.programmeId, actor.name, stocked.value);
    return { ok: true, value: null };
  });
}
