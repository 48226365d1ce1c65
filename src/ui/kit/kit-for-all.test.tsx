import { act, fireEvent } from "@testing-library/react";
import { beforeEach, expect, it, vi } from "vitest";
import { poolOf } from "@/core/kit";
import { pricesBy } from "@/core/money";
import { show } from "@/testing/screen";
import { KitForAll } from "./kit-for-all";

const NEEDS = [
  { item: "bag/round-7-gal", amounts: [1, 2] },
  { item: "mix/potting-mix", amounts: [20, 20] },
  { item: "packet/kale", amounts: [0.02, 1] },
  { item: "piece/tomato", amounts: [3] },
];
const PRICES = pricesBy([
  { item: "bag/round-7-gal", minor: 380, size: 1 },
  { item: "mix/potting-mix", minor: 790, size: 45 },
  { item: "packet/kale", minor: 160, size: 2 },
]);
const parcel = (code: string, name: string, lines: { item: string; amount: number }[]) => ({
  householdId: code,
  code,
  name,
  lines,
});

const REST = {
  stock: {},
  groups: [],
  saveStock: async () => ({ ok: true as const, value: null }),
  askPrint: async () => ({ ok: true as const, value: { id: "p" } }),
};
beforeEach(() => void vi.stubGlobal("fetch", async () => Response.json({})));

it("orders once for all in whole packs, tells what that saves, and packs each household's own", () => {
  const { text, getByRole, getAllByRole } = show(
    <KitForAll
      {...REST}
      order={poolOf(NEEDS, 2, PRICES)}
      parcels={[
        parcel("01", "Orvane", [
          { item: "bag/round-7-gal", amount: 1 },
          { item: "packet/kale", amount: 0.02 },
        ]),
        parcel("02", "Tellick", [{ item: "mix/potting-mix", amount: 20 }]),
      ]}
      page={1}
      pages={2}
    />,
  );
  // Together: three bags, one sack, one packet. Alone: three bags, two sacks, two packets.
  const [together, alone] = [3 * 380 + 790 + 160, 3 * 380 + 2 * 790 + 2 * 160];
  expect(text()).toContain(`Bought together €${(together / 100).toFixed(2)}`);
  expect(text()).toContain(`€${((alone - together) / 100).toFixed(2)} less`);
  const rows = [...getByRole("table").querySelectorAll("tbody tr")].map((row) =>
    [...row.children].map((cell) => cell.textContent),
  );
  expect(rows).toContainEqual(["potting mix", "40 L", "", "1 × 45 L", "€7.90"]);
  expect(rows).toContainEqual(["seed: kale", "1 g", "", "1 × 2 g", "€1.60"]);
  expect(rows).toContainEqual(["plants, sets or cuttings: tomato", "3", "", "–", "no price"]);
  expect(text()).toContain("In all, without one thing that nobody has priced");
  expect(text()).toContain("01 Orvane1 fabric 7 gala pinch seed: kale");
  expect(getAllByRole("link").map((a) => a.getAttribute("href"))).toContain("/kit?page=2");
});

it("says that nothing is left where every household has all", () => {
  const { text } = show(
    <KitForAll {...REST} order={poolOf([], 0, PRICES)} parcels={[]} page={1} pages={1} />,
  );
  expect(text()).toContain("Nothing is left to buy.");
});

it("counts off what is in store, keeps what is typed, and says what is no amount", async () => {
  const saveStock = vi.fn(async () => ({ ok: true as const, value: null }));
  const stock = { "mix/potting-mix": 45, "piece/tomato": 1 };
  const { getByLabelText, getByRole } = show(
    <KitForAll
      {...REST}
      stock={stock}
      saveStock={saveStock}
      order={poolOf(NEEDS, 2, PRICES, stock)}
      parcels={[]}
      page={1}
      pages={1}
    />,
  );
  const rows = [...getByRole("table").querySelectorAll("tbody tr")].map((row) => row.textContent);
  expect(rows.find((row) => row?.startsWith("potting mix"))).toBe("potting mix40 Lenough");
  const field = getByLabelText("In store: seed: kale");
  fireEvent.change(field, { target: { value: "-3" } });
  await act(async () => void fireEvent.blur(field));
  expect(field.getAttribute("aria-invalid")).toBe("true");
  expect(saveStock).not.toHaveBeenCalled();
  fireEvent.change(field, { target: { value: "1,5" } });
  await act(async () => void fireEvent.blur(field));
  expect(saveStock).toHaveBeenCalledWith("packet/kale", 1.5);
});
