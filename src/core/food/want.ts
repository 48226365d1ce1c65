import type { Crop, Goal, GoalKind } from "../crop";
import { FOOD_GROUPS, type FoodGroup, type HowOften } from "./groups";
import type { Wants } from "./wants";

const GROUP: Partial<Record<GoalKind, FoodGroup>> = {
  leaf: "greens",
  "baby-leaf": "greens",
  tops: "greens",
  microgreen: "greens",
  head: "heads",
  "baby-head": "heads",
  root: "roots",
  bulb: "roots",
  tuber: "roots",
  pod: "pods",
  cob: "pods",
  fruit: "fruits",
  tree: "fruits",
  herb: "herbs",
};

/** The group that a harvest belongs to; undefined for what is not eaten. */
export const foodGroup = (goal: Pick<Goal, "kind">): FoodGroup | undefined => GROUP[goal.kind];

export const NO_WANTS: Wants = { groups: {}, must: [], never: [] };

/** Meals a week. Common practice. */
const MEALS: Record<HowOften, number> = { daily: 7, often: 3, sometimes: 1, never: 0 };
/** One adult's helping, g: a fifth of the 400 g of fruit and vegetables a day of WHO/FAO, Technical Report Series 916 (2003); herbs from memory. */
const HELPING_G: Record<FoodGroup, number> = {
  greens: 80,
  heads: 80,
  roots: 80,
  pods: 80,
  fruits: 80,
  herbs: 5,
};
/** One adult's helping of a kind of food, g. */
export const helpingG = (group: FoodGroup): number => HELPING_G[group];

/** A child eats about half a helping. Assumption, no source. */
const CHILD = 0.5;

/** How often a household eats a kind of food; what it said nothing about, it eats sometimes. */
const howOften = (wants: Wants, group: FoodGroup): HowOften => wants.groups[group] ?? "sometimes";

/** What a household would eat in a week, g of each kind of food. */
export function weeklyWantG(
  wants: Wants,
  people: { adults: number; children: number },
): Record<FoodGroup, number> {
  const heads = people.adults + CHILD * people.children;
  return Object.fromEntries(
    FOOD_GROUPS.map((g) => [g, MEALS[howOften(wants, g)] * HELPING_G[g] * heads]),
  ) as Record<FoodGroup, number>;
}

/** How a household takes to a harvest, the dearest first. `plain`: it is not food, or nobody said anything that matters. */
export const TASTES = ["must", "daily", "often", "sometimes", "plain", "refused"] as const;
export type Taste = (typeof TASTES)[number];

/** How a household takes to a crop's use: what it names goes before what it says of the kind of food. */
export function tasteOf(crop: Pick<Crop, "id">, goal: Pick<Goal, "id" | "kind">, wants: Wants): Taste {
  if (wants.never.includes(crop.id) || wants.never.includes(goal.id)) return "refused";
  if (wants.must.includes(crop.id)) return "must";
  const group = foodGroup(goal);
  if (!group) return "plain";
  const often = howOften(wants, group);
  return often === "never" ? "refused" : often;
}
