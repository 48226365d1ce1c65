import type { Crop, Goal } from "@/core/crop";
import { brassicas } from "./brassicas";
import { fruiting } from "./fruiting";
import { podsAndCorn } from "./pods-and-corn";
import { gourdsAndSpices } from "./gourds-and-spices";
import { greens } from "./greens";
import { herbs, trees } from "./herbs";
import { leaves } from "./leaves";
import { roots } from "./roots";

/**
 * The crops that ship, in the order in which they are shown. A test checks them against their contract.
 *
 * Sources: `harrington-1954` fits θ and base to Harrington and Minges 1954 (as reprinted in Knott's Handbook for
 * Vegetable Growers; from memory); `cfr-201` is US 7 CFR 201.31, least germination (from memory); `fao-56` is FAO Irrigation and
 * Drainage Paper 56, table 12 (from memory); `practice` is common practice without a published source; `assumption` is a
 * starting value of ours, without one.
 */
export const CROPS: readonly Crop[] = [
  ...leaves,
  ...greens,
  ...brassicas,
  ...roots,
  ...podsAndCorn,
  ...fruiting,
  ...gourdsAndSpices,
  ...herbs,
  ...trees,
];

const byGoal = new Map(CROPS.flatMap((crop) => crop.goals.map((goal) => [goal.id, { crop, goal }] as const)));

/** Every crop with each of its goals. */
export const CROP_GOALS: readonly { readonly crop: Crop; readonly goal: Goal }[] = [...byGoal.values()];

/** The crop and goal with this id; undefined when the library has none. */
export const findGoal = (goalId: string): { crop: Crop; goal: Goal } | undefined => byGoal.get(goalId);
