import Papa from "papaparse";
import { amountText, Price, toMinor } from "../money";
import { type Problem, readProblem } from "../problem";
import { amountField } from "../quantity";
import type { RowFault } from "./faults";

const COLUMNS = ["item", "price", "size", "name"] as const;
const AMOUNT = amountField(100_000);

/** What can be priced, with its name for those who read the file, and its price where it has one. */
export interface PriceRow {
  readonly item: string;
  readonly name: string;
  readonly price: Price | undefined;
  readonly usualSize: number;
}

/** A price list as CSV (RFC 4180): every item, with an empty price where nobody knows one. @param currency ISO 4217 */
export const pricesToCsv = (rows: readonly PriceRow[], currency: string): string =>
  `${Papa.unparse(
    {
      fields: [...COLUMNS],
      data: rows.map(({ item, name, price, usualSize }) => [
        item,
        price ? amountText(price.minor, currency) : "",
        price?.size ?? usualSize,
        name,
      ]),
    },
    { newline: "\r\n", escapeFormulae: true },
  )}\r\n`;

/**
 * Reads a price list. Rows without a price are passed over; every other row is either read or named with what is wrong
 * with it.
 *
 * @param items everything that can be priced
 */
export function readPriceList(
  text: string,
  items: ReadonlySet<string>,
  currency: string,
): { readonly prices: readonly Price[]; readonly faults: readonly RowFault[] } | Problem {
  const { data, meta, errors } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ""), {
    header: true,
    skipEmptyLines: "greedy",
    transformHeader: (head) => head.trim().toLowerCase(),
  });
  if (!meta.fields?.includes("item") || !meta.fields.includes("price"))
    return { code: "file-columns", columns: "item, price, size" };
  if (errors.some(({ type }) => type === "Quotes")) return { code: "file-broken" };
  const prices: Price[] = [];
  const faults: RowFault[] = [];
  data.forEach((row, i) => {
    const fault = (problem: Problem) => faults.push({ line: i + 2, problem, row });
    const item = (row.item ?? "").trim();
    const amount = AMOUNT.safeParse(row.price ?? "");
    const size = AMOUNT.safeParse(row.size ?? "");
    if (!amount.success) return void fault(readProblem(amount.error.issues[0]?.message ?? ""));
    if (amount.data === null) return;
    if (!size.success) return void fault(readProblem(size.error.issues[0]?.message ?? ""));
    if (!items.has(item)) return void fault({ code: "item-unknown" });
    if (prices.some((price) => price.item === item)) return void fault({ code: "item-twice" });
    const read = Price.safeParse({ item, minor: toMinor(amount.data, currency), size: size.data ?? 1 });
    if (!read.success) return void fault({ code: size.data === 0 ? "zero" : "invalid" });
    prices.push(read.data);
  });
  return { prices, faults };
}
