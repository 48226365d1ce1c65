import type { Day } from "../day";
import { shinesIn, type SkyWindow, sunPosition } from "../sun";
import { boxOf, type Placed } from "./floor";

const STEP_H = 0.5;
const RADIANS = Math.PI / 180;

/** Whether a bag lies in the shadow of another while the sun stands at a bearing and height. Bearings are of the floor: 0 is outward from the wall. */
function shades(other: Placed, bag: Placed, bearing: number, altitude: number): boolean {
  const higher = other.heightCm - bag.heightCm;
  if (higher <= 0) return false;
  const reach = higher / Math.tan(altitude * RADIANS);
  const [towardX, towardY] = [Math.sin(bearing * RADIANS), Math.cos(bearing * RADIANS)];
  const [dx, dy] = [other.spot.xCm - bag.spot.xCm, other.spot.yCm - bag.spot.yCm];
  const along = dx * towardX + dy * towardY;
  const across = Math.abs(dx * towardY - dy * towardX);
  const box = boxOf(other.shape, other.spot);
  const halfWidth = box ? Math.min(box.x1 - box.x0, box.y1 - box.y0) / 2 : 10;
  return along > 0 && along <= reach + halfWidth && across < halfWidth;
}

/** Hours of direct sun that each bag gets on a day: those of the place, less those in which a taller one stands between. @param faces bearing of the open side */
export function sunByBag(
  bags: readonly Placed[],
  windows: readonly SkyWindow[],
  latitude: number,
  day: Day,
  faces: number,
): Map<string, number> {
  const hours = new Map(bags.map((bag) => [bag.id, 0]));
  for (let hour = STEP_H / 2; hour < 24; hour += STEP_H) {
    const sun = sunPosition(latitude, day, hour);
    if (!windows.some((w) => shinesIn(w, sun))) continue;
    const bearing = sun.azimuth - faces;
    for (const bag of bags)
      if (!bags.some((other) => other !== bag && shades(other, bag, bearing, sun.altitude)))
        hours.set(bag.id, hours.get(bag.id)! + STEP_H);
  }
  return hours;
}
