import { addDays, type Day } from "../day";
import { type SunPosition, sunPosition } from "./position";

/** A point of a skyline: what stands in the way up to an altitude at a bearing, degrees. */
interface SkylinePoint {
  readonly azimuth: number;
  readonly altitude: number;
}

/** A stretch of the sky through which direct sun comes in: clockwise between two bearings, over a skyline, and under the edge of a floor above. */
export interface SkyOpening {
  /** Clockwise, two points at least; straight between them. */
  readonly skyline: readonly SkylinePoint[];
  /** Edge of the floor above: the sun is hidden where, seen along the way the place faces, it stands steeper than this, degrees. */
  readonly under?: { readonly faces: number; readonly steep: number };
}

const RADIAN = Math.PI / 180;
/** Lower than this the sun is behind houses and haze. Assumption, no source. */
const LOWEST = 5;
/** A sun as low as this is near its rising or setting. Assumption, no source. */
const LOW = LOWEST + 5;
/** Sun that comes or goes this near its rising or setting is not held up by anything: so far on it is open, degrees. Assumption, no source. */
const OPEN_TURN = 40;
/** How far to a side of the way it faces a place still gets sun. */
const QUARTER_TURN = 90;
/** Sun that comes or goes so far to a side passes the wall or a screen beside the place. Assumption, no source. */
const BESIDE_TURN = 60;
/** Steeper than this it goes behind the floor above, sooner than behind a house. Assumption, no source. */
const STEEP = 55;
/** A house opposite ends so far from where the sun was seen to come round it, degrees. Assumption, no source. */
const HOUSE_ENDS = 30;

/** Degrees clockwise from one bearing to another, 0 to 360. */
const clockwise = (from: number, to: number) => (((to - from) % 360) + 360) % 360;
/** A bearing as seen from the way a place faces, −180 to 180, to the right positive. */
const beside = (bearing: number, faces: number) => clockwise(faces - 180, bearing) - 180;

/** How steep the sun stands, seen along the way a place faces, degrees. */
const steepness = (sun: SunPosition, faces: number) =>
  Math.atan2(Math.tan(sun.altitude * RADIAN), Math.cos(beside(sun.azimuth, faces) * RADIAN)) / RADIAN;

/** Altitude of a skyline at a bearing; undefined beside it. */
function skylineAt(skyline: readonly SkylinePoint[], azimuth: number): number | undefined {
  for (let i = 1; i < skyline.length; i++) {
    const [a, b] = [skyline[i - 1], skyline[i]];
    if (!a || !b) continue;
    const wide = clockwise(a.azimuth, b.azimuth);
    const along = clockwise(a.azimuth, azimuth);
    if (along <= wide) return a.altitude + (wide > 0 ? along / wide : 0) * (b.altitude - a.altitude);
  }
  return undefined;
}

/** Whether the sun stands in an opening of the sky. */
export function shinesIn({ skyline, under }: SkyOpening, sun: SunPosition): boolean {
  if (sun.altitude <= LOWEST || (under && steepness(sun, under.faces) > under.steep)) return false;
  const altitude = skylineAt(skyline, sun.azimuth);
  return altitude !== undefined && sun.altitude > altitude;
}

/** Hours of solar time, 13.5 for half past one. */
export interface SeenSun {
  readonly from: number;
  readonly to: number;
}

/** What somebody saw of the sun at a place, and when. */
export interface Seen {
  readonly seen: readonly SeenSun[];
  readonly latitude: number;
  readonly seenOn: Day;
  /** Compass bearing that the open side faces, degrees; the sky behind the wall is cut off. Left out where no wall is. */
  readonly faces?: number;
  /** Whether a floor above can hide a steep sun. */
  readonly isRoofed?: boolean;
}

/** An end of a stretch of sun: where the sun stood, and what hides it beyond. */
interface End {
  readonly sun: SunPosition;
  readonly hidden: "open" | "edge" | "house" | "floor-above";
}

/** About noon the sun goes along the roofs and not over them: what hides it there is upright. Within so many hours of noon. */
const NOON_H = 2;

/** What hides the sun before it comes, or after it goes. @param hour solar time, @param isLow whether it stands lower on the far side */
function endOf(sun: SunPosition, hour: number, isLow: boolean, { faces, isRoofed = false }: Seen): End {
  const isClimbing = isLow && Math.abs(hour - 12) > NOON_H;
  const far = faces === undefined ? 0 : Math.abs(beside(sun.azimuth, faces));
  if (isClimbing && sun.altitude <= LOW) return { sun, hidden: "open" };
  if (far > BESIDE_TURN) return { sun, hidden: "edge" };
  if (faces !== undefined && isRoofed && steepness(sun, faces) > STEEP) return { sun, hidden: "floor-above" };
  return { sun, hidden: isClimbing && sun.altitude < STEEP ? "house" : "edge" };
}

