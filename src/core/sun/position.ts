import { type Day, dayNumber } from "../day";

export interface SunPosition {
  /** Degrees above the horizon, below it negative. */
  readonly altitude: number;
  /** Degrees clockwise from north. */
  readonly azimuth: number;
}

const RADIANS = Math.PI / 180;

/** The sun's declination in radians: Spencer 1971, as printed in many handbooks of solar engineering (memory). */
function declination(day: Day): number {
  const year = dayNumber(`${day.slice(0, 4)}-01-01`);
  const g = (2 * Math.PI * (dayNumber(day) - year + 0.5)) / 365.24;
  return (
    0.006918 -
    0.399912 * Math.cos(g) +
    0.070257 * Math.sin(g) -
    0.006758 * Math.cos(2 * g) +
    0.000907 * Math.sin(2 * g) -
    0.002697 * Math.cos(3 * g) +
    0.00148 * Math.sin(3 * g)
  );
}

/**
 * Where the sun stands, at an hour of solar time: 12 when it is highest.
 * @param latitude degrees, south negative
 */
export function sunPosition(latitude: number, day: Day, hour: number): SunPosition {
  const d = declination(day);
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
