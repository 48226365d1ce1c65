import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import { describe, expect, it } from "vitest";
import { normalsFromDaily, readNormals, temperatures, TownClimate } from ".";
import { dayNumber } from "../day";

const TWELVE = [8, 8, 9.5, 11, 14, 17.5, 20, 20.5, 18.5, 15.5, 11.5, 9];

describe("twelve normals as they are typed or pasted", () => {
  it.each([
    ["8 8 9.5 11 14 17.5 20 20.5 18.5 15.5 11.5 9"],
    ["8, 8, 9.5, 11, 14, 17.5, 20, 20.5, 18.5, 15.5, 11.5, 9"],
    ["8\t8\t9,5\t11\t14\t17,5\t20\t20,5\t18,5\t15,5\t11,5\t9"],
    ["8;8;9.5;11;14;17.5;20;20.5;18.5;15.5;11.5;9"],
    ["46.4 46.4 49.1 51.8 57.2 63.5 68 68.9 65.3 59.9 52.7 48.2 °F"],
  ])("%s", (text) => {
    const read = readNormals(text);
    expect(read.ok && read.value.map((v) => Number(v.toFixed(6)))).toEqual(TWELVE);
  });

  it.each([
    ["8 8 9.5 11 14 17.5 20 20.5 18.5 15.5 11.5", { code: "months-count", count: 11 }],
    ["8 8 warm 11 14 17 20 20 18 15 11 9", { code: "not-a-number", understood: "warm" }],
    ["", { code: "empty" }],
    ["8 8 9 11 14 17 20 200 18 15 11 9", { code: "too-large", understood: "200" }],
  ])("refuses %j", (text, problem) => {
    expect(readNormals(text)).toEqual({ ok: false, problem });
  });

  it("refuses a climate of eleven months, and nights warmer than their days", () => {
    const good = {
      latitude: 37,
      longitude: 10,
      timeZone: "",
      place: "Larkmouth",
      origin: "typed",
      lowC: TWELVE,
      highC: TWELVE.map((t) => t + 8),
    };
    expect(TownClimate.safeParse(good).success).toBe(true);
    expect(TownClimate.safeParse({ ...good, lowC: TWELVE.slice(1) }).error?.issues[0]).toMatchObject({
      path: ["lowC"],
      message: "not-twelve",
    });
    expect(TownClimate.safeParse({ ...good, lowC: TWELVE.map((t) => t + 9) }).error?.issues[0]).toMatchObject(
      { path: ["lowC"], message: "low-above-high" },
    );
  });
});

