import { judgeSeason } from "../calendar";
import type { Crop, Goal, GoalKind } from "../crop";
import type { Day } from "../day";
import { methodsFor } from "../fit";
import type { PlantingView, RowView } from "../garden";
import { whereOf } from "../placement";
import { suggestGoal } from "./suggest";

/** What stands can still be eaten as these, though it never makes what it was sown for. */
const EATEN_YOUNG = new Set<GoalKind>(["leaf", "baby-leaf", "tops", "herb"]);

/** What can be done with a planting that will not make it. */
export interface Instead {
  /** Other goals of its crop for which it could stay. */
  readonly keepFor: readonly Goal[];
  /** What could stand in its bag from today. */
  readonly next?: { readonly crop: Crop; readonly goal: Goal };
}

/** What could take the place of a planting that will not make it, from a day on. */
export function insteadOf(
  { planting, crop, goal, real }: PlantingView,
  { bag, setting }: RowView,
  { today, crops }: { readonly today: Day; readonly crops: readonly Crop[] },
): Instead {
  const keepFor = crop.goals.filter((other) => {
    if (other.id === goal.id || !EATEN_YOUNG.has(other.kind)) return false;
    const method = methodsFor(other, whereOf(planting.surface))[0];
    return (
      method !== undefined &&
      judgeSeason({ crop, goal: other, method, real }, planting.sowOn, setting.climate).grade !== "wrong"
    );
  });
  const goals = crops.flatMap((c) => c.goals.map((g) => ({ crop: c, goal: g })));
  return { keepFor, next: suggestGoal(goals, bag, today, setting) };
}
