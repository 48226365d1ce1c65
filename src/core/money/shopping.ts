import type { Price, Prices } from "./price";

/** Something that has to be bought, in what its price is counted in: bags, g of seed, pieces, L of mix. */
export interface Wanted {
  readonly item: string;
  readonly amount: number;
}

export interface ShoppingLine extends Wanted {
  /** Packets, sacks or pieces, whole ones as shops sell them; undefined where nobody knows a price. */
  readonly packs?: number;
  readonly price?: Price;
  readonly minor?: number;
}

export interface Shopping {
  readonly lines: readonly ShoppingLine[];
  readonly minor: number;
  /** Lines that nobody has priced, so that the sum is known to be short of them. */
  readonly unpriced: number;
}

/** Rounding is no reason to open another packet. */
const EPSILON = 1e-9;

/** Whole packs of a size that an amount takes, as shops sell them. */
export const packsFor = (amount: number, size: number): number => (amount > EPSILON ? Math.ceil(amount / size - EPSILON) : 0);

/** What is to be bought, each thing once, rounded up to whole packs, and what it comes to. */
export function shoppingOf(wanted: readonly Wanted[], prices: Prices): Shopping {
  const amounts = new Map<string, number>();
  for (const { item, amount } of wanted) if (amount > 0) amounts.set(item, (amounts.get(item) ?? 0) + amount);
  const lines = [...amounts].map(([item, amount]): ShoppingLine => {
    const price = prices[item];
    if (!price) return { item, amount };
    const packs = packsFor(amount, price.size);
    return { item, amount, packs, price, minor: packs * price.minor };
  });
  return { lines, minor: lines.reduce((sum, l) => sum + (l.minor ?? 0), 0), unpriced: lines.filter((l) => l.price === undefined).length };
}

/** What a harvest would have cost at the market, in minor units; undefined where nobody knows the price. */
export function marketMinor(prices: Prices, cropId: string, g: number): number | undefined {
  const price = prices[`market/${cropId}`];
  return price && (g / 1000 / price.size) * price.minor;
}
