/** To ask the platform takes longer than all else that is done with a price. */
const known = new Map<string, number>();

/** Places after the point in a currency, by ISO 4217 as the platform knows it. */
function places(currency: string): number {
  const digits =
    known.get(currency) ??
    new Intl.NumberFormat("en", { style: "currency", currency }).resolvedOptions().maximumFractionDigits ??
    2;
  known.set(currency, digits);
  return digits;
}

/** An amount of a currency in its minor units, whole. */
export const toMinor = (amount: number, currency: string): number =>
  Math.round(amount * 10 ** places(currency));
/** An amount as it stands in a field: "4.50". */
export const amountText = (minor: number, currency: string): string =>
  fromMinor(minor, currency).toFixed(places(currency));
/** Minor units as an amount of their currency. */
export const fromMinor = (minor: number, currency: string): number => minor / 10 ** places(currency);
