import { describe, expect, it } from "vitest";
import { findClimate } from "@/library";
import { dayOfWeather, evaporationFactor, type Weather, WeatherDay, WeatherReport } from ".";

const climate = findClimate("larkmouth")!;
const day = (on: string, nightC: number, dayC: number): WeatherDay => ({
  ...{ day: on, nightC, dayC, rainMm: 0, windMS: 2 },
});
const weather = (...days: WeatherDay[]): Weather => ({ days, askedAt: "2026-07-10T06:00:00Z", isOld: false });

describe("what the air draws on a day", () => {
  it("is as usual where nobody knows the weather of that day", () => {
    expect(evaporationFactor(undefined, climate, "2026-07-10")).toBe(1);
    expect(evaporationFactor(weather(day("2026-07-11", 15, 25)), climate, "2026-07-10")).toBe(1);
  });

  it("is more on a hotter day and less on a cooler one, within what weather does", () => {
    const at = (nightC: number, dayC: number) =>
      evaporationFactor(weather(day("2026-07-10", nightC, dayC)), climate, "2026-07-10");
    const [cool, hot] = [at(12, 18), at(24, 38)];
    expect(cool).toBeLessThan(1);
    expect(hot).toBeGreaterThan(1);
    // A heat wave draws half as much again or double, not ten times.
    expect(hot).toBeLessThan(3);
    expect(cool).toBeGreaterThan(0.1);
  });
});

describe("what a weather service says", () => {
  it("is found by its day", () => {
    const report = weather(day("2026-07-10", 15, 25), day("2026-07-11", 16, 27));
    expect(dayOfWeather(report, "2026-07-11")?.dayC).toBe(27);
    expect(dayOfWeather(report, "2026-07-12")).toBeUndefined();
  });

  it("is refused where it cannot be: a night warmer than its day, rain below nothing, a day that is none, no day at all", () => {
    const good = day("2026-07-10", 15, 25);
    expect(WeatherDay.safeParse(good).success).toBe(true);
    for (const bad of [
      { ...good, nightC: 30 },
      { ...good, rainMm: -1 },
      { ...good, day: "2026-02-30" },
      { ...good, dayC: Number.NaN },
      { ...good, extra: 1 },
    ])
      expect(WeatherDay.safeParse(bad).success).toBe(false);
    expect(WeatherReport.safeParse({ days: [] }).success).toBe(false);
  });
});
