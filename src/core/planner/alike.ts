import type { Plan } from "../plan";

/** Gardens that share more than this part of their plantings are one garden to those who choose. */
const ALIKE_FROM = 0.8;

/** What each planting is to those who look at a garden: a crop in a kind of bag. */
function plantedIn({ bags, rows }: Plan): string[] {
  const kindOf = new Map(bags.map((bag) => [bag.id, bag.kindId]));
  return rows.flatMap((row) => row.plantings.map((p) => `${p.goalId} ${kindOf.get(row.bagId)}`));
}

/** Whether two gardens are nearly the same: what they plant and in which kinds of bag, whenever. */
export function isAlike(one: Plan, other: Plan): boolean {
  const [a, left] = [plantedIn(one), plantedIn(other)];
  const most = Math.max(a.length, left.length);
  const shared = a.filter((planting) => {
    const at = left.indexOf(planting);
    if (at >= 0) left.splice(at, 1);
    return at >= 0;
  });
  return most > 0 && shared.length > ALIKE_FROM * most;
}
