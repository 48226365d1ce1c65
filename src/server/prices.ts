import { pricesToCsv, readPriceList as readPriceFile, type RowFault } from "@/core/exchange";
import { addDays } from "@/core/day";
import { FEEDS } from "@/core/feed";
import { Price, pricedItems, type Prices, pricesBy } from "@/core/money";
import type { Outcome } from "@/core/problem";
import { insertPrices, listSeenPrices } from "@/db/prices";
import { db } from "@/db/pool";
import { mixesWith, SHIPPED } from "@/library";
import type { Actor } from "./actor";
import { type Programme, programmeToChange, readKnown, readProgramme, readToday } from "./programme";
import { outcomeOf, parsed, refused } from "./outcome";

/** What a programme pays now. */
export const readPriceList = async (actor: Actor): Promise<Price[]> => (await readKnown(actor)).prices;

/** A programme's prices by item, and whether it buys them together. */
export const readPrices = async (actor: Actor): Promise<Prices> =>
  pricesBy(await readPriceList(actor), (await readProgramme(actor)).boughtTogether);

/** A price as it is put in; a null amount takes it away. */
const PriceChange = Price.omit({ minor: true }).extend({ minor: Price.shape.minor.nullable() });

const itemsOf = ({ mixes }: Programme) =>
  pricedItems({ ...SHIPPED, mixes: mixesWith(mixes), feeds: Object.values(FEEDS) });

/** A price that was seen longer ago says little of today's. Assumption, no source. */
const SEEN_DAYS = 120;

/** Everything that can be priced, what people saw it sold for, what the programme pays for it, and over how many seasons each bag's price spreads. */
export async function priceList(actor: Actor) {
  const programme = await readProgramme(actor);
  const lives = Object.fromEntries(SHIPPED.bagKinds.map((kind) => [kind.id, kind.make.lifeSeasons.likely]));
  return {
    items: itemsOf(programme),
    lives,
    prices: await readPrices(actor),
    currency: programme.currency,
    seen: await listSeenPrices(db(actor), actor.programmeId, addDays(await readToday(actor), -SEEN_DAYS)),
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
    await insertPrices(db(actor), actor.programmeId, actor.name, [price.value]);
    return { ok: true, value: null };
  });
}

/** Every item with what the programme pays for it, as a file. @param nameOf an item in the reader's words */
export function priceListFile(
  actor: Actor,
  nameOf: (item: string) => string,
): Promise<Outcome<{ parts: readonly string[]; name: string; type: string }>> {
  return outcomeOf(async () => {
    const programme = await readProgramme(actor);
    const prices = await readPrices(actor);
    const rows = itemsOf(programme).map(({ item, usualSize }) => ({
      item,
      name: nameOf(item),
      price: prices[item],
      usualSize,
    }));
    const text = pricesToCsv(rows, programme.currency);
    return {
      ok: true,
      value: { parts: [text], name: "prices.csv", type: "text/csv; charset=utf-8; header=present" },
    };
  });
}

const MOST_BYTES = 2_000_000;

/** Takes a price list from a file: all of it, or with a single strange row nothing, and each such row is named. */
export function importPrices(
  actor: Actor,
  text: string,
): Promise<Outcome<{ stored: number; faults: readonly RowFault[] }>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    if (text.length > MOST_BYTES) return refused({ code: "file-large" });
    const items = new Set(itemsOf(allowed.value).map(({ item }) => item));
    const read = readPriceFile(text, items, allowed.value.currency);
    if ("code" in read) return refused(read);
    if (read.faults.length > 0) return { ok: true, value: { stored: 0, faults: read.faults } };
    if (read.prices.length > 0)
      await insertPrices(db(actor), actor.programmeId, actor.name, [...read.prices]);
    return { ok: true, value: { stored: read.prices.length, faults: [] } };
  });
}
