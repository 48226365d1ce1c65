// @vitest-environment happy-dom
import { act, fireEvent } from "@testing-library/react";
import { beforeEach, expect, it, vi } from "vitest";
import type { GardenRecord } from "@/core/record";
import type { PlainSetting } from "@/core/setting";
import { findClimate, findMix } from "@/library";
import { id, planOf, planting } from "@/testing/garden";
import { show } from "@/testing/screen";
import { Days, type DaysProps } from "./days";

vi.mock("next/navigation", () => ({ useRouter: () => ({ refresh: vi.fn() }) }));
beforeEach(() => localStorage.clear());

const TODAY = "2026-07-10";
const plan = planOf(
  "tub-80-l",
  planting(10, "tomato/cordon", "2026-05-10", { method: "bought" }),
  planting(11, "radish/root", "2026-07-04", { plants: 9, surface: "edge" }),
);
const setting: PlainSetting = {
  climate: findClimate("larkmouth")!,
  mix: findMix("potting-mix")!,
  sunHours: 8,
  floorM2: 4,
  happened: { [id(10)]: { sownOn: "2026-05-10" } },
};
const screen = (
  store: DaysProps["store"] = vi.fn(async (_, r) => ({ ok: true as const, value: { id: r.id } })),
) => ({
  store,
  ...show(
    <Days
      householdId="h"
      title="Days"
      today={TODAY}
      plan={plan}
      setting={setting}
      overrides={[]}
      records={[{ plantingId: id(10), rowId: null, kind: "sown", days: ["2026-05-10"] }]}
      away={[{ from: "2026-07-20", to: "2026-07-30" }]}
      store={store}
    />,
  ),
});

it("puts what is late before what is due and what comes, with the amount and the caution of what is done now", () => {
  const { getAllByRole, text } = screen();
  const sections = getAllByRole("region").map((region) => region.getAttribute("aria-label"));
  expect(sections.filter((name) => name !== null).slice(0, 3)).toEqual(["Water", "Late", "Now"]);
  expect(text()).toMatch(/Sow radish 1 tub 80 L.*▲ late 3 d · sown in drills, \d+ seeds, /);
  expect(text()).toMatch(/Water.*L for one bag: (one can|\d cans) of 10 L/);
  expect(text()).toContain("Empty saucers and trays after watering");
});

it("writes a record of the planting or of the whole bag in one tap, keeps it in its place, and takes it back", async () => {
  const { store, getByRole, text } = screen();
  const press = (name: RegExp) => act(async () => void fireEvent.click(getByRole("button", { name })));
  const sent = () => vi.mocked(store).mock.calls.map(([, record]) => record as GardenRecord);
  await press(/^Done Sow radish/);
  expect(sent()[0]).toMatchObject({ plantingId: id(11), kind: "sown", on: TODAY, supersedes: null });
  expect(text()).toContain("Stored: Sow radish");
  await press(/Undo/);
  expect(sent()[1]).toMatchObject({ kind: "struck", supersedes: sent()[0]!.id });
  await press(/^All watered/);
  expect(sent()[2]).toMatchObject({ plantingId: null, rowId: plan.rows[0]!.id, kind: "watered" });
  expect(text()).toContain("No bag wants water today.");
});

it("says what a time away means for the bags: how often somebody comes, with how much", () => {
  const { text } = screen();
  expect(text()).toMatch(/20 ?– ?30 Jul: .*(one bag of 1 will not last|the bag lasts it)/);
  expect(text()).toContain("Straw or leaves on the mix");
});

it("shows a day of the month by itself, and all of them again", () => {
  const { getAllByRole, getByRole, queryByText } = screen();
  const day = getAllByRole("button", { name: /one thing|\d things/ })[0]!;
  fireEvent.click(day);
  expect(day.getAttribute("aria-pressed")).toBe("true");
  expect(queryByText("Late")).toBeNull();
  fireEvent.click(getByRole("button", { name: "All days" }));
  expect(queryByText("Late")).not.toBeNull();
});
