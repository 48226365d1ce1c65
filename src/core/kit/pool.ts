import { costMinor, type Prices, type Shopping, shoppingOf, type Wanted } from "../money";

/** The same needs bought once for all, and by everyone alone. */
export interface Pooled {
  /** What all need together, whether it is bought or in store. */
  readonly wanted: readonly Wanted[];
  readonly forAll: Shopping;
  /** Packs that are bought for all, of whatever there is a price for. */
  readonly packs: number;
  /** What all of it comes to when it is bought for all, as if nothing were in store, minor units. */
  readonly togetherMinor: number;
  /** What it comes to when everyone buys whole packs alone, minor units. */
  readonly aloneMinor: number;
  /** How many of them need anything. */
  readonly sharers: number;
}

/** An item, and how much of it each of those needs who need any. */
export interface SharedNeed {
  readonly item: string;
  readonly amounts: readonly number[];
}

/**
 * What many need, bought in whole packs: pooled, without what is in store, and each on their own.
 *
 * @param sharers how many of them need anything
 * @param stock what is in store already, by item
 */
export function poolOf(
  needs: readonly SharedNeed[],
  sharers: number,
  prices: Prices,
  stock: Readonly<Record<string, number>> = {},
): Pooled {
  const whole = Object.fromEntries(
    Object.entries(prices).map(([item, price]) => [item, { ...price, together: false }]),
  );
  const sum = (list: readonly number[]) => list.reduce((a, b) => a + b, 0);
  const wanted = needs.map(({ item, amounts }) => ({ item, amount: sum(amounts) }));
  const forAll = shoppingOf(
    wanted.map(({ item, amount }) => ({ item, amount: Math.max(0, amount - (stock[item] ?? 0)) })),
    whole,
  );
  const alone = needs.map(({ item, amounts }) => {
    const price = whole[item];
    return price ? sum(amounts.map((amount) => costMinor(price, amount))) : 0;
  });
  return {
    wanted,
    forAll,
    togetherMinor: shoppingOf(wanted, whole).minor,
    packs: sum(forAll.lines.map((line) => line.packs ?? 0)),
    aloneMinor: sum(alone),
    sharers,
  };
}
