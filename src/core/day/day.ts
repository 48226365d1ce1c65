/** A calendar date as ISO 8601 text, `2026-05-18`: never a time, never a zone. */
export type Day = string;

const MS_A_DAY = 86_400_000;

/** Days since 1970-01-01, for arithmetic. @throws {RangeError} when `day` is no date of the calendar. */
export function dayNumber(day: Day): number {
  if (!isDay(day)) throw new RangeError(`not a date: ${day}`);
  return Date.parse(`${day}T00:00:00Z`) / MS_A_DAY;
}

export const dayOf = (number: number): Day => new Date(Math.round(number) * MS_A_DAY).toISOString().slice(0, 10);

export const addDays = (day: Day, days: number): Day => dayOf(dayNumber(day) + days);

/** Days from `from` to `to`; negative when `to` is earlier. */
export const daysBetween = (from: Day, to: Day): number => dayNumber(to) - dayNumber(from);

/** Whether `text` is a date that the calendar has, between 1900 and 2199. */
export function isDay(text: string): boolean {
  if (!/^(19|20|21)\d\d-\d\d-\d\d$/.test(text)) return false;
  const time = Date.parse(`${text}T00:00:00Z`);
  return Number.isFinite(time) && new Date(time).toISOString().startsWith(text);
}
