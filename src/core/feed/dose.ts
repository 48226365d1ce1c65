import type { Crop, Goal } from "../crop";
import type { Schools } from "../school";

/** A feed by what stands on its sack: percent by mass of N, P₂O₅ and K₂O. */
export interface Feed {
  readonly id: "organic-granules" | "mineral-granules";
  readonly analysis: readonly [n: number, p2o5: number, k2o: number];
}

/** The usual granules of each school. Common practice. */
const FEEDS: Record<NonNullable<Schools["feed"]>, Feed> = {
  organic: { id: "organic-granules", analysis: [5, 5, 5] },
  mineral: { id: "mineral-granules", analysis: [10, 10, 10] },
};

const TABLESPOON_L = 0.01478676478125;
/** A plant's dose of organic granules, L. Common practice: two tablespoons for cabbage, two cups of 5-5-5 round four corn plants; the rest from memory. */
const PLANT_L: Record<Crop["feeding"], number> = {
  light: TABLESPOON_L / 3,
  medium: TABLESPOON_L,
  heavy: 2 * TABLESPOON_L,
};
const RING_L = 8 * TABLESPOON_L;

/** The amount of `to` that carries as much nitrogen as `amount` of `from`, at equal bulk density: half the analysis, twice the amount. */
export const equalFeed = (amount: number, from: Feed, to: Feed): number =>
  (amount * from.analysis[0]) / to.analysis[0];

export interface Dose {
  readonly feed: Feed;
  /** For all plants together, L of granules. */
  readonly volumeL: number;
}

/** What a planting is given at one of its feeds, in the granules of the school in force. */
export function doseFor(
  crop: Pick<Crop, "feeding">,
  stage: Goal["feeds"][number]["stage"],
  plants: number,
  school: NonNullable<Schools["feed"]>,
): Dose {
  const organicL = plants * (stage === "ring" ? RING_L : PLANT_L[crop.feeding]);
  const feed = FEEDS[school];
  return { feed, volumeL: equalFeed(organicL, FEEDS.organic, feed) };
}
