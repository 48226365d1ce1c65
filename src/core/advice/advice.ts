import type { Day } from "../day";
import { bagAge } from "./age";
import type { Garden } from "../garden";
import type { SiteMark } from "../place";

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
  /** What the place asks for: canes and ties in wind, a net, filling where it stands, turning after the sun. */
  | {
      readonly code: "tie-in-wind";
      readonly rowId: string;
      readonly plantingId: string;
      readonly goalId: string;
    }
  | { readonly code: "net"; readonly rowId: string }
  | { readonly code: "fill-in-place"; readonly rowId: string; readonly kg: number }
  | { readonly code: "turn"; readonly rowId: string }
  | { readonly code: "bag-worn"; readonly rowId: string; readonly season: number }
  | { readonly code: "stands-empty"; readonly rowId: string };

/** From this height on a plant rocks in wind. Common practice. */
const TALL_CM = 60;
/** What one person carries up stairs in one go, kg. Common practice: 15 to 20. */
const CARRIED_KG = 20;

/**
 * Advice for a plan: a crop after one of its own family, which hands on its pests; fresh mix after a heavy feeder; a bag
 * that is past its life; a bag that nothing is planned for. Common practice.
 */
export function adviceFor(garden: Garden, today: Day, site: readonly SiteMark[] = []): Advice[] {
  return garden.rows.flatMap((row, i): Advice[] => {
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
    const coming = inOrder.filter((p) => p.stay.to >= today);
    const tall = coming.filter((p) => p.goal.heightCm >= TALL_CM);
    return [
      ...after,
      ...(site.includes("windy")
        ? tall.map(
            (p) => ({ code: "tie-in-wind", rowId, plantingId: p.planting.id, goalId: p.goal.id }) as const,
          )
        : []),
      // Once for all bags, at the first that has something to guard or to turn.
      ...(site.includes("animals") && i === 0 && coming.length > 0 ? [{ code: "net", rowId } as const] : []),
      ...(site.includes("turned") && i === 0 && coming.length > 0 ? [{ code: "turn", rowId } as const] : []),
      ...(site.includes("stairs") && !row.bag.atHand && row.wetKg > CARRIED_KG
        ? [{ code: "fill-in-place", rowId, kg: row.wetKg } as const]
        : []),
      ...(age?.worn ? [{ code: "bag-worn", rowId, season: age.season } as const] : []),
      ...(empty ? [{ code: "stands-empty", rowId } as const] : []),
    ];
  });
}
