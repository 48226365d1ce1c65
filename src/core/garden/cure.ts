import { addDays, type Day } from "../day";
import { assessRow, type RowView } from "./assess";
import type { Clash } from "./clash";
import { STEP_DAYS } from "./crowd";
import { changePlanting, type Planting } from "../plan";
import type { Setting } from "../setting";
import { known } from "../known";

/** One change to one planting that ends a clash without starting another. */
export type Cure =
  | { readonly code: "out-by"; readonly plantingId: string; readonly goalId: string; readonly day: Day }
  | { readonly code: "fewer"; readonly plantingId: string; readonly goalId: string; readonly plants: number }
  | { readonly code: "ring"; readonly plantingId: string; readonly goalId: string };

/** The change to its planting that a cure stands for. */
export function changeOf(cure: Cure): Partial<Planting> {
  switch (cure.code) {
    case "out-by":
      return { outBy: cure.day };
    case "fewer":
      return { plants: cure.plants };
    case "ring":
      return { surface: "edge" };
  }
}

/** Fewer plants than half are no cure but another plan. */
const LEAST_SHARE = 0.5;

/** What could be tried on a planting, the gentlest first: out earlier when it has been picked by then, fewer, or at the edge. */
function tries({ planting, goal, season }: RowView["plantings"][number], clash: Clash): Cure[] {
  const common = { plantingId: planting.id, goalId: goal.id };
  const firstPick = season.stages.firstPick?.likely;
  // A clash is seen on the days that are looked at: it may have begun on one of the few before.
  const lastDays = Array.from({ length: STEP_DAYS + 1 }, (_, i) => addDays(clash.from, -1 - i));
  const out = lastDays
    .filter((day) => firstPick !== undefined && day >= firstPick)
    .map((day): Cure => ({ code: "out-by", ...common, day }));
  const plants = planting.plants ?? 0;
  const fewer = Array.from({ length: Math.floor(plants * LEAST_SHARE) }, (_, i): Cure => ({
    code: "fewer",
    ...common,
    plants: plants - 1 - i,
  }));
  const ring: Cure[] =
    planting.surface === "top" && goal.stand.type === "plants" ? [{ code: "ring", ...common }] : [];
  return [...out, ...ring, ...fewer];
}

/** The cures of a clash: for each way of each of the two plantings the smallest change after which the row has fewer clashes. */
export function curesFor(view: RowView, clash: Clash, setting: Setting): Cure[] {
  const helps = (cure: Cure) => {
    const { rows } = changePlanting({ bags: [], rows: [view.row] }, cure.plantingId, changeOf(cure));
    const after = assessRow(known(rows[0]), view.bag, setting);
    return (
      after !== undefined &&
      after.clashes.length < view.clashes.length &&
      !after.clashes.some(
        (c) => c.code === clash.code && c.plantingId === clash.plantingId && c.otherId === clash.otherId,
      )
    );
  };
  const found: Cure[] = [];
  for (const p of view.plantings.filter(
    ({ planting }) => planting.id === clash.plantingId || planting.id === clash.otherId,
  )) {
    for (const cure of tries(p, clash)) {
      const isFound = found.some((f) => f.code === cure.code && f.plantingId === cure.plantingId);
      if (!isFound && helps(cure)) found.push(cure);
    }
  }
  return found;
}
