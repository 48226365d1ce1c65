import Papa from "papaparse";
import { type Day, daysBetween, isDay } from "../day";
import type { Problem } from "../problem";
import { known } from "../known";

/** Which column holds what, by the file's own head line. */
export interface Columns {
  readonly date: string;
  readonly low: string;
  readonly high: string;
  /** Rain of the day; a file without it is read all the same. */
  readonly rain?: string;
}

export interface DailyReport {
  readonly lowC: number[];
  readonly highC: number[];
  /** Rain of the month, mm, and days of it on which it rains; undefined where the file has too little of it. */
  readonly rainMm?: number[];
  readonly wetDays?: number[];
  readonly columns: Columns;
  readonly unit: "C" | "F";
  readonly days: number;
  readonly years: number;
  /** Lines that could not be used, the first few, and how many in all. */
  readonly faults: readonly { readonly line: number; readonly problem: Problem }[];
  readonly faulty: number;
  /** Lines of these whose reading is a code for none. */
  readonly coded: number;
  /** Days that are missing between the first and the last. */
  readonly gapDays: number;
}

const NAMES: Record<keyof Columns, RegExp> = {
  rain: /^(rain|prec|prcp|ppt|rr$|nieder|lluvia|pluie)/i,
  date: /^(date|day|datum|fecha|time)$/i,
  low: /(min|low|tn$|tief)/i,
  high: /(max|high|tx$|hoch)/i,
};
/** What stations write where they have nothing; 99.9 can be a hot day in °F. Common practice. */
const CODES = [-99.9, -99, -999, -999.9, -9999, 999, 999.9, 9999];
const CODE_IN_C = 99.9;
/** A reading so far from the middle one of its month is no weather of it, °C. Assumption, no source. */
const OFF_MONTH_C = 30;
/** No day ever had more rain, mm: 1825 on Réunion in 1966, World Meteorological Organization (from memory). */
const WETTEST_MM = 1825;
/** A day counts as wet from 1 mm on, as weather services count. Common practice. */
const WET_MM = 1;
/** Air was never colder or hotter than this, °C: −89.2 and 56.7 are the records of the World Meteorological Organization (from memory). */
const COLDEST_C = -90;
const HOTTEST_C = 57;
/** A file whose warm days are beyond this is in °F. */
const WARM_F = 60;
const MOST_FAULTS = 20;
/** Fewer days than this in a month make no normal. */
const LEAST_DAYS = 20;

/** The columns of a head line, as far as their names tell. */
function guessColumns(fields: readonly string[]): Partial<Columns> {
  const find = (key: keyof Columns) => fields.find((f) => NAMES[key].test(f.trim()));
  return { date: find("date"), low: find("low"), high: find("high"), rain: find("rain") };
}

/** The head line of a CSV file. */
export const headOf = (text: string): string[] =>
  Papa.parse<string[]>(text.replace(/^\uFEFF/, ""), { preview: 1 }).data[0] ?? [];

const MONTH_DAYS = [31, 28.25, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];

/** The middle reading of each month, of lowest and highest together, °C: no wild one moves it. */
function monthMedians(
  read: readonly { readonly day: Day; readonly low: number; readonly high: number }[],
  celsius: (t: number) => number,
): (number | undefined)[] {
  const months = Array.from({ length: 12 }, (): number[] => []);
  for (const { day, low, high } of read)
    for (const t of [low, high])
      if (Number.isFinite(t)) months[Number(day.slice(5, 7)) - 1]?.push(celsius(t));
  return months.map((all) => all.sort((a, b) => a - b)[Math.floor(all.length / 2)]);
}

const isoDay = (text: string): string => text.trim().slice(0, 10).replaceAll("/", "-");

/**
 * Monthly normals from a daily weather file: header mapping, unit, gaps and unusable lines are all reported.
 *
 * @param mapping columns chosen by a person; what is left out is guessed
 * @param unit of the temperatures; a head that says °F or a summer above 60 decides when left out
 */
