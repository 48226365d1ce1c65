import type { Goal, GoalKind } from "../crop";

/** What to look at before a pick. */
export type Sign =
  | "leaf-size"
  | "hand-high"
  | "firm-head"
  | "neck-fallen"
  | "thick-stem"
  | "shoulders-show"
  | "tops-yellow"
  | "pods-full"
  | "silks-brown"
  | "full-colour"
  | "before-true-leaves"
  | "long-tips"
  | "flowers-open";

/** How it is taken. */
export type Cut =
  /** Cut-and-come-again: here and there over the whole bag, never all of one plant. */
  | "here-and-there"
  /** Leaf by leaf, the outer and lower ones first. */
  | "outer-leaves"
  | "whole-head"
  | "pull"
  | "lift-and-dry"
  | "lift"
  | "often"
  | "twist-off"
  | "all-at-once"
  | "tips"
  | "sprigs";

/** How to judge and take a harvest. */
export interface Ripeness {
  readonly sign: Sign;
  readonly cut: Cut;
  /** How high above the crown the blade goes, cm, and which share of each plant stays, 0 to 1: where it is to come again. */
  readonly aboveCrownCm?: number;
  readonly leaves?: number;
  /** The pick is the plant's end. */
  readonly isEnd: boolean;
}

/** A cut so high above the crown spares it: a damaged one does not come back. Common practice. */
const ABOVE_CROWN_CM = 5;
/** At least this share of a plant stays. Common practice. */
const LEAVES = 0.25;

const BY_KIND: Record<GoalKind, { readonly sign: Sign; readonly cut: Cut }> = {
  leaf: { sign: "leaf-size", cut: "here-and-there" },
  "baby-leaf": { sign: "hand-high", cut: "here-and-there" },
  head: { sign: "firm-head", cut: "whole-head" },
  "baby-head": { sign: "firm-head", cut: "whole-head" },
  bulb: { sign: "neck-fallen", cut: "lift-and-dry" },
  root: { sign: "shoulders-show", cut: "pull" },
  tuber: { sign: "tops-yellow", cut: "lift" },
  pod: { sign: "pods-full", cut: "often" },
  cob: { sign: "silks-brown", cut: "twist-off" },
  fruit: { sign: "full-colour", cut: "often" },
  microgreen: { sign: "before-true-leaves", cut: "all-at-once" },
  tops: { sign: "long-tips", cut: "tips" },
  herb: { sign: "leaf-size", cut: "sprigs" },
  flower: { sign: "flowers-open", cut: "often" },
  tree: { sign: "full-colour", cut: "twist-off" },
};

/** What to look at, how to cut, how much to leave, and whether that ends the plant. Common practice. */
export function ripenessOf({ kind, picking, bears }: Pick<Goal, "kind" | "picking" | "bears">): Ripeness {
  const { sign, cut } = BY_KIND[kind];
  // What bears for years is picked once a year, and stays.
  const isEnd = picking.pattern === "once" && bears === undefined;
  // Pulled green, one by one: spring onions and leeks.
  if (kind === "bulb" && picking.pattern === "continuous") return { sign: "thick-stem", cut: "pull", isEnd };
  if (cut !== "here-and-there") return { sign, cut, isEnd };
  // Leaf that is picked all season long is taken leaf by leaf.
  if (picking.pattern === "continuous") return { sign, cut: "outer-leaves", leaves: LEAVES, isEnd };
  return isEnd
    ? { sign, cut: "all-at-once", isEnd }
    : { sign, cut, aboveCrownCm: ABOVE_CROWN_CM, leaves: LEAVES, isEnd };
}
