import { expect, it } from "vitest";
import { findGoal } from "@/library";
import { byPacket } from ".";

const { goal } = findGoal("kale/leaf")!;

it("takes the days that a packet promises, spread as the library's are", () => {
  const { window } = byPacket(goal, 2 * goal.days.window.likely).days;
  expect(window).toEqual({
    low: 2 * goal.days.window.low,
    likely: 2 * goal.days.window.likely,
    high: 2 * goal.days.window.high,
  });
  // Nothing else of the goal changes, and no packet changes nothing.
  expect({ ...byPacket(goal, 40), days: goal.days }).toEqual(goal);
  expect(byPacket(goal, undefined)).toBe(goal);
});

it("promises no pick before a day, however short the packet is", () => {
  expect(byPacket(goal, 1).days.window.low).toBeGreaterThanOrEqual(1);
});
