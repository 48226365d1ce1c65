import * as z from "zod";
import { FOOD_GROUPS } from "../food";
import type { Instance } from "./model/instance";
import { BLOCKED, type State } from "./search/state";

/** A crop that the household must have and the proposal does not: what stands in the way, or that it never fits here. */
export const Missing = z.object({
  cropId: z.string(),
  blocked: z.enum([...BLOCKED, "never-fits", "worth-less"]),
});
export type Missing = z.infer<typeof Missing>;

/** How much of each kind of food the proposal covers, 0 to 1. */
export const Covered = z.object({ group: z.enum(FOOD_GROUPS), share: z.number() });
export type Covered = z.infer<typeof Covered>;

/** What each chosen candidate adds: the helpings that would be lost without it, by candidate. */
export function addsOf(state: State): Map<number, number> {
  const worth = state.worth();
  return new Map(
    [...new Set(state.chosen())].map((i) => {
      const without = state.copy();
      without.remove(i);
      return [i, worth - without.worth()];
    }),
  );
}

/** The crops that must be there and are not, each with the limit that keeps out what would fit best. */
export function missingFrom(state: State): Missing[] {
  const { crops, candidates } = state.instance;
  const there = new Set(state.chosen().map((i) => candidates[i]!.cropIndex));
  return crops.flatMap((crop, cropIndex): Missing[] => {
    if (!crop.must || there.has(cropIndex)) return [];
    const own = candidates.flatMap((c, i) => (c.cropIndex === cropIndex ? [i] : []));
    if (own.length === 0) return [{ cropId: crop.id, blocked: "never-fits" }];
    const best = own.reduce((a, b) => (state.gain(b) > state.gain(a) ? b : a));
    return [{ cropId: crop.id, blocked: state.blockedBy(best) ?? "worth-less" }];
  });
}

/** How much of what is wanted of each kind of food a garden covers, 0 to 1. */
export const coveredBy = (state: State, { groups }: Instance): Covered[] =>
  groups.map((group, i) => ({ group, share: state.covered(i) }));
