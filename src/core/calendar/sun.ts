import { type Day, dayOfYear } from "../day";

const RADIAN = Math.PI / 180;

/**
 * Hours from sunrise to sunset, with no allowance for refraction or the sun's width (minutes, outside polar seasons).
 * Source: FAO Irrigation and Drainage Paper 56, equations 24, 25 and 34.
 *
 * @param latitude degrees, north positive; 0 or 24 hours where the sun does not rise or set
 */
export function dayLength(latitude: number, day: Day): number {
  const declination = 0.409 * Math.sin((2 * Math.PI * dayOfYear(day)) / 365 - 1.39);
  const x = -Math.tan(latitude * RADIAN) * Math.tan(declination);
  return (24 / Math.PI) * Math.acos(Math.min(1, Math.max(-1, x)));
}
