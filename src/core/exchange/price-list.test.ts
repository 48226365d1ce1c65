import { parse } from "csv-parse/sync";
import { expect, it } from "vitest";
import { faultsToCsv, pricesToCsv, readPriceList } from ".";

const ITEMS = new Set(["packet/kale", "mix/potting-mix", "gear/cane"]);
const codes = (text: string) => {
  const read = readPriceList(text, ITEMS, "EUR");
  return "code" in read
    ? read.code
    : { prices: read.prices, faults: read.faults.map((f) => [f.line, f.problem.code]) };
};

it("leaves as CSV that another reader reads, and comes back the same", () => {
  const price = { item: "packet/kale", minor: 170, size: 1.5 };
  const text = pricesToCsv(
    [
      { item: "packet/kale", name: 'Kale, "curly"', price, usualSize: 2 },
      { item: "gear/cane", name: "=canes", price: undefined, usualSize: 10 },
    ],
    "EUR",
  );
  expect(parse(text, { columns: true })).toMatchObject([
    { item: "packet/kale", price: "1.70", size: "1.5", name: 'Kale, "curly"' },
    // A cell that a table would take for a formula is text.
    { item: "gear/cane", price: "", size: "10", name: "'=canes" },
  ]);
  expect(codes(text)).toEqual({ prices: [price], faults: [] });
});

it("names each strange row with its line, takes prices as people write them, and gives refused rows back", () => {
  const text = [
    "Item,Price,Size,Note",
    "packet/kale,€1.70,1.5,",
    "packet/kale,2,1.5,twice",
    "packet/mango,2,1,",
    "mix/potting-mix,7.90,-20,a sack of less than nothing",
    "mix/potting-mix,seven,40,",
    "gear/cane,3,0,",
    "gear/cane,,10,nobody knows",
  ].join("\n");
  expect(codes(text)).toEqual({
    prices: [{ item: "packet/kale", minor: 170, size: 1.5 }],
    faults: [
      [3, "item-twice"],
      [4, "item-unknown"],
      [5, "not-an-amount"],
      [6, "not-an-amount"],
      [7, "zero"],
    ],
  });
  expect(codes("a,b\n1,2")).toBe("file-columns");
  expect(codes('item,price\n"packet/kale,1')).toBe("file-broken");
  const read = readPriceList(text, ITEMS, "EUR");
  if ("code" in read) throw new Error(read.code);
  expect(parse(faultsToCsv(read.faults), { columns: true })[2]).toMatchObject({
    line: "5",
    size: "'-20",
    note: "a sack of less than nothing",
  });
});