describe("a daily weather file", () => {
  // Seattle 2012 to 2015, US Government data, from the package vega-datasets.
  const file = readFileSync(
    createRequire(import.meta.url).resolve("vega-datasets/data/seattle-weather.csv"),
    "utf8",
  );

  it("gives the normals of Seattle's four years, near those that are published for thirty", () => {
    const report = normalsFromDaily(file);
    if ("code" in report) throw new Error(String(report.code));
    expect(report).toMatchObject({
      days: 1461,
      years: 4,
      gapDays: 0,
      faulty: 0,
      unit: "C",
      columns: { date: "date", low: "temp_min", high: "temp_max", rain: "precipitation" },
    });
    // The same normals: rain of December 145, of July 15 mm; a year has about 950 mm on some 150 days (from memory).
    const sum = (months: readonly number[] | undefined) => months!.reduce((a, b) => a + b, 0);
    expect(report.rainMm![6]!).toBeLessThan(30);
    expect(report.rainMm![11]!).toBeGreaterThan(100);
    expect(Math.abs(sum(report.rainMm) / 950 - 1)).toBeLessThan(0.25);
    expect(Math.abs(sum(report.wetDays) - 150)).toBeLessThan(30);
    // NOAA normals 1991 to 2020 of the same airport, from memory: days of January 8.9, of July 26.7, nights of July 14.0 °C.
    expect(Math.abs(report.highC[0]! - 8.9)).toBeLessThan(1.5);
    expect(Math.abs(report.highC[6]! - 26.7)).toBeLessThan(1.5);
    expect(Math.abs(report.lowC[6]! - 14)).toBeLessThan(1.5);
  });

  it("keeps a year's warmth: the degree days of its normals are nearly those of its days", () => {
    const [head, ...lines] = file.trim().split("\n");
    const report = normalsFromDaily([head, ...lines.filter((l) => l.startsWith("2012"))].join("\n"));
    if ("code" in report) throw new Error(String(report.code));
    const { lowC, highC } = report;
    const at = temperatures({ id: "seattle-2012", latitude: 47.4, lowC, highC });
    const start = dayNumber("2012-01-01");
    let degreeDays = 0;
    for (let n = start; n < start + 366; n++) degreeDays += Math.max(0, at(n).meanC - 10);
    // Day by day, the file's own come to 1133.4 above 10 °C; means lose the warm days of cool months.
    expect(degreeDays).toBeLessThan(1133.4);
    expect(degreeDays).toBeGreaterThan(0.9 * 1133.4);
  });

  it("reports gaps, unusable lines, and months that have too few days", () => {
    const lines = file.trim().split("\n");
    const holes = [
      ...lines.slice(0, 10),
      "2012-01-99,0,5,1,2,rain",
      "2012-01-10,0,,1,2,rain",
      "2012-01-11,0,1,9,2,rain",
      ...lines.slice(40),
    ].join("\n");
    const report = normalsFromDaily(holes);
    if ("code" in report) throw new Error(String(report.code));
    expect(report.faults.map((f) => [f.line, f.problem.code])).toEqual([
      [11, "not-a-date"],
      [12, "weather-gap"],
      [13, "low-above-high"],
    ]);
    expect(report.gapDays).toBe(30);
    expect(normalsFromDaily(lines.slice(0, 200).join("\n"))).toMatchObject({ code: "month-bare", month: 7 });
    expect(normalsFromDaily("date,rain\n2012-01-01,5\n")).toEqual({
      code: "weather-columns",
      missing: "lowest, highest",
    });
  });

  it("lets no code for a missing reading shift a mean or turn the file to Fahrenheit", () => {
    const lines = file.trim().split("\n");
    const with_ = (line: string, high: string, low: string) => {
      const [d, p, , , ...rest] = line.split(",");
      return [d, p, high, low, ...rest].join(",");
    };
    const coded = lines
      .map((l, i) =>
        i > 0 && i % 50 === 0
          ? with_(l, "99.9", "-99.9")
          : i > 0 && i % 70 === 0
            ? with_(l, "-9999", "-9999")
            : i === 33
              ? with_(l, "612", "5")
              : l,
      )
      .join("\n");
    const [whole, report] = [normalsFromDaily(file), normalsFromDaily(coded)];
    if ("code" in whole || "code" in report) throw new Error("refused");
    expect(report.unit).toBe("C");
    // A day of July that says 5 °C below nought at night and 41 above by day is somebody's slip.
    const slipped = lines.map((l) => (l.startsWith("2013-07-09") ? with_(l, "41", "-15") : l)).join("\n");
    expect(normalsFromDaily(slipped)).toMatchObject({
      faulty: 1,
      faults: [{ problem: { code: "weather-impossible" } }],
    });
    // Of 1461 days 29 are the fiftieth, and 20 the seventieth, of which 4 are both.
    expect([report.coded, report.faulty]).toEqual([45, 46]);
    expect(report.faults.find((f) => f.line === 34)?.problem.code).toBe("weather-impossible");
    report.highC.forEach((t, i) => expect(Math.abs(t - whole.highC[i]!)).toBeLessThan(0.3));
  });

  it("takes a mapping and a unit from a person, and knows Fahrenheit by its summers", () => {
    const fahrenheit = file
      .split("\n")
      .map((l, i) => {
        const [d, p, max, min, ...rest] = l.split(",");
        return i === 0 || !max
          ? l.replace("temp_max", "A").replace("temp_min", "B")
          : [d, p, Number(max) * 1.8 + 32, Number(min) * 1.8 + 32, ...rest].join(",");
      })
      .join("\n");
    const [one, other] = [normalsFromDaily(file), normalsFromDaily(fahrenheit, { high: "A", low: "B" })];
    if ("code" in one || "code" in other) throw new Error("refused");
    expect(other.unit).toBe("F");
    other.highC.forEach((t, i) => expect(t).toBeCloseTo(one.highC[i]!, 9));
  });
});
