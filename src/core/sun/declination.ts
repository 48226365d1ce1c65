import { type Day, dayNumber } from "../day";

const RADIAN = Math.PI / 180;
/** Noon of 1 January 2000 as days since 1970-01-01: the epoch of the solar formulae. */
const EPOCH_2000 = 10_957.5;

/**
 * The sun's declination at noon UTC, in radians, good to about 0.01°.
 * Source: The Astronomical Almanac, low-precision formulae for the sun (from memory).
 */
export function solarDeclination(day: Day): number {
  const n = dayNumber(day) + 0.5 - EPOCH_2000;
  const meanLongitude = 280.46 + 0.9856474 * n;
  const anomaly = (357.528 + 0.9856003 * n) * RADIAN;
  const longitude = (meanLongitude + 1.915 * Math.sin(anomaly) + 0.02 * Math.sin(2 * anomaly)) * RADIAN;
  return Math.asin(Math.sin((23.439 - 4e-7 * n) * RADIAN) * Math.sin(longitude));
}
