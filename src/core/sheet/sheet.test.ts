import { describe, expect, it } from "vitest";
import { id, planOf, planting, settingWith } from "@/testing/garden";
import { addDays } from "../day";
import { assessGarden } from "../garden";
import type { Plan } from "../plan";
import type { PlainSetting } from "../setting";
import { sheetOf } from ".";

const TODAY = "2026-05-18";
const sheet = (plan: Plan, more: Partial<PlainSetting> = {}, today = TODAY) => {
  const setting = settingWith({ openSky: 0.9, ...more });
  return sheetOf(assessGarden(plan, setting), [], { setting, today });
};
const chard = planting(10, "chard/leaf", "2026-05-10", { method: "bought", plants: 3 });
const radish = planting(11, "radish/root", "2026-09-01", { plants: 9 });

describe("the page that a household keeps", () => {
  it("tells the tasks of eight weeks by their day, and leaves out what is done every day", () => {
    const { tasks } = sheet(planOf("round-10-gal", chard, radish));
    expect(tasks.length).toBeGreaterThanOrEqual(2);
    expect(tasks.every(({ from }) => from <= addDays(TODAY, 56))).toBe(true);
    expect(tasks.map(({ from }) => from)).toEqual(tasks.map(({ from }) => from).sort());
    expect(tasks.some(({ kind }) => kind === "water" || kind === "mist" || kind === "vent")).toBe(false);
    expect(tasks.some(({ plantingId }) => plantingId === id(11))).toBe(false);
  });

  it("tells water for three months, at least weekly, and none where nothing drinks", () => {
    const [row] = sheet(planOf("round-10-gal", chard)).rows;
    expect(row!.water.map(({ month }) => month)).toEqual(
      ["2026-05-01", "2026-06-01", "2026-07-01"].filter((m) => row!.water.some(({ month }) => month === m)),
    );
    expect(row!.water.length).toBeGreaterThanOrEqual(2);
    for (const { litres, everyDays } of row!.water) {
      expect(litres).toBeGreaterThan(0);
      expect(everyDays).toBeLessThanOrEqual(7);
      // A time never brings more than the bag's soil can hold.
      expect(litres).toBeLessThan(row!.view.soilL);
    }
    expect(sheet(planOf("round-10-gal")).rows[0]!.water).toEqual([]);
  });

  it("asks for more water in July than in May, as the plant and the days grow", () => {
    const [row] = sheet(planOf("round-10-gal", chard)).rows;
    const daily = row!.water.map(({ litres, everyDays }) => litres / everyDays);
    expect(daily.at(-1)!).toBeGreaterThan(daily[0]!);
  });

  it("holds what will be picked in its weeks, each once, and what has ended no more", () => {
    const twice = planOf("round-10-gal", chard, planting(12, "chard/leaf", "2026-05-24"));
    expect(sheet(twice).goals.filter((goal) => goal.id === "chard/leaf").length).toBeLessThanOrEqual(1);
    const over = sheet(planOf("round-10-gal", chard), {
      happened: { [id(10)]: { sownOn: "2026-03-01", endedOn: "2026-05-10" } },
    });
    expect([over.rows[0]!.plantings, over.goals]).toEqual([[], []]);
  });
});
