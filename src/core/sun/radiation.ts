import { type Day, dayNumber } from "../day";
import { solarDeclination } from "./declination";

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

/** Clear air lets through at most this share of it near the sea. FAO-56, equation 37 at sea level. */
const CLEAR = 0.75;
/** Hargreaves' coefficient for places inland, °C^−½; by the sea up to 0.19. FAO-56, equation 50. */
const INLAND = 0.16;

/**
 * Radiation of the sun that reaches the ground, MJ/m² a day, from how far apart night and day are. FAO-56, equation 50.
 *
 * @param aboveMJ what comes in above the air, from `extraterrestrial`
 */
export const solarRadiation = (lowC: number, highC: number, aboveMJ: number): number =>
  aboveMJ * Math.min(CLEAR, INLAND * Math.sqrt(Math.max(0, highC - lowC)));

/**
 * Share of a day's radiation that comes from the whole sky and not straight from the sun: Erbs, Klein and Duffie 1982,
 * daily correlation (from memory).
 *
 * @param clearness radiation at the ground over that above the air, 0 to 1
 * @param lightHours hours from sunrise to sunset
 */
export function diffuseShare(clearness: number, lightHours: number): number {
  const k = Math.min(1, Math.max(0, clearness));
  // Their two seasons part at a sunset hour angle of 81.4°.
  if ((lightHours * 15) / 2 < 81.4)
    return k < 0.715 ? 1 - 0.2727 * k + 2.4495 * k ** 2 - 11.9514 * k ** 3 + 9.3879 * k ** 4 : 0.143;
  return k < 0.722 ? 1 + 0.2832 * k - 2.5557 * k ** 2 + 0.8448 * k ** 3 : 0.175;
}

/** Light in a MJ of what plants can use, mol: 4.57 µmol a joule. McCree 1972 (from memory). */
export const MOL_PER_MJ_USED = 4.57;

/** Light that plants can use in a MJ of the sun's radiation, of which it is 45 %. McCree 1972 (from memory). */
export const MOL_PER_MJ = 0.45 * MOL_PER_MJ_USED;
