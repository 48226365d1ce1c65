import { addDays } from "../day";
import type { BagThing, Plan, Planting, Row } from "./plan";

/** A plan with a planting put into a bag: into the bag's row, or into a new row `rowId` when it has none. */
export function putPlanting(plan: Plan, bagId: string, planting: Planting, rowId: string): Plan {
  const has = plan.rows.some((row) => row.bagId === bagId);
  const rows: Row[] = has
    ? plan.rows.map((row) =>
        row.bagId === bagId ? { ...row, plantings: [...row.plantings, planting] } : row,
      )
    : [...plan.rows, { id: rowId, bagId, gapCm: null, plantings: [planting] }];
  return { ...plan, rows };
}

/** A plan with one more bag and an empty row for it. */
export const addBag = (plan: Plan, bag: BagThing, rowId: string): Plan => ({
  bags: [...plan.bags, bag],
  rows: [...plan.rows, { id: rowId, bagId: bag.id, gapCm: null, plantings: [] }],
});

/** A plan with some of a planting changed. */
export const changePlanting = (plan: Plan, id: string, change: Partial<Omit<Planting, "id">>): Plan => ({
  ...plan,
  rows: plan.rows.map((row) =>
    row.plantings.some((p) => p.id === id)
      ? { ...row, plantings: row.plantings.map((p) => (p.id === id ? { ...p, ...change } : p)) }
      : row,
  ),
});

/** The plan without a planting; rows that do not hold it stay the very same. */
export const removePlanting = (plan: Plan, id: string): Plan => ({
  ...plan,
  rows: plan.rows.map((row) =>
    row.plantings.some((p) => p.id === id)
      ? { ...row, plantings: row.plantings.filter((p) => p.id !== id) }
      : row,
  ),
});

/** A plan with some of a row changed. */
export const changeRow = (plan: Plan, id: string, change: Partial<Omit<Row, "id">>): Plan => ({
  ...plan,
  rows: plan.rows.map((row) => (row.id === id ? { ...row, ...change } : row)),
});

/** Places on a floor are kept to a millimetre. */
const toMm = (cm: number) => Math.round(cm * 10) / 10;

/** A plan with a bag moved from where it stands by some cm, or turned there; one that stands nowhere stays so. */
export const nudgeBag = (plan: Plan, id: string, by: readonly [xCm: number, yCm: number] | "turn"): Plan => ({
  ...plan,
  bags: plan.bags.map((bag) => {
    if (bag.id !== id || !bag.spot) return bag;
    const { xCm, yCm, turned } = bag.spot;
    return {
      ...bag,
      spot:
        by === "turn"
          ? { xCm, yCm, turned: !turned }
          : { xCm: toMm(xCm + by[0]), yCm: toMm(yCm + by[1]), turned },
    };
  }),
});

/** A plan with some of a bag changed. */
export const changeBag = (plan: Plan, id: string, change: Partial<Omit<BagThing, "id">>): Plan => ({
  ...plan,
  bags: plan.bags.map((bag) => (bag.id === id ? { ...bag, ...change } : bag)),
});

/** A plan without a row; its bag goes too unless the household has it at hand. */
export function removeRow(plan: Plan, id: string): Plan {
  const bagId = plan.rows.find((row) => row.id === id)?.bagId;
  return {
    bags: plan.bags.filter((bag) => bag.id !== bagId || bag.atHand),
    rows: plan.rows.filter((row) => row.id !== id),
  };
}

const plantingIn = (plan: Plan, id: string): Planting | undefined =>
  plan.rows.flatMap((row) => row.plantings).find((p) => p.id === id);

/** A plan with a planting sown some days later, or earlier below 0; the day that it is to be out by moves with it. */
export function movePlanting(plan: Plan, id: string, days: number): Plan {
  const planting = plantingIn(plan, id);
  if (!planting) return plan;
  return changePlanting(plan, id, {
    sowOn: addDays(planting.sowOn, days),
    ...(planting.outBy === undefined ? {} : { outBy: addDays(planting.outBy, days) }),
  });
}

/** A plan with a planting sown again in its row, every so many days, for a steady supply. */
export function sowAgain(
  plan: Plan,
  id: string,
  { everyDays, times }: { readonly everyDays: number; readonly times: number },
  newId: () => string,
): Plan {
  const planting = plantingIn(plan, id);
  if (!planting) return plan;
  const { outBy: _, ...base } = planting;
  const again = Array.from({ length: times }, (_x, i): Planting => ({
    ...base,
    id: newId(),
    sowOn: addDays(planting.sowOn, everyDays * (i + 1)),
  }));
  return {
    ...plan,
    rows: plan.rows.map((row) =>
      row.plantings.includes(planting) ? { ...row, plantings: [...row.plantings, ...again] } : row,
    ),
  };
}

/** A plan with a row once more: a new bag of the same kind, still to buy, with the same plantings. */
export function copyRow(plan: Plan, id: string, newId: () => string): Plan {
  const row = plan.rows.find((r) => r.id === id);
  const bag = plan.bags.find((b) => b.id === row?.bagId);
  if (!row || !bag) return plan;
  const { spot: _, ...unplaced } = bag;
  const copy: BagThing = { ...unplaced, id: newId(), atHand: false, firstSeason: null };
  const { pinned: _pinned, ...rest } = row;
  return {
    bags: [...plan.bags, copy],
    rows: [
      ...plan.rows,
      { ...rest, id: newId(), bagId: copy.id, plantings: row.plantings.map((p) => ({ ...p, id: newId() })) },
    ],
  };
}

/** A plan in which two rows have each other's bags. */
export function swapBags(plan: Plan, a: string, b: string): Plan {
  const [first, second] = [plan.rows.find((r) => r.id === a), plan.rows.find((r) => r.id === b)];
  if (!first || !second) return plan;
  const bagOf = (id: string) => (id === a ? second.bagId : first.bagId);
  return {
    ...plan,
    rows: plan.rows.map((row) => (row.id === a || row.id === b ? { ...row, bagId: bagOf(row.id) } : row)),
  };
}

/** A plan with a planting taken from its row into another. */
export function rehouse(plan: Plan, id: string, rowId: string): Plan {
  const planting = plantingIn(plan, id);
  if (!planting || !plan.rows.some((row) => row.id === rowId)) return plan;
  const without = removePlanting(plan, id);
  return {
    ...without,
    rows: without.rows.map((row) =>
      row.id === rowId ? { ...row, plantings: [...row.plantings, planting] } : row,
    ),
  };
}