/** How far an opening goes on beyond an end, and its skyline there: from that bearing to the seen one, as `side` turns. */
function beyond({ sun, hidden }: End, side: 1 | -1, faces: number | undefined): SkylinePoint[] {
  const { azimuth, altitude } = sun;
  const toWall = faces === undefined ? OPEN_TURN : Math.max(0, QUARTER_TURN - side * beside(azimuth, faces));
  const turn = { edge: 0, open: OPEN_TURN, house: toWall, "floor-above": toWall }[hidden];
  const far = azimuth + side * Math.min(turn, toWall);
  if (hidden !== "house") return [{ azimuth: far, altitude: LOWEST }];
  return [
    { azimuth: far, altitude },
    { azimuth, altitude },
    { azimuth: azimuth - side * HOUSE_ENDS, altitude: LOWEST },
  ];
}

/** The opening between two ends, the first clockwise. */
function openingBetween(first: End, last: End, faces: number | undefined): SkyOpening {
  const start = beyond(first, -1, faces);
  const stop = beyond(last, 1, faces).reverse();
  // Houses on both sides of a narrow gap leave no low part between them.
  const isNarrow = clockwise(first.sun.azimuth, last.sun.azimuth) < 2 * HOUSE_ENDS;
  const skyline = isNarrow ? [...start.slice(0, 2), ...stop.slice(-2)] : [...start, ...stop];
  const steep = [first, last].flatMap(({ sun, hidden }) =>
    hidden === "floor-above" && faces !== undefined ? [steepness(sun, faces)] : [],
  );
  const under = faces !== undefined && steep.length > 0 ? { faces, steep: Math.max(...steep) } : undefined;
  return { skyline, ...(under && { under }) };
}

/** The model may be off by so much on the day that the sun was seen before a plainer one is taken, h. */
const OFF_H = 0.5;

/**
 * What the hours in which a household sees its sun say about the sky. Where the sun stood when it came and went tells what
 * hides it before and after: the wall or a screen beside the place, a house opposite, the floor above, or nothing. On
 * another day it comes and goes where it then passes these. Where that would not give the day that was seen, the edges
 * are taken as upright.
 */
export function openingsOf(ask: Seen): SkyOpening[] {
  const { seen, latitude, seenOn, faces } = ask;
  const day = [...seen].sort((a, b) => a.from - b.from);
  const hours = day.reduce((sum, s) => sum + s.to - s.from, 0);
  const build = (isExplained: boolean) =>
    day.map(({ from, to }, i): SkyOpening => {
      const [came, went] = [sunPosition(latitude, seenOn, from), sunPosition(latitude, seenOn, to)];
      // What stands between two stretches is upright.
      const end = (sun: SunPosition, hour: number, isOuter: boolean): End =>
        isExplained && isOuter
          ? endOf(sun, hour, sun === came ? hour < 12 : hour > 12, ask)
          : { sun, hidden: "edge" };
      const first = end(came, from, i === 0);
      const last = end(went, to, i === day.length - 1);
      // South of the sun's path it goes round the other way: the middle hour tells.
      const middle = sunPosition(latitude, seenOn, (from + to) / 2).azimuth;
      const isAnticlockwise = clockwise(came.azimuth, middle) > clockwise(came.azimuth, went.azimuth);
      return isAnticlockwise ? openingBetween(last, first, faces) : openingBetween(first, last, faces);
    });
  const explained = build(true);
  // What the day before or after would overturn explains nothing: at an equinox the sun passes a floor's edge all day long.
  const holds = [-1, 0, 1].every(
    (days) => Math.abs(sunHoursThrough(explained, latitude, addDays(seenOn, days)) - hours) <= OFF_H,
  );
  return holds ? explained : build(false);
}

const STEP_H = 1 / 12;

/**
 * When direct sun comes in on a day through openings of the sky, in solar time, the earliest first.
 *
 * @param latitude degrees, south below zero
 */
export function sunTimesOn(openings: readonly SkyOpening[], latitude: number, day: Day): SeenSun[] {
  const times: { from: number; to: number }[] = [];
  for (let step = 0; step < 24 / STEP_H; step++) {
    const sun = sunPosition(latitude, day, (step + 0.5) * STEP_H);
    if (!openings.some((w) => shinesIn(w, sun))) continue;
    const [from, to] = [step * STEP_H, (step + 1) * STEP_H];
    const last = times.at(-1);
    if (last?.to === from) last.to = to;
    else times.push({ from, to });
  }
  return times;
}

/** Hours of direct sun on a day through openings of the sky. @param latitude degrees, south below zero */
export const sunHoursThrough = (openings: readonly SkyOpening[], latitude: number, day: Day): number =>
  sunTimesOn(openings, latitude, day).reduce((sum, { from, to }) => sum + to - from, 0);

/**
 * Share of a day's direct radiation that comes through openings of the sky: hours count by how high the sun stands, so
 * that noon carries most.
 *
 * @param latitude degrees, south below zero
 * @returns 0 to 1
 */
export function beamShareThrough(openings: readonly SkyOpening[], latitude: number, day: Day): number {
  let through = 0;
  let whole = 0;
  for (let step = 0; step < 24 / STEP_H; step++) {
    const sun = sunPosition(latitude, day, (step + 0.5) * STEP_H);
    const strength = Math.max(0, Math.sin(sun.altitude * RADIAN));
    whole += strength;
    if (openings.some((w) => shinesIn(w, sun))) through += strength;
  }
  return whole > 0 ? through / whole : 0;
}
