import { known } from "../../known";
import {
  type Candidate,
  CROP_SHARE,
  earliness,
  FORTNIGHTS,
  type Instance,
  QUARTERS,
  SEGMENTS,
} from "./instance";

const quarterOf = (fortnight: number) => Math.floor((fortnight * QUARTERS) / FORTNIGHTS);

/**
 * What a wanted gram of a kind of food is worth in a fortnight, helpings; nothing while nobody is there to eat.
 *
 * @param fortnight from 0, the one in which the plan begins
 */
export const gramWorth = (
  { athome, weights, helpingG }: Instance,
  fortnight: number,
  group: number,
): number => (athome[fortnight] ? earliness(weights, fortnight) / helpingG[group]! : 0);

/** A step of what a fortnight's food of a kind counts: from the step before up to so much, g, a gram counts for so many. */
export interface Step {
  readonly upToG: number;
  readonly worth: number;
}

/**
 * The steps of a kind of food, the dearest first: the parts of its want, and what can be sold of it at the money's worth.
 * What is sold at a price above a meal's worth is sold before it is eaten, as growers do.
 */
export function stepsOf(
  { wantG, helpingG, weights, sells }: Pick<Instance, "wantG" | "helpingG" | "weights" | "sells">,
  group: number,
): Step[] {
  const parts: { wide: number; worth: number }[] = SEGMENTS.map(({ upTo, worth }, s) => ({
    wide: (upTo - (SEGMENTS[s - 1]?.upTo ?? 0)) * wantG[group]!,
    worth,
  }));
  const sold = sells?.group === group ? sells.minorPerG * weights.perMinor * helpingG[group]! : 0;
  // What fetches next to nothing is as good as given away.
  if (sells && sold > known(SEGMENTS.at(-1)).worth) parts.push({ wide: sells.g, worth: sold });
  let upToG = 0;
  return parts
    .sort((a, b) => b.worth - a.worth)
    .map(({ wide, worth }) => ({ upToG: (upToG += wide), worth }));
}

/** Worth of some food of a kind in a fortnight, in helpings: less beyond what is wanted, and little beyond twice that. */
export const foodWorth = (instance: Instance, fortnight: number, group: number, g: number): number =>
  wantedG(g, stepsOf(instance, group)) * gramWorth(instance, fortnight, group);

/** Some food of a kind as so much that counts whole, g: the first part of a want counts more than the last, and what is beyond it little. */
export function wantedG(g: number, steps: readonly Step[]): number {
  let sum = 0;
  let from = 0;
  for (const { upToG, worth } of steps) {
    sum += worth * Math.max(0, Math.min(g, upToG) - from);
    if (g <= upToG) return sum;
    from = upToG;
  }
  return sum;
}

/** Food of a candidate by quarter, g. */
export function quartersOf({ food }: Pick<Candidate, "food">): [quarter: number, g: number][] {
  const sums = new Map<number, number>();
  for (const [fortnight, g] of food)
    sums.set(quarterOf(fortnight), (sums.get(quarterOf(fortnight)) ?? 0) + g);
  return [...sums];
}

/** What one crop may come to in a quarter before more of it is worth less, g: a part of what is eaten, and all that is sold. */
export const cropCap = ({ wantG, sells }: Pick<Instance, "wantG" | "sells">, group: number): number =>
  ((CROP_SHARE * wantG[group]! + (sells?.group === group ? sells.g : 0)) * FORTNIGHTS) / QUARTERS;
