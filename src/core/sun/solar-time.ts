import { type Day, dayNumber } from "../day";

const MINUTE_H = 1 / 60;
const HOUR_MS = 3_600_000;

/** Where clocks are set, and how far east of Greenwich the sun passes. */
export interface ClockPlace {
  /** Degrees, east positive. */
  readonly longitude?: number;
  /** Name of its time zone, as in `Europe/Lisbon`. */
  readonly timeZone?: string;
}

/** By how many minutes a sundial is before a mean clock: its usual two sines (from memory; good to a minute). */
function equationOfTime(day: Day): number {
  const b = (2 * Math.PI * (dayNumber(day) - dayNumber(`${day.slice(0, 4)}-01-01`) - 80)) / 365;
  return 9.87 * Math.sin(2 * b) - 7.53 * Math.cos(b) - 1.5 * Math.sin(b);
}

/** Hours by which the clocks of a zone are before Greenwich about noon of a day, summer time and all. */
function offsetOn(timeZone: string, day: Day): number {
  const noon = new Date(`${day}T12:00:00Z`);
  const parts = new Intl.DateTimeFormat("en-GB", {
    timeZone,
    hour12: false,
    year: "numeric",
    month: "2-digit",
    day: "2-digit",
    hour: "2-digit",
    minute: "2-digit",
  }).formatToParts(noon);
  const part = (type: string) => parts.find((p) => p.type === type)?.value ?? "00";
  const there = Date.parse(
    `${part("year")}-${part("month")}-${part("day")}T${part("hour")}:${part("minute")}:00Z`,
  );
  return (there - noon.getTime()) / HOUR_MS;
}

/**
 * Solar time, 12 when the sun is highest, of an hour on the clock. Where nobody knows the zone and the longitude, the
 * clock is taken for the sun's.
 *
 * @param clock hours since midnight on the wall's clock
 * @returns hours since solar midnight
 */
export function solarHour(clock: number, day: Day, { longitude, timeZone }: ClockPlace): number {
  if (longitude === undefined || !timeZone) return clock;
  return clock - offsetOn(timeZone, day) + longitude / 15 + equationOfTime(day) * MINUTE_H;
}
