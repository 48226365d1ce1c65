import type { BagThing, Plan, Planting, Row } from "./plan";

/** A plan with a planting put into a bag: into the bag's row, or into a new row `rowId` when it has none. */
export function putPlanting(plan: Plan, bagId: string, planting: Planting, rowId: string): Plan {
  const has = plan.rows.some((row) => row.bagId === bagId);
  const rows: Row[] = has
    ? plan.rows.map((row) => (row.bagId === bagId ? { ...row, plantings: [...row.plantings, planting] } : row))
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
    row.plantings.some((p) => p.id === id) ? { ...row, plantings: row.plantings.map((p) => (p.id === id ? { ...p, ...change } : p)) } : row,
  ),
});

export const removePlanting = (plan: Plan, id: string): Plan => ({
  ...plan,
  rows: plan.rows.map((row) => (row.plantings.some((p) => p.id === id) ? { ...row, plantings: row.plantings.filter((p) => p.id !== id) } : row)),
});

/** A plan with some of a row changed. */
export const changeRow = (plan: Plan, id: string, change: Partial<Omit<Row, "id">>): Plan => ({
  ...plan,
  rows: plan.rows.map((row) => (row.id === id ? { ...row, ...change } : row)),
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
