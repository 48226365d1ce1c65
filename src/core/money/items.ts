import type { PriceGroup } from "./price";

/** Everything of a library that can have a price, and the size that it is usually sold in. */
export interface PricedItem {
  readonly item: string;
  readonly group: PriceGroup;
  readonly id: string;
  readonly usualSize: number;
}

/** Whether a group's price buys an amount that has to be said: g in a packet, L or kg in a sack, pieces in a bundle. */
export const hasSize = (group: PriceGroup): boolean =>
  group === "packet" || group === "mix" || group === "feed" || group === "gear";

const USUAL_SIZE: Record<PriceGroup, number> = {
  bag: 1,
  packet: 2,
  piece: 1,
  mix: 40,
  feed: 2,
  gear: 1,
  market: 1,
};

/** What goes with a garden besides bags, mix, seed and feed, and how many of it are usually sold together: stones by the litre, lime by the kilogram. */
const GEAR = {
  cane: 10,
  trellis: 1,
  twine: 10,
  wire: 1,
  net: 1,
  cell: 40,
  label: 20,
  cover: 1,
  stones: 20,
  lime: 2,
  can: 1,
} as const;
export type Gear = keyof typeof GEAR;

/** What a programme can price: each kind of bag, each mix, feed, gear, and of each crop its packet, a piece, and a kilogram at the market. */
export function pricedItems(library: {
  bagKinds: readonly { id: string }[];
  mixes: readonly { id: string }[];
  feeds: readonly { id: string }[];
  crops: readonly { id: string }[];
}): PricedItem[] {
  const items = (group: PriceGroup, list: readonly { id: string }[]): PricedItem[] =>
    list.map(({ id }) => ({ item: `${group}/${id}`, group, id, usualSize: USUAL_SIZE[group] }));
  return [
    ...items("bag", library.bagKinds),
    ...items("mix", library.mixes),
    ...items("feed", library.feeds),
    ...Object.entries(GEAR).map(([id, usualSize]): PricedItem => ({
      item: `gear/${id}`,
      group: "gear",
      id,
      usualSize,
    })),
    ...items("packet", library.crops),
    ...items("piece", library.crops),
    ...items("market", library.crops),
  ];
}
