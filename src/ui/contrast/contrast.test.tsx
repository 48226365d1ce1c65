import { fireEvent } from "@testing-library/react";
import { expect, it } from "vitest";
import type { PlainSetting } from "@/core/setting";
import { findClimate, findMix, MIXES } from "@/library";
import { planOf, planting } from "@/testing/garden";
import { show } from "@/testing/screen";
import { Contrast } from "./contrast";

const setting: PlainSetting = {
  climate: findClimate("larkmouth")!,
  mix: findMix("potting-mix")!,
  mixes: MIXES,
  sunHours: 7,
  floorM2: 4,
};
const screen = (plan = planOf("round-7-gal", planting(10, "chard/leaf", "2026-05-20", { plants: 3 }))) =>
  show(
    <Contrast title="What one change does" today="2026-05-18" plan={plan} setting={setting} overrides={[]} />,
  );
type Shown = ReturnType<typeof screen>;
/** The two figures of a line of the first table. */
const line = (shown: Shown, name: string) => {
  const row = [...shown.getAllByRole("table")[0]!.querySelectorAll("tbody tr")].find(
    (tr) => tr.querySelector("th")?.textContent === name,
  );
  return [...row!.querySelectorAll("td")].map((td) => td.textContent);
};

it("holds a bag against one of another size, in numbers, and says why they differ", () => {
  const shown = screen();
  const [own, other] = line(shown, "soil");
  expect(own).not.toBe(other);
  expect(shown.text()).toContain("More soil holds more water and feeds more root");
});

it("changes one thing and nothing else", () => {
  const shown = screen();
  fireEvent.change(shown.getByLabelText("What is changed"), { target: { value: "sun" } });
  const [soil, otherSoil] = line(shown, "soil");
  expect(soil).toBe(otherSoil);
  expect(new Set(line(shown, "weight when wet")).size).toBe(1);
  const [harvest, shaded] = line(shown, "harvest");
  expect(harvest).not.toBe(shaded);
  // A mix weighs otherwise and gives the same.
  fireEvent.change(shown.getByLabelText("What is changed"), { target: { value: "mix" } });
  expect(new Set(line(shown, "harvest")).size).toBe(1);
  expect(new Set(line(shown, "weight when wet")).size).toBe(2);
});

it("says so where nothing is planned, and still weighs the ways of growing for the place", () => {
  const shown = screen({ bags: [], rows: [] });
  expect(shown.text()).toContain("Plan a bag first");
  expect(shown.getAllByRole("table").length).toBeGreaterThanOrEqual(1);
  expect(shown.text()).not.toMatch(/NaN|undefined/);
});
