import { describe, expect, it } from "vitest";
import { askWeather } from "@/standins/weather";
import { findClimate, findGoal } from "@/library";
import { planOf, planting, settingWith } from "@/testing/garden";
import { addDays, type Day } from "../day";
import { assessGarden } from "../garden";
import type { Plan } from "../plan";
import type { PlainSetting } from "../setting";
import { type Weather, type WeatherDay, WeatherReport } from "../weather";
import { type DoneLine, type Task, tasksOf, warningsFor } from ".";

const TODAY = "2026-05-18";
/** A week that was and a week to come, all alike but for what is said of single days. */
function weather(usual: Partial<WeatherDay>, days: Record<number, Partial<WeatherDay>> = {}): Weather {
  return {
    askedAt: `${TODAY}T06:00:00.000Z`,
    isOld: false,
    days: Array.from({ length: 15 }, (_, i) => ({
      day: addDays(TODAY, i - 7),
      nightC: 14,
      dayC: 22,
      rainMm: 0,
      windMS: 3,
      ...usual,
      ...days[i - 7],
    })),
  };
}
const happened = (sownOn: Day, more: object = {}) => ({
  "00000000-0000-4000-8000-000000000010": { sownOn, ...more },
});
const tasks = (
  plan: Plan,
  at: Weather | undefined,
  more: Partial<PlainSetting> = {},
  records: readonly DoneLine[] = [],
) => {
  const setting = settingWith({ openSky: 0.9, ...more });
  return tasksOf(assessGarden(plan, setting), records, { setting, today: TODAY, weather: at });
};
const one = <K extends Task["kind"]>(list: readonly Task[], kind: K) =>
  list.find((task): task is Extract<Task, { kind: K }> => task.kind === kind);

describe("watering by the weather", () => {
  const plan = planOf("round-5-gal", planting(10, "tomato/bush", "2026-04-01", { method: "bought" }));
  const stands = { happened: happened("2026-04-01") };
  const watered = (on: Day): DoneLine[] => [
    { plantingId: null, rowId: plan.rows[0]!.id, kind: "watered", days: [on] },
  ];

  it("waits after a soaking rain in the open, and not under a roof", () => {
    const rain = weather({}, { [-1]: { rainMm: 30 } });
    const dry = one(tasks(plan, weather({}), stands, watered("2026-05-15")), "water")!;
    const wet = one(tasks(plan, rain, stands, watered("2026-05-15")), "water")!;
    const roofed = one(tasks(plan, rain, { ...stands, openSky: 0 }, watered("2026-05-15")), "water")!;
    expect(dry.from <= TODAY).toBe(true);
    expect(wet.from > TODAY).toBe(true);
    expect(roofed.from).toBe(dry.from);
    expect(
      warningsFor(assessGarden(plan, settingWith(stands)), rain, {
        setting: settingWith(stands),
        today: TODAY,
      })[0],
    ).toMatchObject({ code: "rain", mm: 30, isOver: true });
  });

  it("comes sooner in a heat wave, and as by normals where nobody knows the weather", () => {
    const at = (w: Weather | undefined) => one(tasks(plan, w, stands, watered(TODAY)), "water")!;
    const hot = at(weather({ nightC: 24, dayC: 38 }));
    expect(hot.from < at(weather({ nightC: 6, dayC: 12 })).from).toBe(true);
    const usual = at(undefined);
    expect(at({ ...weather({}), days: [] })).toEqual(usual);
  });
});

