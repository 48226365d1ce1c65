import { FEEDS } from "../feed";
import * as fc from "fast-check";
import { expect, it } from "vitest";
import { BAG_KINDS, CROPS, MIXES } from "@/library";
import { amountText, fromMinor, marketMinor, Price, pricedItems, pricesBy, shoppingOf, toMinor } from ".";
import { poolOf } from "../kit";

const list = [
  { item: "packet/kale", minor: 170, size: 1.5 },
  { item: "bag/round-5-gal", minor: 320, size: 1 },
  { item: "mix/potting-mix", minor: 790, size: 45 },
  { item: "market/kale", minor: 380, size: 1 },
];
const prices = pricesBy(list);

it("buys each thing once, in whole packs, and says what nobody priced", () => {
  const shopping = shoppingOf(
    [
      { item: "packet/kale", amount: 0.9 },
      { item: "packet/kale", amount: 0.6 },
      { item: "bag/round-5-gal", amount: 2 },
      { item: "mix/potting-mix", amount: 46 },
      { item: "packet/okra", amount: 3 },
      { item: "piece/leek", amount: 0 },
    ],
    prices,
  );
  // 1.5 g is one packet and not two; 46 L are two sacks of 45.
  expect(shopping.lines.map((l) => l.packs)).toEqual([1, 2, 2, undefined]);
  expect(shopping).toMatchObject({ minor: 170 + 640 + 1580, unpriced: 1 });
});

it("counts what is bought together by the share that is taken, and all else by the pack", () => {
  const wanted = [
    { item: "packet/kale", amount: 0.3 },
    { item: "mix/potting-mix", amount: 9 },
    { item: "bag/round-5-gal", amount: 1 },
  ];
  const seed = shoppingOf(wanted, pricesBy(list, ["packet"]));
  // A fifth of a packet, a whole sack, a bag.
  expect(seed.lines.map((l) => l.packs)).toEqual([0.3 / 1.5, 1, 1]);
  expect(seed.minor).toBeCloseTo(34 + 790 + 320, 9);
  expect([seed.shared, shoppingOf(wanted, prices).shared]).toEqual([true, false]);
  expect(shoppingOf(wanted, pricesBy(list, ["packet", "mix"])).minor).toBeCloseTo(34 + 158 + 320, 9);
});

it("pools what many need: one packet does for five, and nobody pays more together than alone", () => {
  const five = [{ item: "packet/kale", amounts: [0.3, 0.3, 0.3, 0.3, 0.3] }];
  expect(poolOf(five, 5, prices)).toMatchObject({
    forAll: { minor: 170 },
    packs: 1,
    aloneMinor: 5 * 170,
    sharers: 5,
  });
  const amounts = fc.array(fc.double({ min: 0.01, max: 200, noNaN: true }), { minLength: 1, maxLength: 6 });
  fc.assert(
    fc.property(amounts, amounts, (kale, mix) => {
      const together = pricesBy(list, ["packet", "mix"]);
      const needs = [
        { item: "packet/kale", amounts: kale },
        { item: "mix/potting-mix", amounts: mix },
      ];
      const shares = needs.flatMap(({ item, amounts: own }) =>
        own.map((amount) => shoppingOf([{ item, amount }], together).minor),
      );
      const { forAll, aloneMinor } = poolOf(needs, 6, together);
      // Shares never come to more than the whole packs, and those to no more than everyone's own.
      expect(shares.reduce((a, b) => a + b, 0)).toBeLessThanOrEqual(forAll.minor + 1e-6);
      expect(forAll.minor).toBeLessThanOrEqual(aloneMinor);
    }),
  );
});

it("asks the market by the kilogram, and does not guess", () => {
  expect(marketMinor(prices, "kale", 250)).toBeCloseTo(95, 9);
  expect(marketMinor(prices, "okra", 250)).toBeUndefined();
});

it("keeps minor units by currency, ISO 4217", () => {
  expect([toMinor(4.5, "EUR"), toMinor(450, "JPY"), toMinor(1.234, "KWD")]).toEqual([450, 450, 1234]);
  expect(amountText(450, "EUR")).toBe("4.50");
  expect(fromMinor(toMinor(0.29, "USD"), "USD")).toBe(0.29);
});

it("names everything that can be priced once, and refuses other names", () => {
  const items = pricedItems({ bagKinds: BAG_KINDS, mixes: MIXES, feeds: Object.values(FEEDS), crops: CROPS });
  expect(new Set(items.map((i) => i.item)).size).toBe(items.length);
  for (const { item, usualSize } of items)
    expect(Price.safeParse({ item, minor: 1, size: usualSize }).success, item).toBe(true);
  for (const bad of [{ item: "moon/rock" }, { minor: -1 }, { minor: 0.5 }, { size: 0 }])
    expect(Price.safeParse({ item: "bag/cup", minor: 1, size: 1, ...bad }).success).toBe(false);
});
