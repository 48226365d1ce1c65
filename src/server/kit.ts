import * as z from "zod";
import { type Pooled, poolOf } from "@/core/kit";
import { pricesBy } from "@/core/money";
import { listOrder, listParcels, type Parcel, PARCELS_A_PAGE } from "@/db/needs";
import { db } from "@/db/pool";
import type { Actor } from "./actor";
import { readPriceList } from "./prices";
import { judgingSince, readToday } from "./programme";

/** The kit of a whole programme: one order for all that its plans still take, against everyone buying alone, and who gets what of it. */
export interface KitForAll {
  readonly order: Pooled;
  readonly parcels: readonly Parcel[];
  readonly page: number;
  readonly pages: number;
  /** Since when the needs of some plans wait to be worked out anew, ISO 8601. */
  readonly judgingSince?: string;
}

const Page = z.coerce.number().int().min(1).max(100_000).catch(1);

/** The kit of the actor's programme, and a page of its parcels. */
export async function readKitForAll(actor: Actor, at: unknown): Promise<KitForAll> {
  const page = Page.parse(at);
  const day = await readToday(actor);
  const [needs, parcels, prices, since] = await Promise.all([
    listOrder(db(), actor.programmeId, day),
    listParcels(db(), actor.programmeId, { day, page }),
    readPriceList(actor),
    judgingSince(actor),
  ]);
  const buyers = parcels[0]?.all ?? 0;
  return {
    order: poolOf(needs, buyers, pricesBy(prices)),
    parcels,
    page,
    pages: Math.max(1, Math.ceil(buyers / PARCELS_A_PAGE)),
    judgingSince: since,
  };
}
