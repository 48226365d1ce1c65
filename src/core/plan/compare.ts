import type { Plan, Planting } from "./plan";

/** How two states of a plan differ in their plantings. */
export interface PlanComparison {
  readonly added: readonly Planting[];
  readonly removed: readonly Planting[];
  readonly changed: readonly { readonly before: Planting; readonly after: Planting }[];
}

const all = (plan: Plan) =>
  new Map(plan.rows.flatMap((row) => row.plantings.map((p) => [p.id, { p, rowId: row.id }] as const)));

/** What was added, taken out and changed from one state of a plan to another; a planting in another bag is changed too. */
export function comparePlans(before: Plan, after: Plan): PlanComparison {
  const [then, now] = [all(before), all(after)];
  return {
    added: [...now.values()].filter(({ p }) => !then.has(p.id)).map(({ p }) => p),
    removed: [...then.values()].filter(({ p }) => !now.has(p.id)).map(({ p }) => p),
    changed: [...now.values()].flatMap((a) => {
      const b = then.get(a.p.id);
      return b && JSON.stringify(b) !== JSON.stringify(a) ? [{ before: b.p, after: a.p }] : [];
    }),
  };
}
