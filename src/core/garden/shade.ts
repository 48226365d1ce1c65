import type { Goal } from "../crop";
import type { Occupant } from "./occupant";
import type { Positions } from "./positions";

/** A stand over another keeps this share of the light from it where it covers it all; trained up canes it is thin. Assumption, no source. */
const SHADE = 0.7;
const THIN_SHADE = 0.35;
/** Only what is clearly taller shades. Assumption, no source. */
const TALLER = 1.3;

/** Share of what grows in a planting that lies under a neighbour's leaves: of its plants, or of the ground that it is sown on. */
function coverOf(own: Positions, theirs: Positions, widthCm: number): number {
  const places = own.ground ?? own.top;
  if (places.length === 0) return 0;
  return (
    places.filter((p) => theirs.top.some((q) => Math.hypot(p.x - q.x, p.y - q.y) < widthCm / 2)).length /
    places.length
  );
}

const shadeOf = (goal: Goal) => (goal.support === "none" ? SHADE : THIN_SHADE);

/** A goal and where its plants stand. */
export interface GoalInPlace {
  readonly goal: Goal;
  readonly positions: Positions;
}

/** Half grown, a stand wants its light, and one as tall as it will be stands over it. */
const HALF_GROWN = 0.5;

/** Share of its light that a half-grown planting loses to a full-grown one in the other half of its bag. */
export function shadeAcross(own: GoalInPlace, other: GoalInPlace): number {
  if (other.goal.heightCm <= TALLER * HALF_GROWN * own.goal.heightCm) return 0;
  return shadeOf(other.goal) * coverOf(own.positions, other.positions, other.goal.widthCm);
}

/** Share of its sun that reaches a planting on a day under taller neighbours on the same top, 0 to 1. */
export function litShare(
  own: Occupant,
  others: readonly Occupant[],
  day: number,
  where: ReadonlyMap<Occupant, Positions>,
): number {
  const { heightCm } = own.course.canopy(day);
  const place = where.get(own);
  let dimmed = 0;
  for (const other of others) {
    if (other.planting.surface === "side" || !other.course.standsOn(day)) continue;
    const canopy = other.course.canopy(day);
    const theirs = where.get(other);
    if (place && theirs && canopy.heightCm > TALLER * heightCm)
      dimmed += shadeOf(other.goal) * coverOf(place, theirs, canopy.widthCm);
  }
  return 1 - Math.min(SHADE, dimmed);
}
