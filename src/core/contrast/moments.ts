import { type Day, dayNumber, dayOf } from "../day";
import type { PlantingView, RowView } from "../garden";

/** A bag on one day of its season, as far as it can be drawn. */
export interface Moment {
  readonly day: Day;
  /** What stands in it then, with the depth of its roots and its height, cm. */
  readonly stands: readonly {
    readonly view: PlantingView;
    readonly rootCm: number;
    readonly heightCm: number;
  }[];
}

/** Shares of the way from the first sowing to the first pick. */
const SHARES = [0.15, 0.45, 0.75, 1];
/** A season that is followed where nothing is ever picked, days. */
const WITHOUT_PICK = 60;

/**
 * Four days of a row, from soon after the first of it stands until the first of it is picked; none for an empty row.
 * Roots go down as the square root of the leaf that has grown, to the depth that the goal wants. Assumption, no source.
 */
export function momentsOf({ plantings }: Pick<RowView, "plantings">): Moment[] {
  if (plantings.length === 0) return [];
  const first = Math.min(...plantings.map(({ course }) => course.from));
  const ripe = Math.min(
    ...plantings.flatMap(({ season }) => season.stages.firstPick?.likely ?? []).map(dayNumber),
  );
  const days = ripe > first && Number.isFinite(ripe) ? ripe - first : WITHOUT_PICK;
  return SHARES.map((share) => {
    const at = first + Math.round(share * days);
    return {
      day: dayOf(at),
      stands: plantings
        .filter(({ course }) => course.standsOn(at))
        .map((view) => ({
          view,
          rootCm: view.goal.depthCm.good * Math.sqrt(view.course.grown(at)),
          heightCm: view.course.canopy(at).heightCm,
        })),
    };
  });
}
