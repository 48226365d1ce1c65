/** A calendar date as ISO 8601 text, `2026-05-18`: never a time, never a zone. */
export type Day = string;

const MS_A_DAY = 86_400_000;

/** The same few hundred days are asked for millions of times, and reading one takes long; the calendar holds 110 000. */
const numbers = new Map<Day, number>();
const days = new Map<number, Day>();

/** Days since 1970-01-01, for arithmetic. @throws {RangeError} when `day` is no date of the calendar. */
export function dayNumber(day: Day): number {
  const known = numbers.get(day);
  if (known !== undefined) return known;
  if (!isDay(day)) throw new RangeError(`not a date: ${day}`);
  const number = Date.parse(`${day}T00:00:00Z`) / MS_A_DAY;
  numbers.set(day, number);
  return number;
}

/** The day with a number; fractions are rounded. */
export function dayOf(number: number): Day {
  const whole = Math.round(number);
  const known = days.get(whole);
  if (known !== undefined) return known;
  const day = new Date(whole * MS_A_DAY).toISOString().slice(0, 10);
  days.set(whole, day);
  return day;
}

export const addDays = (day: Day, days: number): Day => dayOf(dayNumber(day) + days);

/** Days from `from` to `to`; negative when `to` is earlier. */
export const daysBetween = (from: Day, to: Day): number => dayNumber(to) - dayNumber(from);

/** Whether `text` is a date that the calendar has, between 1900 and 2199. */
export function isDay(text: string): boolean {
  if (!/^(19|20|21)\d\d-\d\d-\d\d$/.test(text)) return false;
  const time = Date.parse(`${text}T00:00:00Z`);
  return Number.isFinite(time) && new Date(time).toISOString().startsWith(text);
}
