import type { Plan, Planting } from "../plan";
import type { Ask } from "./model/ask";
import { bagsOf } from "./search/assign";
import { keptPart, stayingBags } from "./model/bags";
import { LANES } from "./model/instance";
import type { State } from "./search/state";

/** A chosen candidate in a bag of its own. */
export interface Allotted {
  readonly index: number;
  readonly bagId: string;
  readonly planting: Planting;
}

/** Gives each bag of a garden its id and each planting its own. */
export function allot(
  state: State,
  newId: (n: number) => string,
): { allotted: Allotted[]; bought: { id: string; kindId: string }[] } {
  const { classes, candidates } = state.instance;
  const list: Allotted[] = [];
  const bought: { id: string; kindId: string }[] = [];
  let n = 0;
  for (const { classIndex, number, parts } of bagsOf(state)) {
    const k = classes[classIndex]!;
    const bagId = k.bagIds[number] ?? newId(n++);
    if (number >= k.bagIds.length) bought.push({ id: bagId, kindId: k.kindId });
    for (const part of LANES) {
      for (const index of parts[part]) {
        const c = candidates[index]!;
        const surface = part === "top" || part === "side" ? c.surface : part;
        list.push({
          index,
          bagId,
          planting: {
            id: c.plantingId ?? newId(n++),
            goalId: c.goalId,
            surface,
            method: c.method,
            plants: c.plants,
            sowOn: c.sowOn,
          },
        });
      }
    }
  }
  return { allotted: list, bought };
}

/** The plan that a garden stands for: what stands already, then its plantings, in the household's bags and in new ones. */
export function planFrom(
  ask: Ask,
  { allotted: list, bought }: ReturnType<typeof allot>,
  newId: (n: number) => string,
): Plan {
  const kept = keptPart(ask);
  const staying = stayingBags(ask, kept);
  const bags = [
    ...staying,
    ...bought.map(({ id, kindId }) => ({ id, kindId, shape: null, atHand: false, firstSeason: null })),
  ];
  const plantingsOf = (bagId: string) =>
    list.filter((p) => p.bagId === bagId).map((p) => withOwn(ask, p.planting));
  let rowNumber = 100_000;
  const rows = bags.flatMap((bag) => {
    const row = kept.rows.find((r) => r.bagId === bag.id);
    const added = plantingsOf(bag.id);
    if (row) return [{ ...row, plantings: [...row.plantings, ...added] }];
    return added.length > 0 ? [{ id: newId(rowNumber++), bagId: bag.id, gapCm: null, plantings: added }] : [];
  });
  return { bags, rows };
}

/** A planting of the plan that is kept keeps its own day to be out by, and its packet. */
function withOwn(ask: Ask, planting: Planting): Planting {
  const own = ask.plan.rows.flatMap((r) => r.plantings).find((p) => p.id === planting.id);
  const { outBy, packet } = own ?? {};
  return { ...planting, ...(outBy && { outBy }), ...(packet && { packet }) };
}
