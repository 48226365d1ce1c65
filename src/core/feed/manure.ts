import type { GoalKind } from "../crop";
import { addDays, type Day } from "../day";

/** What is picked well above the mix: its edible part does not touch soil. */
const ABOVE_SOIL = new Set<GoalKind>(["pod", "cob", "fruit", "flower", "tree"]);

/** Days that raw manure lies before a harvest: 120 where the edible part touches soil, 90 otherwise. US National Organic Program, 7 CFR 205.203(c)(1). */
export const manureWaitDays = (kind: GoalKind): 90 | 120 => (ABOVE_SOIL.has(kind) ? 90 : 120);

/** The last day on which raw manure can go into a bag before a harvest. */
export const rawManureUntil = (firstPick: Day, kind: GoalKind): Day =>
  addDays(firstPick, -manureWaitDays(kind));