describe("tasks that the weather keeps back", () => {
  it("plants out once nights are as warm as the crop wants", () => {
    const plan = planOf(
      "round-10-gal",
      planting(10, "tomato/cordon", "2026-04-01", { method: "cells", plants: 1 }),
    );
    const raised = { happened: happened("2026-04-01", { upOn: "2026-04-09" }) };
    const needs = findGoal("tomato/cordon")!.crop.nights.plantOutC;
    const move = (w: Weather | undefined) => one(tasks(plan, w, raised), "move")!;
    const usual = move(undefined);
    expect(usual.heldBack).toBeUndefined();
    const cold = weather({ nightC: needs - 5 });
    expect(move(cold)).toMatchObject({ heldBack: { code: "cold-nights", is: needs - 5, needs } });
    expect(move(cold).from > usual.from).toBe(true);
    expect(move(weather({ nightC: needs }))).toEqual(usual);
    const warmer = weather(
      { nightC: needs - 5 },
      Object.fromEntries([2, 3, 4, 5, 6, 7].map((i) => [i, { nightC: needs + 5 }])),
    );
    expect(move(warmer).from <= addDays(TODAY, 3)).toBe(true);
  });

  it("sows in the bag once its soil is as warm as seed wants, and in a tray all the same", () => {
    const bean = (method: "stations" | "cells") =>
      planOf("round-10-gal", planting(10, "pea/pod", "2026-05-18", { method, plants: 3 }));
    const sow = (method: "stations" | "cells", w: Weather) => one(tasks(bean(method), w), "sow")!;
    const frozen = weather({ nightC: -4, dayC: 3 });
    expect(sow("stations", frozen).heldBack).toMatchObject({ code: "cold-soil" });
    expect(sow("cells", frozen).heldBack).toBeUndefined();
    expect(sow("stations", weather({})).heldBack).toBeUndefined();
  });

  it("feeds after a storm and not into it", () => {
    const plan = planOf("round-7-gal", planting(10, "cabbage/compact", "2026-03-20", { method: "bought" }));
    const stands = { happened: happened("2026-05-18") };
    const feed = (w: Weather) => one(tasks(plan, w, stands), "feed")!;
    const storm = weather({}, { 1: { rainMm: 40 } });
    expect(feed(weather({})).from).toBe(TODAY);
    expect(feed(storm)).toMatchObject({ from: addDays(TODAY, 2), heldBack: { code: "storm", is: 40 } });
  });
});

it("warns of frost by what stands and how young it is, of heat by crop, of wind by height", () => {
  const plan = planOf("round-10-gal", planting(10, "tomato/cordon", "2026-03-01", { method: "bought" }));
  const setting = settingWith({ happened: happened("2026-03-01") });
  const garden = assessGarden(plan, setting);
  const warn = (w: Weather) => warningsFor(garden, w, { setting, today: TODAY });
  expect(warn(weather({}))).toEqual([]);
  expect(warn(weather({}, { 2: { nightC: -2 } }))).toMatchObject([
    { code: "frost", day: addDays(TODAY, 2), nightC: -2, rows: [1] },
  ]);
  expect(warn(weather({}, { 6: { nightC: -2 } }))).toEqual([]);
  expect(warn(weather({}, { 1: { dayC: 41 } }))).toMatchObject([
    { code: "heat", goalIds: ["tomato/cordon"] },
  ]);
  expect(warn(weather({}, { 0: { windMS: 16 } })).map(({ code }) => code)).toEqual(
    garden.rows[0]!.plantings[0]!.course.canopy(20591).heightCm >= 60 ? ["wind"] : [],
  );
});

describe("the simulated service", () => {
  const asked = { climate: findClimate("larkmouth")!, on: TODAY, seed: 5 } as const;
  const mean = (days: readonly WeatherDay[], of: (day: WeatherDay) => number) =>
    days.reduce((sum, day) => sum + of(day), 0) / days.length;

  it("tells the same of a day whenever it is asked, in the shape that was agreed", async () => {
    const [now, later] = await Promise.all([
      askWeather({ ...asked, mode: "usual" }),
      askWeather({ ...asked, mode: "usual", on: addDays(TODAY, 3) }),
    ]);
    expect(WeatherReport.parse(now).days).toHaveLength(15);
    const shared = now.days.filter(({ day }) => later.days.some((at) => at.day === day));
    expect(shared.length).toBe(12);
    for (const day of shared) expect(later.days).toContainEqual(day);
  });

  it("has a cold spring, a heat wave, a wet month, and a day on which it does not answer", async () => {
    const of = async (mode: "usual" | "cold-spring" | "heat-wave" | "wet-month") =>
      (await askWeather({ ...asked, mode })).days;
    const [usual, cold, hot, wet] = await Promise.all([
      of("usual"),
      of("cold-spring"),
      of("heat-wave"),
      of("wet-month"),
    ]);
    expect(mean(cold, (d) => d.nightC)).toBeLessThan(mean(usual, (d) => d.nightC) - 4);
    expect(mean(hot, (d) => d.dayC)).toBeGreaterThan(mean(usual, (d) => d.dayC) + 6);
    expect(mean(wet, (d) => d.rainMm)).toBeGreaterThan(mean(usual, (d) => d.rainMm) + 2);
    expect(wet.some((d) => d.rainMm >= 20)).toBe(true);
    await expect(askWeather({ ...asked, mode: "failing" })).rejects.toThrow("does not answer");
  });
});
