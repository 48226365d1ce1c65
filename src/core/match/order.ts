import { GRADES } from "../fit";
import { known } from "../known";
import { foodGroup, NO_WANTS, type Taste, tasteOf, TASTES } from "../food";
import { marketMinor } from "../money";
import type { LineGlance } from "./match";
import type { Setting } from "../setting";

export const MATCH_ORDERS = ["fit", "tastes", "meal", "money", "sun", "hardy"] as const;
export type MatchOrder = (typeof MATCH_ORDERS)[number];

/** Which crops are shown by what a household eats: all, all but what nobody touches, or what is often on the table. */
export const TASTE_FILTERS = ["all", "liked", "often"] as const;
export type TasteFilter = (typeof TASTE_FILTERS)[number];

const tasteIn = (line: LineGlance, setting: Setting): Taste =>
  tasteOf(line.crop, line.goal, setting.wants ?? NO_WANTS);

/** Whether a line is shown under a filter of taste. */
export function passesTaste(line: LineGlance, filter: TasteFilter, setting: Setting): boolean {
  const taste = tasteIn(line, setting);
  return (
    filter === "all" ||
    (filter === "liked" ? taste !== "refused" : TASTES.indexOf(taste) <= TASTES.indexOf("often"))
  );
}

/** The bag in which a line gives most, as the market would ask for it, and that in minor units; undefined where nobody knows the price, or nothing grows. */
export function bestWorth(
  line: LineGlance,
  setting: Setting,
): { readonly minor: number; readonly bagId: string } | undefined {
  const worth = line.cells.map(({ bagId, fit, harvest }) => ({
    bagId,
    minor:
      marketMinor(setting.prices ?? {}, line.crop.id, fit.grade === "wrong" ? 0 : 1000 * harvest.likely) ?? 0,
  }));
  const best = worth.reduce((a, b) => (b.minor > a.minor ? b : a), { minor: 0, bagId: "" });
  return best.minor > 0 ? best : undefined;
}

/** Lines in the order of what somebody asks first; equals by their first meal. */
export function orderLines<L extends LineGlance>(
  lines: readonly L[],
  order: MatchOrder,
  setting: Setting,
): L[] {
  const meal = (l: LineGlance) => l.season.stages.firstPick?.likely ?? "9";
  const taste = (l: LineGlance) => TASTES.indexOf(tasteIn(l, setting));
  const key: Record<MatchOrder, (l: LineGlance) => number> = {
    // Of what fits alike: what this household eats before what it does not, and shoots, which fit anywhere, after all else.
    fit: (l) =>
      Math.min(...l.cells.map((c) => GRADES.indexOf(c.fit.grade)), GRADES.length) +
      (l.goal.kind === "microgreen" ? 0.5 : 0) +
      taste(l) / 100,
    tastes: taste,
    meal: () => 0,
    money: (l) => -(bestWorth(l, setting)?.minor ?? 0),
    sun: (l) => l.goal.sunHours.good,
    hardy: (l) => l.crop.nights.standsC,
  };
  const keyed = lines.map((line) => ({ line, k: key[order](line) }));
  return keyed.sort((a, b) => a.k - b.k || meal(a.line).localeCompare(meal(b.line))).map(({ line }) => line);
}

/** So many crops are enough to begin with, so many of one kind of food, and of what is strewn for leaf or for shoots one each. Ours to choose. */
const SHORT = 12;
const SHORT_OF_A_FOOD = 3;

/** What a household would grow now: what fits somewhere and is eaten, the best first, each crop once, and some of each kind of food. */
export function shortlist<L extends LineGlance>(lines: readonly L[], setting: Setting): L[] {
  const wanted = lines.filter(
    (line) =>
      foodGroup(line.goal) !== undefined &&
      passesTaste(line, "liked", setting) &&
      line.cells.some(({ fit }) => fit.grade !== "wrong"),
  );
  const taken = new Map<string, number>();
  const takes = (key: string, most: number) => (taken.get(key) ?? 0) < most;
  // What works in most of the bags before what works in one; what bears for years is no first crop.
  const grade = ({ cells, goal }: LineGlance) =>
    cells.reduce((sum, { fit }) => sum + Math.max(0, GRADES.indexOf(fit.grade) - 1), 0) / cells.length +
    (goal.bears ? 1 : 0);
  const graded = new Map(wanted.map((line) => [line, grade(line)]));
  return orderLines(wanted, "fit", setting)
    .sort((a, b) => (graded.get(a) ?? 0) - (graded.get(b) ?? 0))
    .filter(({ crop, goal }) => {
      const isDense = goal.stand.type === "dense";
      const [food, most] = isDense ? [goal.kind, 1] : [known(foodGroup(goal)), SHORT_OF_A_FOOD];
      if (!takes(crop.id, 1) || !takes(food, most)) return false;
      for (const key of [crop.id, food]) taken.set(key, (taken.get(key) ?? 0) + 1);
      return true;
    })
    .slice(0, SHORT);
}
