import type { Day } from "../day";
import { bagAge } from "./age";
import type { Garden } from "../garden";

/** What a trainer would say to a row, though nothing in it is wrong. */
export type Advice =
  | {
      readonly code: "same-family";
      readonly rowId: string;
      readonly plantingId: string;
      readonly goalId: string;
      readonly beforeGoalId: string;
      readonly family: string;
    }
  | {
      readonly code: "refresh-mix";
      readonly rowId: string;
      readonly plantingId: string;
      readonly goalId: string;
      readonly beforeGoalId: string;
      readonly day: Day;
    }
  | { readonly code: "bag-worn"; readonly rowId: string; readonly season: number }
  | { readonly code: "stands-empty"; readonly rowId: string };

/**
 * Advice for a plan: a crop after one of its own family, which hands on its pests; fresh mix after a heavy feeder; a bag
 * that is past its life; a bag that nothing is planned for. Common practice.
 */
export function adviceFor(garden: Garden, today: Day): Advice[] {
  return garden.rows.flatMap((row): Advice[] => {
    const rowId = row.row.id;
    const inOrder = row.plantings
      .filter((p) => p.planting.surface !== "side")
      .sort((a, b) => a.stay.from.localeCompare(b.stay.from));
    const after = inOrder.flatMap((p, i): Advice[] => {
      const before = inOrder
        .slice(0, i)
        .filter((q) => q.stay.to <= p.stay.from)
        .at(-1);
      if (!before || p.stay.from < today) return [];
      const common = { rowId, plantingId: p.planting.id, goalId: p.goal.id, beforeGoalId: before.goal.id };
      return [
        ...(before.crop.family === p.crop.family
          ? [{ code: "same-family", ...common, family: p.crop.family } as const]
          : []),
        ...(before.crop.feeding === "heavy"
          ? [{ code: "refresh-mix", ...common, day: p.stay.from } as const]
          : []),
      ];
    });
    const age = bagAge(row, today);
    const empty = row.plantings.every((p) => p.stay.to < today);
    return [
      ...after,
      ...(age?.worn ? [{ code: "bag-worn", rowId, season: age.season } as const] : []),
      ...(empty ? [{ code: "stands-empty", rowId } as const] : []),
    ];
  });
}
