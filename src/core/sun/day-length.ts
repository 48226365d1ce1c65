import type { Day } from "../day";
import { solarDeclination } from "./declination";

const RADIAN = Math.PI / 180;
/**
 * Hours during which the sun's middle stands above an altitude.
 * Source: FAO Irrigation and Drainage Paper 56, equations 25 and 34, extended to altitudes other than 0.
 *
 * @param latitude degrees, north positive; 0 or 24 hours where the sun does not rise or set
 * @param altitude degrees; 0 leaves refraction out, −0.833 is an almanac's sunrise
 */
export function dayLength(latitude: number, day: Day, altitude = 0): number {
  const [phi, delta] = [latitude * RADIAN, solarDeclination(day)];
  const x =
    (Math.sin(altitude * RADIAN) - Math.sin(phi) * Math.sin(delta)) / (Math.cos(phi) * Math.cos(delta));
  return (24 / Math.PI) * Math.acos(Math.min(1, Math.max(-1, x)));
}
