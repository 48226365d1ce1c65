import { fireEvent } from "@testing-library/react";
import { expect, it } from "vitest";
import type { Plan } from "@/core/plan";
import type { PlainSetting } from "@/core/setting";
import { findClimate, findGoal, findMix } from "@/library";
import * as words from "@/ui/words/en";
import { planOf, planting } from "@/testing/garden";
import { show } from "@/testing/screen";
import { OwnGarden } from "./own-garden";

const plain: PlainSetting = {
  climate: findClimate("larkmouth")!,
  mix: findMix("potting-mix")!,
  sunHours: 7,
  floorM2: 4,
};
const garden = (plan: Plan, today = "2026-05-18", settings: Partial<PlainSetting> = {}) =>
  show(
    <OwnGarden
      householdId="h"
      name="Orvane"
      today={today}
      plan={plan}
      setting={{ ...plain, ...settings }}
      overrides={[]}
      records={[]}
    />,
  );

it("says what comes in the next three weeks, the nearest first, and leads to the Log", () => {
  const { text, getByRole, getAllByRole } = garden(
    planOf(
      "tub-80-l",
      planting(10, "bush-bean/pod", "2026-05-25", { plants: 4 }),
      planting(11, "radish/root", "2026-04-25", { plants: 9, surface: "edge" }),
      planting(12, "spinach/leaf", "2026-09-01", { plants: 5 }),
    ),
  );
  const coming = getAllByRole("listitem").map((li) => li.textContent ?? "");
  expect(coming.some((c) => /25 May.*bean/i.test(c))).toBe(true);
  expect(coming.join()).not.toContain("spinach");
  expect(text()).toMatch(/First meal|Next meal/i);
  expect(getByRole("link").getAttribute("href")).toBe("/house/h/log");
});

it("says how much water a bag takes a day, and none while nothing stands in it", () => {
  const plan = planOf("round-10-gal", planting(10, "tomato/bush", "2026-03-01"));
  const summer = garden(plan, "2026-07-10");
  expect(summer.text()).toMatch(/\d(\.\d)? ?L/);
  summer.unmount();
  const before = garden(plan, "2026-01-10");
  expect(before.text()).not.toMatch(/\d L a day/);
});

it("opens a planting to its dates and to what can hurt, and changes nothing", () => {
  const { container, text, getAllByRole } = garden(
    planOf("round-20-gal", planting(10, "tomato/bush", "2026-05-01")),
  );
  const { cautions } = findGoal("tomato/bush")!.goal;
  const warning = words.cautions[cautions[0] as keyof typeof words.cautions];
  expect(text()).not.toContain(warning);
  const bar = getAllByRole("button").find((b) => b.getAttribute("aria-label")?.startsWith("tomato"))!;
  fireEvent.click(bar);
  expect(container.querySelectorAll("h3")).toHaveLength(1);
  expect(text()).toMatch(/first pick/i);
  expect(text()).toContain(warning);
  // Nothing that moves it by keys.
  expect(bar.getAttribute("aria-keyshortcuts")).toBeNull();
});
