import type { Day } from "../day";
import type { Grade } from "../fit";
import { assessGarden } from "./assess";
import type { Plan } from "../plan";
import type { Setting } from "../setting";

/** How one planting of a plan stands under two settings, where they differ. */
export interface Difference {
  readonly plantingId: string;
  readonly goalId: string;
  readonly row: number;
  readonly before: { readonly grade: Grade; readonly most?: number; readonly firstPick?: Day };
  readonly after: { readonly grade: Grade; readonly most?: number; readonly firstPick?: Day };
}

/** What changes in a plan when it is judged against `after` instead of `before`: grade, most plants, or first pick. */
export function differences(plan: Plan, before: Setting, after: Setting): Difference[] {
  const seen = (setting: Setting) =>
    assessGarden(plan, setting).rows.flatMap((row, i) =>
      row.plantings.map((p) => ({
        plantingId: p.planting.id,
        goalId: p.goal.id,
        row: i + 1,
        state: { grade: p.fit.grade, most: p.fit.most, firstPick: p.season.stages.firstPick?.likely },
      })),
    );
  const now = new Map(seen(after).map((x) => [x.plantingId, x.state]));
  return seen(before).flatMap(({ state, ...planting }) => {
    const then = now.get(planting.plantingId);
    return then && JSON.stringify(then) !== JSON.stringify(state)
      ? [{ ...planting, before: state, after: then }]
      : [];
  });
}
