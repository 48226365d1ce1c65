import type { Day } from "../day";
import { type SunPosition, sunPosition } from "./position";

/** A stretch of the sky through which direct sun comes in, as azimuths clockwise from `from` to `to`, above `above` degrees. */
export interface SkyOpening {
  readonly from: number;
  readonly to: number;
  readonly above: number;
}

/** Lower than this the sun is behind houses and haze. Assumption, no source. */
const LOWEST = 5;
/** How far to a side of the way it faces a place still gets sun. */
const QUARTER_TURN = 90;

const clockwise = (from: number, to: number) => (to - from + 360) % 360;

/** Whether the sun stands in an opening of the sky. */
export const shinesIn = (opening: SkyOpening, sun: SunPosition): boolean =>
  sun.altitude > opening.above && clockwise(opening.from, sun.azimuth) <= clockwise(opening.from, opening.to);

/** Hours on the clock, 13.5 for half past one. */
export interface SeenSun {
  readonly from: number;
  readonly to: number;
}

/** What somebody saw of the sun at a place, and when. */
export interface Seen {
  readonly seen: readonly SeenSun[];
  readonly latitude: number;
  readonly seenOn: Day;
  /** Compass bearing that the open side faces, degrees; the sky behind the wall is cut off. */
  readonly faces?: number;
}

/**
 * What the hours in which a household sees its sun say about the sky: where the sun stood when it came and when it went
 * on the day that it was seen. On another day it comes and goes where it then passes the same directions.
 */
export function openingsOf({ seen, latitude, seenOn, faces }: Seen): SkyOpening[] {
  return seen.map(({ from, to }): SkyOpening => {
    const [came, went] = [sunPosition(latitude, seenOn, from), sunPosition(latitude, seenOn, to)];
    // South of the sun's path it goes round the other way: the middle hour tells.
    const middle = sunPosition(latitude, seenOn, (from + to) / 2).azimuth;
    const anticlockwise = clockwise(came.azimuth, middle) > clockwise(came.azimuth, went.azimuth);
    const opening = anticlockwise
      ? { from: went.azimuth, to: came.azimuth }
      : { from: came.azimuth, to: went.azimuth };
    const early = came.altitude <= LOWEST + 5 && from < 12;
    const late = went.altitude <= LOWEST + 5 && to > 12;
    // Sun from its rising, or to its setting: nothing stands in the way there, so the opening is open as far as the wall lets.
    const open = {
      from: !anticlockwise && early ? opening.from - 40 : opening.from,
      to: !anticlockwise && late ? opening.to + 40 : opening.to,
    };
    return { ...(faces === undefined ? open : cutByWall(open, faces)), above: LOWEST };
  });
}

/** An opening cut down to the half of the sky that a wall leaves open. */
function cutByWall(opening: { from: number; to: number }, faces: number): { from: number; to: number } {
  const relative = (bearing: number) => ((bearing - faces + 540) % 360) - 180;
  const from = Math.max(-QUARTER_TURN, relative(opening.from));
  const to = Math.min(QUARTER_TURN, relative(opening.to));
  return { from: (from + faces + 360) % 360, to: (Math.max(from, to) + faces + 360) % 360 };
}

const STEP_H = 0.25;

/** When direct sun comes in on a day through openings of the sky, in solar time, the earliest first. */
export function sunTimesOn(openings: readonly SkyOpening[], latitude: number, day: Day): SeenSun[] {
  const times: { from: number; to: number }[] = [];
  for (let hour = 0; hour < 24; hour += STEP_H) {
    const sun = sunPosition(latitude, day, hour + STEP_H / 2);
    if (!openings.some((w) => shinesIn(w, sun))) continue;
    const last = times.at(-1);
    if (last?.to === hour) last.to = hour + STEP_H;
    else times.push({ from: hour, to: hour + STEP_H });
  }
  return times;
}

/** Hours of direct sun on a day through openings of the sky. */
export const sunHoursThrough = (openings: readonly SkyOpening[], latitude: number, day: Day): number =>
  sunTimesOn(openings, latitude, day).reduce((sum, { from, to }) => sum + to - from, 0);

/** Share of a day's direct radiation that comes through openings of the sky: hours count by how high the sun stands, so that noon carries most. */
export function beamShareThrough(openings: readonly SkyOpening[], latitude: number, day: Day): number {
  let through = 0;
  let whole = 0;
  for (let hour = STEP_H / 2; hour < 24; hour += STEP_H) {
    const sun = sunPosition(latitude, day, hour);
    const strength = Math.max(0, Math.sin((sun.altitude * Math.PI) / 180));
    whole += strength;
    if (openings.some((w) => shinesIn(w, sun))) through += strength;
  }
  return whole > 0 ? through / whole : 0;
}
