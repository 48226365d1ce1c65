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

/** What a wanted gram of a kind of food is worth in a fortnight, helpings; nothing while nobody is there to eat. */
export const gramWorth = (
  { athome, weights, helpingG }: Instance,
  fortnight: number,
  group: number,
): number => (athome[fortnight] ? earliness(weights, fortnight) / helpingG[group]! : 0);

/** Worth of some food of a kind in a fortnight, in helpings: less beyond what is wanted, and little beyond twice that. */
export const foodWorth = (instance: Instance, fortnight: number, group: number, g: number): number =>
  wantedG(g, instance.wantG[group]!) * gramWorth(instance, fortnight, group);

/** Some food of a kind as so much that counts whole, g: the first part of a want counts more than the last, and what is beyond it little. */
export function wantedG(g: number, want: number): number {
  let sum = 0;
  let from = 0;
  for (const { upTo, worth } of SEGMENTS) {
    sum += worth * Math.max(0, Math.min(g, upTo * want) - from);
    if (g <= upTo * want) return sum;
    from = upTo * want;
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

/** What one crop may come to in a quarter before more of it is worth less, g. */
export const cropCap = (instance: Instance, group: number): number =>
  (CROP_SHARE * instance.wantG[group]! * FORTNIGHTS) / QUARTERS;
