import type { Crop, Goal } from "../crop";
import type { Reference } from "./setting";

const goalsOf = new WeakMap<Reference, Map<string, { readonly crop: Crop; readonly goal: Goal }>>();

/** The crop and goal with this id in a programme's library; undefined where it has none. */
export function goalIn(
  reference: Reference,
  goalId: string,
): { readonly crop: Crop; readonly goal: Goal } | undefined {
  let goals = goalsOf.get(reference);
  if (!goals) {
    goals = new Map(
      reference.crops.flatMap((crop) => crop.goals.map((goal) => [goal.id, { crop, goal }] as const)),
    );
    goalsOf.set(reference, goals);
  }
  return goals.get(goalId);
}
