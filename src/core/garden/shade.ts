import { canopyOn } from "../canopy";
import type { Goal } from "../crop";
import type { Day } from "../day";
import type { Draft } from "./draft";
import type { Standing } from "./positions";

/** A stand over another keeps this share of the light from it where it covers it all; trained up canes it is thin. Memory. */
const SHADE = 0.7;
const THIN_SHADE = 0.35;
/** Only what is clearly taller shades. Memory. */
const TALLER = 1.3;

/** Share of what grows in a planting that lies under a neighbour's leaves: of its plants, or of the ground that it is sown on. */
function coverOf(own: Standing, theirs: Standing, widthCm: number): number {
  const places = own.ground ?? own.top;
  if (places.length === 0) return 0;
  return (
    places.filter((p) => theirs.top.some((q) => Math.hypot(p.x - q.x, p.y - q.y) < widthCm / 2)).length /
    places.length
  );
}

const shadeOf = (goal: Goal) => (goal.support === "none" ? SHADE : THIN_SHADE);

/** A goal and where it stands. */
export interface Stood {
  readonly goal: Goal;
  readonly standing: Standing;
}

/** Half grown, a stand wants its light, and one as tall as it will be stands over it. */
const HALF_GROWN = 0.5;

/** Share of its light that a half-grown planting loses to a full-grown one in the other half of its bag. */
export function shadeAcross(own: Stood, other: Stood): number {
  if (other.goal.heightCm <= TALLER * HALF_GROWN * own.goal.heightCm) return 0;
  return shadeOf(other.goal) * coverOf(own.standing, other.standing, other.goal.widthCm);
}

/** Hours of sun that reach a planting on a day under taller neighbours on the same top. */
export function sunUnder(
  draft: Draft,
  others: readonly Draft[],
  day: Day,
  sunHours: number,
  standings: ReadonlyMap<Draft, Standing>,
): number {
  const own = canopyOn(draft.goal, draft.season.stages, day);
  const dimmed = others
    .filter((o) => o.planting.surface !== "side" && day >= o.stay.from && day <= o.stay.to)
    .map((o) => ({ o, canopy: canopyOn(o.goal, o.season.stages, day) }))
    .filter(({ canopy }) => canopy.heightCm > TALLER * own.heightCm)
    .reduce(
      (sum, { o, canopy }) =>
        sum + shadeOf(o.goal) * coverOf(standings.get(draft)!, standings.get(o)!, canopy.widthCm),
      0,
    );
  return sunHours * (1 - Math.min(SHADE, dimmed));
}
