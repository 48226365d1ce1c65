import { type Day, isDay } from "../day";
import { findWhen } from "../message";
import type { Problem } from "../problem";

/** In which order figures of a date stand: 3.5. is the third of May, or 3/5 the fifth of March. */
export type DayOrder = "day-first" | "month-first";

const FIGURES = /^(\d{1,4})[./-](\d{1,2})(?:[./-](\d{2,4}))?\.?$/;

/** What the dates of a table show of their order; undefined where all of them can be read both ways. */
export function daysIn(texts: readonly string[]): DayOrder | undefined {
  for (const text of texts) {
    const [, first = "", second = ""] = FIGURES.exec(text.trim()) ?? [];
    if (first.length > 2) continue;
    if (Number(first) > 12) return "day-first";
    if (Number(second) > 12) return "month-first";
  }
  return undefined;
}

/** A day as people write it: 2026-05-18, 18.5.26, 5/18/2026, "18 May", "yesterday". Without a year it is the last such day. */
export function readDayText(
  text: string,
  { order, today }: { readonly order: DayOrder; readonly today: Day },
): { readonly ok: true; readonly day: Day } | { readonly ok: false; readonly problem: Problem } {
  const said = text.trim();
  const problem: Problem = { code: "day-unread", understood: said.slice(0, 40) };
  const figures = FIGURES.exec(said);
  if (!figures) {
    const when = findWhen(said.toLowerCase(), today);
    return when.day !== undefined && when.rest.trim() === ""
      ? { ok: true, day: when.day }
      : { ok: false, problem };
  }
  const [, a = "", b = "", c = ""] = figures;
  const [y, m, d] = a.length > 2 ? [a, b, c] : order === "day-first" ? [c, b, a] : [c, a, b];
  const pad = (part: string) => part.padStart(2, "0");
  const of = (year: number) => `${year}-${pad(m)}-${pad(d)}`;
  const thisYear = Number(today.slice(0, 4));
  const year =
    y === ""
      ? of(thisYear) <= today
        ? thisYear
        : thisYear - 1
      : y.length > 2
        ? Number(y)
        : 2000 + Number(y);
  const day = of(year);
  return isDay(day) ? { ok: true, day } : { ok: false, problem };
}
