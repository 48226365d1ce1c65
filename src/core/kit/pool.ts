import { type Prices, type Shopping, shoppingOf, type Wanted } from "../money";

/** The same needs bought once for all, and by everyone alone. */
export interface Pooled {
  readonly forAll: Shopping;
  /** Packs that are bought for all, of whatever there is a price for. */
  readonly packs: number;
  /** What it comes to when everyone buys whole packs alone, minor units. */
  readonly aloneMinor: number;
  /** How many of them need anything. */
  readonly sharers: number;
}

/** What many need, bought in whole packs: pooled, and each on their own. @param needs one list for each of them */
export function poolOf(needs: readonly (readonly Wanted[])[], prices: Prices): Pooled {
  const whole = Object.fromEntries(
    Object.entries(prices).map(([item, price]) => [item, { ...price, together: false }]),
  );
  const alone = needs.map((wanted) => shoppingOf(wanted, whole));
  const forAll = shoppingOf(needs.flat(), whole);
  return {
    forAll,
    packs: forAll.lines.reduce((sum, line) => sum + (line.packs ?? 0), 0),
    aloneMinor: alone.reduce((sum, shopping) => sum + shopping.minor, 0),
    sharers: alone.filter((shopping) => shopping.lines.length > 0).length,
  };
}
