import { addDays, type Day } from "../day";
import { assessRow } from "../garden";
import type { BagThing, Plan, Planting } from "../plan";
import type { Setting } from "../setting";

/** Whether a planting finds its place in a bag beside what the plan, and the records, have there. */
export interface Placing {
  readonly isFree: boolean;
  /** What stands in its way, and until when. */
  readonly takenBy?: { readonly goalId: string; readonly until: Day };
  /** The next sowing day from which it finds its place in the same bag, within half a year. */
  readonly next?: Day;
  /** Other bags of the plan that have a place for it on the wanted day, of those that were asked about. */
  readonly others: readonly string[];
}

const WEEK = 7;
const AHEAD_WEEKS = 26;

/** What would be put where. */
interface Wanted {
  readonly planting: Planting;
  readonly bagId: string;
  /** Bags that would do as well. */
  readonly others: readonly string[];
}

/** How a bag would take a planting: what is in its way; undefined when nothing is. */
function inTheWay(plan: Plan, bag: BagThing, planting: Planting, setting: Setting): Placing["takenBy"] {
  const row = plan.rows.find((r) => r.bagId === bag.id);
  if (!row || row.plantings.length === 0) return undefined;
  const view = assessRow({ ...row, plantings: [...row.plantings, planting] }, bag, setting);
  const own = view?.plantings.find((p) => p.planting.id === planting.id);
  if (!view || !own) return undefined;
  const alone = assessRow({ ...row, plantings: [planting] }, bag, setting)?.plantings[0];
  const clash = view.clashes.find((c) => c.plantingId === planting.id || c.otherId === planting.id);
  const isWorse = own.fit.grade === "wrong" && alone?.fit.grade !== "wrong";
  if (!clash && !isWorse) return undefined;
  const otherId = clash && (clash.plantingId === planting.id ? clash.otherId : clash.plantingId);
  const other =
    view.plantings.find((p) => p.planting.id === otherId) ??
    view.plantings.find((p) => own.neighbours.some((n) => n.plantingId === p.planting.id));
  return other && { goalId: other.goal.id, until: other.stay.to };
}

/** Whether a planting finds its place, and where and when else it would. */
export function placingOf({ planting, bagId, others }: Wanted, plan: Plan, setting: Setting): Placing {
  const bagOf = (id: string) => plan.bags.find((b) => b.id === id);
  const bag = bagOf(bagId);
  const takenBy = bag && inTheWay(plan, bag, planting, setting);
  if (!bag || !takenBy) return { isFree: true, others: [] };
  const days = Array.from({ length: AHEAD_WEEKS }, (_, i) => addDays(planting.sowOn, WEEK * (i + 1)));
  return {
    isFree: false,
    takenBy,
    next: days.find((sowOn) => !inTheWay(plan, bag, { ...planting, sowOn }, setting)),
    others: others.filter((id) => {
      const other = bagOf(id);
      return id !== bagId && other !== undefined && !inTheWay(plan, other, planting, setting);
    }),
  };
}
