import type { PriceGroup } from "./price";

/** Everything of a library that can have a price, and the size that it is usually sold in. */
export interface PricedItem {
  readonly item: string;
  readonly group: PriceGroup;
  readonly id: string;
  readonly usualSize: number;
}

/** Whether a group's price buys an amount that has to be said: g in a packet, L in a sack. */
export const hasSize = (group: PriceGroup): boolean => group === "packet" || group === "mix";

const USUAL_SIZE: Record<PriceGroup, number> = { bag: 1, packet: 2, piece: 1, mix: 40, market: 1 };

/** What a programme can price: each kind of bag, each mix, and of each crop its packet, a piece, and a kilogram at the market. */
export function pricedItems(library: {
  bagKinds: readonly { id: string }[];
  mixes: readonly { id: string }[];
  crops: readonly { id: string }[];
}): PricedItem[] {
  const items = (group: PriceGroup, list: readonly { id: string }[]): PricedItem[] =>
    list.map(({ id }) => ({ item: `${group}/${id}`, group, id, usualSize: USUAL_SIZE[group] }));
  return [
    ...items("bag", library.bagKinds),
    ...items("mix", library.mixes),
    ...items("packet", library.crops),
    ...items("piece", library.crops),
    ...items("market", library.crops),
  ];
}