export function normalsFromDaily(
  text: string,
  mapping: Partial<Columns> = {},
  unit?: "C" | "F",
): DailyReport | Problem {
  const { data, meta } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ""), {
    header: true,
    skipEmptyLines: "greedy",
  });
  const columns = { ...guessColumns(meta.fields ?? []), ...mapping };
  const { date, low, high, rain } = columns;
  if (!date || !low || !high)
    return {
      code: "weather-columns",
      missing: [!date && "date", !low && "lowest", !high && "highest"].filter(Boolean).join(", "),
    };
  const read = data.map((row, i) => ({
    line: i + 2,
    day: isoDay(row[date] ?? ""),
    low: Number((row[low] ?? "").trim() || Number.NaN),
    high: Number((row[high] ?? "").trim() || Number.NaN),
    rain: rain === undefined ? Number.NaN : Number((row[rain] ?? "").trim() || Number.NaN),
  }));
  const rainMm = (r: number) => (rain !== undefined && /\bin(ch(es)?)?\b|_in$/i.test(rain) ? 25.4 * r : r);
  // A tenth of all days is warm: one wild reading tells nothing of the unit.
  const highs = read
    .map((r) => r.high)
    .filter((t) => Number.isFinite(t) && !CODES.includes(t) && t !== CODE_IN_C)
    .sort((a, b) => a - b);
  const warm = highs[Math.floor(0.9 * highs.length)] ?? 0;
  const inUnit = unit ?? (/f\b|fahrenheit/i.test(high) || warm > WARM_F ? "F" : "C");
  const isCode = (t: number) => CODES.includes(t) || (inUnit === "C" && t === CODE_IN_C);
  const celsius = (t: number) => (inUnit === "F" ? (t - 32) / 1.8 : t);

  const faults: { line: number; problem: Problem }[] = [];
  const seen = new Map<string, { low: number; high: number; rain?: number }>();
  const medians = monthMedians(
    read.filter((r) => isDay(r.day) && !isCode(r.high)),
    celsius,
  );
  const isOffMonth = (day: Day, t: number) =>
    Math.abs(celsius(t) - (medians[Number(day.slice(5, 7)) - 1] ?? celsius(t))) > OFF_MONTH_C;
  for (const r of read) {
    const problem: Problem | undefined = !isDay(r.day)
      ? { code: "not-a-date" }
      : !Number.isFinite(r.low) || !Number.isFinite(r.high) || isCode(r.low) || isCode(r.high)
        ? { code: "weather-gap" }
        : celsius(r.low) < COLDEST_C ||
            celsius(r.high) > HOTTEST_C ||
            isOffMonth(r.day, r.low) ||
            isOffMonth(r.day, r.high)
          ? { code: "weather-impossible" }
          : r.low > r.high
            ? { code: "low-above-high" }
            : seen.has(r.day)
              ? { code: "day-twice" }
              : undefined;
    if (problem) faults.push({ line: r.line, problem });
    else {
      const mm = rainMm(r.rain);
      const isRain = mm >= 0 && mm <= WETTEST_MM && !CODES.includes(r.rain);
      seen.set(r.day, { low: celsius(r.low), high: celsius(r.high), rain: isRain ? mm : undefined });
    }
  }
  const days = [...seen.keys()].sort();
  const sums = Array.from({ length: 12 }, () => ({ low: 0, high: 0, days: 0, rain: 0, wet: 0, measured: 0 }));
  for (const [day, t] of seen) {
    const month = known(sums[Number(day.slice(5, 7)) - 1]);
    month.low += t.low;
    month.high += t.high;
    month.days++;
    if (t.rain === undefined) continue;
    month.rain += t.rain;
    month.wet += t.rain >= WET_MM ? 1 : 0;
    month.measured++;
  }
  const bare = sums.find((m) => m.days < LEAST_DAYS);
  if (bare) return { code: "month-bare", month: sums.indexOf(bare) + 1, days: bare.days };
  const [first, last] = [known(days[0]), known(days.at(-1))];
  const span = daysBetween(first, last) + 1;
  return {
    lowC: sums.map((m) => m.low / m.days),
    highC: sums.map((m) => m.high / m.days),
    ...(sums.every((m) => m.measured >= LEAST_DAYS) && {
      rainMm: sums.map((m, i) => (m.rain / m.measured) * known(MONTH_DAYS[i])),
      wetDays: sums.map((m, i) => (m.wet / m.measured) * known(MONTH_DAYS[i])),
    }),
    columns: { date, low, high, ...(rain !== undefined && { rain }) },
    unit: inUnit,
    days: seen.size,
    years: new Set(days.map((d) => d.slice(0, 4))).size,
    faults: faults.slice(0, MOST_FAULTS),
    faulty: faults.length,
    coded: read.filter((r) => isCode(r.low) || isCode(r.high)).length,
    gapDays: Math.max(0, Math.round(span - seen.size)),
  };
}
