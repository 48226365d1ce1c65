import { fireEvent, waitFor } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { show } from "@/testing/screen";
import { PriceCell } from "./price-cell";

const item = { item: "market/kale", group: "market", id: "kale", usualSize: 1 } as const;
const seen = { times: 4, low: 3.2, middle: 3.8, high: 4.5 };

it("shows what people saw it sold for, and takes the middle one with a tap", async () => {
  const save = vi.fn(async () => ({ ok: true as const, value: null }));
  const price = { item: "market/kale", minor: 350, size: 1 };
  const { getByRole, text } = show(
    <PriceCell item={item} name="kale" price={price} currency="EUR" save={save} seen={seen} />,
  );
  expect(text()).toContain("seen 4 times: €3.20 / kg to €4.50 / kg");
  fireEvent.click(getByRole("button", { name: /^Take €3.80 \/ kg for kale/ }));
  await waitFor(() => expect(save).toHaveBeenCalledWith({ item: "market/kale", minor: 380, size: 1 }));
});

it("offers nothing where the price is that already, and speaks of pounds to those who weigh so", () => {
  const price = { item: "market/kale", minor: 380, size: 1 };
  const { queryByRole, text } = show(
    <PriceCell item={item} name="kale" price={price} currency="EUR" save={vi.fn()} seen={seen} />,
    "us",
  );
  expect(queryByRole("button")).toBeNull();
  // 3.20 a kg is 1.45 for the 0.4536 kg of a pound.
  expect(text()).toContain("€1.45 / lb");
});
