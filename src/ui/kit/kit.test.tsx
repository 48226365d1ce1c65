import { fireEvent } from "@testing-library/react";
import { expect, it } from "vitest";
import { pricesBy } from "@/core/money";
import type { PlainSetting } from "@/core/setting";
import { findClimate, findMix } from "@/library";
import { planOf, planting } from "@/testing/garden";
import { show } from "@/testing/screen";
import { Kit, type KitProps } from "./kit";

const setting: PlainSetting = {
  climate: findClimate("larkmouth")!,
  mix: findMix("potting-mix-and-manure")!,
  sunHours: 7,
  floorM2: 4,
  prices: pricesBy([{ item: "bag/round-15-gal", minor: 590, size: 1 }]),
};
const plan = planOf("round-15-gal", planting(10, "pepper/hot", "2026-05-25", { method: "bought" }));
const screen = (more: Partial<KitProps> = {}) =>
  show(
    <Kit
      householdId="h"
      title="Kit"
      today="2026-05-18"
      plan={{ ...plan, bags: plan.bags.map((b) => ({ ...b, atHand: false })) }}
      setting={setting}
      overrides={[]}
      records={[]}
      {...more}
    />,
  );

it("lists what to buy with its cost and what nobody priced, the heap by buckets, and what each bag takes with its caution", () => {
  const { text, getByRole } = screen();
  expect(getByRole("table", { name: "To buy" }).textContent).toContain("€5.90");
  expect(text()).toContain("In all, without 5 things that nobody has priced€5.90");
  expect(text()).toMatch(/A heap of \d+ L, potting mix and manure, topping up counted: \d bucket/);
  expect(text()).toMatch(/potting mix\d+ L · .*aged manure\d+ L · /);
  expect(text()).toContain("Raw manure stays out of a bag from 120 days");
  expect(text()).toMatch(/\d+ L of potting mix and manure: \d buckets; 4\.9 L more once it has settled/);
  expect(text()).toMatch(/fill it where it stands/);
});

it("says how far a heap goes, and what is wrong with what is no amount", () => {
  const { text, getByLabelText } = screen();
  const have = getByLabelText(/How far does a heap go/);
  fireEvent.change(have, { target: { value: "120 L" } });
  expect(text()).toMatch(/2 × fabric 15 gal, and \d+ L is left/);
  fireEvent.change(have, { target: { value: "-20 L" } });
  expect(have.getAttribute("aria-invalid")).toBe("true");
  fireEvent.change(have, { target: { value: "" } });
  expect(have.getAttribute("aria-invalid")).not.toBe("true");
});

it("asks for crops where nothing is planned, and for nothing where all is on record", () => {
  expect(
    screen({ plan: { bags: [], rows: [] } })
      .getByRole("link")
      .getAttribute("href"),
  ).toBe("/house/h/match");
  const { text, getByRole } = screen({
    setting: { ...setting, happened: { [plan.rows[0]!.plantings[0]!.id]: { sownOn: "2026-05-18" } } },
  });
  // Feed for what stands is all that is left.
  expect(getByRole("table", { name: "To buy" }).querySelectorAll("tbody tr")).toHaveLength(1);
  expect(text()).toContain("Every bag is full.");
});

it("says what another sack gives instead, and tells what feeds nothing", () => {
  const { text, getByLabelText } = screen();
  const sack = getByLabelText("N-P-K");
  fireEvent.change(sack, { target: { value: "10-5-0" } });
  expect(text()).toMatch(/Instead of each spoon of organic granules 5-5-5: 0\.5 of it/);
  fireEvent.change(getByLabelText("Counted by"), { target: { value: "k" } });
  expect(text()).toContain("It carries none of that");
  fireEvent.change(sack, { target: { value: "0-0-0" } });
  expect(text()).toContain("A feed of 0-0-0 feeds nothing.");
  expect((sack as HTMLInputElement).value).toBe("0-0-0");
});
