import { z } from "zod";
import { Crop, type Goal } from "@/core/crop";
import { cabbage, cauliflower, kale, pakChoi, radish } from "./brassicas";
import { bushBean, pea, strawberry, sweetCorn, tomato } from "./fruiting";
import { lettuce, spinach, waterSpinach } from "./leaves";
import { carrot, onion, potato } from "./roots";

/**
 * The crops that ship, in the order in which they are shown. Checked when loaded.
 *
 * Sources: `harrington-1954` fits θ and base to Harrington and Minges 1954 (as reprinted in Knott's Handbook for
 * Vegetable Growers; memory); `cfr-201` is US 7 CFR 201.31, least germination (memory); `practice` is common practice
 * without a published source; `memory` is a figure of the trade written down without a book at hand.
 */
export const CROPS: readonly Crop[] = z
  .array(Crop)
  .parse([
    pakChoi, lettuce, waterSpinach, spinach, kale, cabbage, cauliflower, radish,
    carrot, onion, potato, pea, bushBean, sweetCorn, tomato, strawberry,
  ]);

const byGoal = new Map(CROPS.flatMap((crop) => crop.goals.map((goal) => [goal.id, { crop, goal }] as const)));

/** Every crop with each of its goals. */
export const CROP_GOALS: readonly { readonly crop: Crop; readonly goal: Goal }[] = [...byGoal.values()];

/** The crop and goal with this id; undefined when the library has none. */
export const findGoal = (goalId: string): { crop: Crop; goal: Goal } | undefined => byGoal.get(goalId);
