import {
  addDays as addTo,
  addMonths as addMonthsTo,
  differenceInCalendarDays,
  formatISO,
  isValid,
  parseISO,
  startOfMonth,
} from "date-fns";

/** A calendar date as ISO 8601 text, `2026-05-18`: never a time, never a zone. */
export type Day = string;

const EPOCH = new Date(1970, 0, 1);

/** The same few hundred days are asked for millions of times, and reading one takes long; the calendar holds 110 000. */
const numbers = new Map<Day, number>();
const days = new Map<number, Day>();

const textOf = (date: Date): Day => formatISO(date, { representation: "date" });

/** Days since 1970-01-01; undefined for what is no date of the calendar. */
function numberOf(text: string): number | undefined {
  const known = numbers.get(text);
  if (known !== undefined) return known;
  if (!/^(19|20|21)\d\d-\d\d-\d\d$/.test(text)) return undefined;
  const date = parseISO(text);
  if (!isValid(date)) return undefined;
  const number = differenceInCalendarDays(date, EPOCH);
  numbers.set(text, number);
  return number;
}

/**
 * Days since 1970-01-01, for arithmetic.
 *
 * @throws {RangeError} when `day` is no date of the calendar
 * @example dayNumber("1970-01-02") // 1
 */
export function dayNumber(day: Day): number {
  const number = numberOf(day);
  if (number === undefined) throw new RangeError(`not a date: ${day}`);
  return number;
}

/** The calendar's day at a moment by the clocks of a time zone, or by the computer's own when none is named. @param timeZone as in `Europe/Lisbon` */
export const dayAt = (moment: Date, timeZone?: string): Day =>
  // Sweden writes dates as ISO 8601 does.
  new Intl.DateTimeFormat("sv-SE", { timeZone, dateStyle: "short" }).format(moment);

/** The day with a number, see `dayNumber`; fractions are rounded. */
export function dayOf(number: number): Day {
  const whole = Math.round(number);
  const known = days.get(whole);
  if (known !== undefined) return known;
  const day = textOf(addTo(EPOCH, whole));
  days.set(whole, day);
  return day;
}

/** The day so many days later; earlier for fewer than none. */
export const addDays = (day: Day, days: number): Day => dayOf(dayNumber(day) + days);

/** Days from `from` to `to`; negative when `to` is earlier. */
export const daysBetween = (from: Day, to: Day): number => dayNumber(to) - dayNumber(from);

/** The same day some months later, or the last of a month that is too short for it: a month after 31 January is 28 February. */
export const addMonths = (day: Day, months: number): Day => textOf(addMonthsTo(parseISO(day), months));

/** The first day of the month that lies `add` months after that of a day. */
export const monthStart = (day: Day, add = 0): Day => textOf(addMonthsTo(startOfMonth(parseISO(day)), add));

/** 1 January 2024, from which years are counted in steps of 365.25 days. */
const YEAR_START = 19_723;

/** Which day of the year a day number is, 0 to 365, for tables of a usual year. */
export const yearDay = (number: number): number =>
  Math.floor((((number - YEAR_START) % 365.25) + 365.25) % 365.25);

/** Whether `text` is a date that the calendar has, between 1900 and 2199. */
export const isDay = (text: string): boolean => numberOf(text) !== undefined;

/** The day of the week, 0 for Monday. 1970-01-01 was a Thursday. */
const weekdayOf = (day: Day): number => (((dayNumber(day) + 3) % 7) + 7) % 7;

/** The Monday of the week that a day is in. */
export const mondayOf = (day: Day): Day => addDays(day, -weekdayOf(day));

/** The last such day of the week before a day, 0 for Monday: never that day itself. */
export const lastWeekday = (day: Day, weekday: number): Day =>
  addDays(day, -((weekdayOf(day) - weekday + 7) % 7 || 7));
