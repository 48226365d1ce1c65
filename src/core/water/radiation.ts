import { type Day, dayNumber } from "../day";
import { solarDeclination } from "../sun";

const SOLAR_CONSTANT = 0.082;

/**
 * Extraterrestrial radiation of a day, MJ/m². FAO Irrigation and Drainage Paper 56 (Allen, Pereira, Raes, Smith 1998), equation 21.
 * @param latitude degrees, south negative
 */
export function extraterrestrial(latitude: number, day: Day): number {
  const dayOfYear = dayNumber(day) - dayNumber(`${day.slice(0, 4)}-01-01`) + 1;
  const turn = (2 * Math.PI * dayOfYear) / 365;
  const distance = 1 + 0.033 * Math.cos(turn);
  const declination = solarDeclination(day);
  const phi = (latitude * Math.PI) / 180;
  const sunset = Math.acos(Math.min(1, Math.max(-1, -Math.tan(phi) * Math.tan(declination))));
  const sun =
    sunset * Math.sin(phi) * Math.sin(declination) + Math.cos(phi) * Math.cos(declination) * Math.sin(sunset);
  return ((24 * 60) / Math.PI) * SOLAR_CONSTANT * distance * sun;
}
