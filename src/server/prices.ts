import { cache } from "react";
import { FEEDS } from "@/core/feed";
import { Price, pricedItems, type Prices, pricesBy } from "@/core/money";
import type { Outcome } from "@/core/problem";
import { insertPrices, listPrices } from "@/db/prices";
import { db } from "@/db/pool";
import { mixesWith, SHIPPED } from "@/library";
import type { Actor } from "./actor";
import { type Programme, programmeToChange, readProgramme } from "./programme";
import { outcomeOf, parsed, refused } from "./outcome";

const listOf = cache((programmeId: string) => listPrices(db(), programmeId));

/** What a programme pays now, read once a request. */
export const readPriceList = (actor: Actor): Promise<Price[]> => listOf(actor.programmeId);

/** A programme's prices by item, and whether it buys them together. */
export const readPrices = async (actor: Actor): Promise<Prices> =>
  pricesBy(await readPriceList(actor), (await readProgramme(actor)).boughtTogether);

/** A price as it is put in; a null amount takes it away. */
const PriceChange = Price.omit({ minor: true }).extend({ minor: Price.shape.minor.nullable() });

const itemsOf = ({ mixes }: Programme) =>
  pricedItems({ ...SHIPPED, mixes: mixesWith(mixes), feeds: Object.values(FEEDS) });

/** Everything that can be priced, what the programme pays for it, and over how many seasons each bag's price spreads. */
export async function priceList(actor: Actor) {
  const programme = await readProgramme(actor);
  const lives = Object.fromEntries(SHIPPED.bagKinds.map((kind) => [kind.id, kind.make.lifeSeasons.likely]));
  return {
    items: itemsOf(programme),
    lives,
    prices: await readPrices(actor),
    currency: programme.currency,
  };
}

/** Stores one price, or takes it away. */
export function savePrice(actor: Actor, input: unknown): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const price = parsed(PriceChange, input);
    if (!price.ok) return price;
    if (!itemsOf(allowed.value).some((i) => i.item === price.value.item))
      return refused({ code: "item-unknown" });
    await insertPrices(db(), actor.programmeId, actor.name, [price.value]);
    return { ok: true, value: null };
  });
}
