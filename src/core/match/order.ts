import { GRADES } from "../fit";
import { NO_WANTS, type Taste, tasteOf, TASTES } from "../food";
import { marketMinor } from "../money";
import type { MatchLine } from "./match";
import type { Setting } from "../setting";

export const MATCH_ORDERS = ["fit", "tastes", "meal", "money", "sun", "hardy"] as const;
export type MatchOrder = (typeof MATCH_ORDERS)[number];

/** Which crops are shown by what a household eats: all, all but what nobody touches, or what is often on the table. */
export const TASTE_FILTERS = ["all", "liked", "often"] as const;
export type TasteFilter = (typeof TASTE_FILTERS)[number];

const tasteIn = (line: MatchLine, setting: Setting): Taste =>
  tasteOf(line.crop, line.goal, setting.wants ?? NO_WANTS);

export function passesTaste(line: MatchLine, filter: TasteFilter, setting: Setting): boolean {
  const taste = tasteIn(line, setting);
  return (
    filter === "all" ||
    (filter === "liked" ? taste !== "refused" : TASTES.indexOf(taste) <= TASTES.indexOf("often"))
  );
}

/** What the best cell of a line gives, as the market would ask for it, in minor units; 0 where nobody knows the price. */
export function bestWorth(line: MatchLine, setting: Setting): number {
  const worth = line.cells.map(({ fit, harvest }) => {
    const g = fit.grade === "wrong" ? 0 : 1000 * harvest.likely;
    return marketMinor(setting.prices ?? {}, line.crop.id, g) ?? 0;
  });
  return Math.max(0, ...worth);
}

/** Lines in the order of what somebody asks first; equals by their first meal. */
export function orderLines(lines: readonly MatchLine[], order: MatchOrder, setting: Setting): MatchLine[] {
  const meal = (l: MatchLine) => l.season.stages.firstPick?.likely ?? "9";
  const taste = (l: MatchLine) => TASTES.indexOf(tasteIn(l, setting));
  const key: Record<MatchOrder, (l: MatchLine) => number> = {
    // Of what fits alike: what this household eats before what it does not, and shoots, which fit anywhere, after all else.
    fit: (l) =>
      Math.min(...l.cells.map((c) => GRADES.indexOf(c.fit.grade)), GRADES.length) +
      (l.goal.kind === "microgreen" ? 0.5 : 0) +
      taste(l) / 100,
    tastes: taste,
    meal: () => 0,
    money: (l) => -bestWorth(l, setting),
    sun: (l) => l.goal.sunHours.good,
    hardy: (l) => l.crop.nights.standsC,
  };
  const keyed = lines.map((line) => ({ line, k: key[order](line) }));
  return keyed.sort((a, b) => a.k - b.k || meal(a.line).localeCompare(meal(b.line))).map(({ line }) => line);
}
