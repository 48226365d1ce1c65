import type { Day } from "../day";
import { solarDeclination } from "./declination";

export interface SunPosition {
  /** Degrees above the horizon, below it negative. */
  readonly altitude: number;
  /** Degrees clockwise from north. */
  readonly azimuth: number;
}

const RADIANS = Math.PI / 180;

/**
 * Where the sun stands, at an hour of solar time: 12 when it is highest.
 * @param latitude degrees, south negative
 */
export function sunPosition(latitude: number, day: Day, hour: number): SunPosition {
  const d = solarDeclination(day);
  const phi = latitude * RADIANS;
  const turn = (hour - 12) * 15 * RADIANS;
  const sine = Math.sin(phi) * Math.sin(d) + Math.cos(phi) * Math.cos(d) * Math.cos(turn);
  const altitude = Math.asin(Math.min(1, Math.max(-1, sine)));
  const azimuth = Math.atan2(
    -Math.cos(d) * Math.sin(turn),
    Math.sin(d) * Math.cos(phi) - Math.cos(d) * Math.sin(phi) * Math.cos(turn),
  );
  return { altitude: altitude / RADIANS, azimuth: (azimuth / RADIANS + 360) % 360 };
}
