import { act, fireEvent } from "@testing-library/react";
import { beforeEach, expect, it, vi } from "vitest";
import { tasksOf } from "@/core/days";
import { assessGarden } from "@/core/garden";
import type { GardenRecord } from "@/core/record";
import { type PlainSetting, settingFrom } from "@/core/setting";
import { findClimate, findMix, SHIPPED } from "@/library";
import { id, planOf, planting } from "@/testing/garden";
import { show } from "@/testing/screen";
import { wordsFor } from "@/ui/words/words-for";
import { calendarEntries } from "./calendar-entries";
import { Days, type DaysProps } from "./days";

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
  expect(sections.filter((name) => name !== null).slice(0, 4)).toEqual(["Weather", "Water", "Late", "Now"]);
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
  expect(text()).toContain("Somebody who looks in beats all of it.");
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

it("counts a record that waits on the device for one task, and not for all of its kind", async () => {
  const lost: DaysProps["store"] = async () => ({ ok: false, problem: { code: "offline" } });
  const { getAllByRole, getByRole, text } = screen(lost);
  const done = () => getAllByRole("listitem").filter((li) => li.textContent?.includes("✓ Done")).length;
  const before = done();
  await act(async () => void fireEvent.click(getByRole("button", { name: /^Done Sow radish/ })));
  expect(done()).toBe(before + 1);
  expect(text()).toContain("Stored: Sow radish");
});

it("tells a calendar what is to come, what is late on today, and no watering", () => {
  const plain = settingFrom(setting, SHIPPED);
  const garden = assessGarden(plan, plain);
  const records = [{ plantingId: id(10), rowId: null, kind: "sown" as const, days: ["2026-05-10"] }];
  const tasks = tasksOf(garden, records, { setting: plain, today: TODAY });
  expect(tasks.some((task) => task.kind === "water")).toBe(true);
  const entries = calendarEntries(tasks, garden, TODAY, wordsFor("metric", "EUR"));
  expect(entries.some((e) => e.title.includes("Water"))).toBe(false);
  expect(entries.every((e) => e.on >= TODAY)).toBe(true);
  const sow = entries.find((e) => e.title === "1 tub 80 L, drilled: Sow radish")!;
  expect(sow).toMatchObject({ on: TODAY, id: `${id(11)}/sow` });
  expect(sow.text).toMatch(/sown in drills, \d+ seeds.*\nuntil Tue, 7 Jul 2026/);
});
