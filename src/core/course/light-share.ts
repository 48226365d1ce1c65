import type { Goal, GoalKind } from "../crop";

/** Light beyond which a kind of harvest gains little, mol/m² a day. Assumption, no source: leaf 12 to 15, roots and heads 18 to 20, fruit 25 to 30. */
const ENOUGH_MOL: Record<GoalKind, number> = {
  microgreen: 4,
  leaf: 14,
  "baby-leaf": 14,
  tops: 14,
  herb: 14,
  flower: 19,
  head: 19,
  "baby-head": 19,
  bulb: 19,
  root: 19,
  tuber: 19,
  pod: 27,
  cob: 27,
  fruit: 27,
  tree: 27,
};

/** How much of what full sun gives a kind of harvest gives by less light, 0 to 1. @param mol mean daily light integral */
export const lightShare = ({ kind }: Pick<Goal, "kind">, mol: number): number =>
  Math.min(1, mol / ENOUGH_MOL[kind]);
