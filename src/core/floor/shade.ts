import type { Day } from "../day";
import { shinesIn, type SkyOpening, sunPosition } from "../sun";
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

/** What tells where the sun comes from: the sky over a place, the bearing of its open side, and where the town lies. */
interface Sky {
  readonly sky?: readonly SkyOpening[];
  readonly faces?: number;
  readonly climate: { readonly latitude: number };
}

/**
 * Share of the place's direct sun that reaches each bag on a day, 0 to 1: all but the hours in which a taller one stands
 * between. Empty where nobody knows which way the place faces.
 */
export function litByBag(
  bags: readonly Placed[],
  { sky, faces, climate }: Sky,
  day: Day,
): Map<string, number> {
  if (!sky || faces === undefined) return new Map();
  const lit = new Map(bags.map((bag) => [bag.id, 0]));
  let looks = 0;
  for (let hour = STEP_H / 2; hour < 24; hour += STEP_H) {
    const sun = sunPosition(climate.latitude, day, hour);
    if (!sky.some((w) => shinesIn(w, sun))) continue;
    looks++;
    const bearing = sun.azimuth - faces;
    for (const bag of bags)
      if (!bags.some((other) => other !== bag && shades(other, bag, bearing, sun.altitude)))
        lit.set(bag.id, (lit.get(bag.id) ?? 0) + 1);
  }
  return new Map([...lit].map(([id, n]) => [id, looks > 0 ? n / looks : 0]));
}
