import type { Crop, Goal } from "../crop";
import type { Schools } from "../school";
import { type Analysis, carries } from "./analysis";
import { TABLESPOON_L } from "./spoons";

/** Granules by what stands on their sack. */
export interface Feed {
  readonly id: "organic-granules" | "mineral-granules";
  readonly analysis: Analysis;
}

/** The usual granules of each school. Common practice. */
export const FEEDS: Record<NonNullable<Schools["feed"]>, Feed> = {
  organic: { id: "organic-granules", analysis: [5, 5, 5] },
  mineral: { id: "mineral-granules", analysis: [10, 10, 10] },
};

/** A plant's dose of organic granules, L. Common practice: two tablespoons for cabbage, two cups of 5-5-5 round four corn plants; the rest from memory. */
const PLANT_L: Record<Crop["feeding"], number> = {
  light: TABLESPOON_L / 3,
  medium: TABLESPOON_L,
  heavy: 2 * TABLESPOON_L,
};
const RING_L = 8 * TABLESPOON_L;

/** Bulk density of granules, kg/L. Assumption, no source: sacks say 0.8 to 1. */
export const GRANULES_KG_L = 0.9;

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
  const strength = carries(FEEDS.organic.analysis, "n") / carries(feed.analysis, "n");
  return { feed, volumeL: organicL * strength };
}
