import type { PriceInForce, Prices } from "./price";

/** Something that has to be bought, in what its price is counted in: bags, g of seed, pieces, L of mix. */
export interface Wanted {
  readonly item: string;
  readonly amount: number;
}

export interface ShoppingLine extends Wanted {
  /** Packets, sacks or pieces, whole ones as shops sell them, or the share of what is bought together; undefined where nobody knows a price. */
  readonly packs?: number;
  readonly price?: PriceInForce;
  readonly minor?: number;
}

export interface Shopping {
  readonly lines: readonly ShoppingLine[];
  readonly minor: number;
  /** What feed and gear come to of that: they go with a garden, and are no part of what it costs to fill and sow, minor units. */
  readonly alongMinor: number;
  /** Lines that nobody has priced, so that the sum is known to be short of them. */
  readonly unpriced: number;
  /** Whether shares of packs are in it that are bought together. */
  readonly shared: boolean;
}

/** Rounding is no reason to open another packet. */
const EPSILON = 1e-9;

/**
 * Whole packs that an amount takes, as shops sell them.
 *
 * @param amount what is wanted, in the item's own measure (g, L or pieces)
 * @param size what a pack holds, in the same measure
 */
export const packsFor = (amount: number, size: number): number =>
  amount > EPSILON ? Math.ceil(amount / size - EPSILON) : 0;

/** What an amount costs at a price, minor units. */
export const costMinor = (price: PriceInForce, amount: number): number =>
  packsAt(price, amount) * price.minor;

const packsAt = ({ together, size }: PriceInForce, amount: number): number =>
  together ? amount / size : packsFor(amount, size);

/** Feed, canes, nets and the like: what a garden takes beside bags, mix, seed and plants. */
const goesAlong = ({ item }: Wanted): boolean => item.startsWith("feed/") || item.startsWith("gear/");

const sumOf = (lines: readonly ShoppingLine[]): number => lines.reduce((sum, l) => sum + (l.minor ?? 0), 0);

/** What is to be bought, each thing once, rounded up to whole packs where it is not bought together, and what it comes to. */
export function shoppingOf(wanted: readonly Wanted[], prices: Prices): Shopping {
  const amounts = new Map<string, number>();
  for (const { item, amount } of wanted) if (amount > 0) amounts.set(item, (amounts.get(item) ?? 0) + amount);
  const lines = [...amounts].map(([item, amount]): ShoppingLine => {
    const price = prices[item];
    if (!price) return { item, amount };
    return { item, amount, packs: packsAt(price, amount), price, minor: costMinor(price, amount) };
  });
  return {
    lines,
    minor: sumOf(lines),
    alongMinor: sumOf(lines.filter(goesAlong)),
    unpriced: lines.filter((l) => l.price === undefined).length,
    shared: lines.some((l) => l.price?.together),
  };
}

/** What a harvest would have cost at the market, in minor units; undefined where nobody knows the price. */
export function marketMinor(prices: Prices, cropId: string, g: number): number | undefined {
  const price = prices[`market/${cropId}`];
  return price && (g / 1000 / price.size) * price.minor;
}
