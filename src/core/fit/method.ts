import { type Goal, type Method, setsPlants, type Where } from "../crop";
import type { Skill } from "../place";
import type { Schools } from "../school";

export interface MethodChoice {
  readonly method: Method;
  /** False for what the household has no trays for. */
  readonly isDoable: boolean;
  /** Why this one: the crop's own reason, that a side hole takes only what is set in it, the school in force, or what the household has. */
  readonly why: Method["why"] | "side-hole" | "school" | "no-trays-here" | "first-season" | "season";
}

/** What a household brings to sowing: cells or trays to raise in (null: nobody asked), and how sure its hands are. */
export interface Hands {
  readonly cells: number | null;
  readonly skill: Skill;
}

/** Methods that can be used on a surface, the usual one first. A side hole takes a plant, never loose seed. */
export const methodsFor = (goal: Goal, where: Where): Method[] =>
  goal.methods.filter((m) => where === "top" || setsPlants(m.method));

const isRaised = (method: Method): boolean => method.move !== undefined || method.method === "bought";

/** A seedling that stays longer than this in its tray is no work for somebody's first season. Assumption, no source. */
const LONG_NURSERY_DAYS = 21;
/** What speaks against a method, the lightest first: what cannot be done weighs more than what is only thought better. */
const WEIGHTS: readonly (MethodChoice["why"] | undefined)[] = [
  undefined,
  "first-season",
  "school",
  "no-trays-here",
];

/**
 * The methods that a surface allows, the best first, each with why it would be the one: the school where the crop leaves
 * a choice; then what the household can do, without trays or in its first season; then what is usual.
 */
export function rankMethods(
  goal: Goal,
  where: Where,
  start: Schools["start"] = "usual",
  hands?: Hands,
): MethodChoice[] {
  const open = methodsFor(goal, where);
  const [usual] = open;
  const against = (m: Method): MethodChoice["why"] | undefined => {
    if (hands?.cells === 0 && m.move) return "no-trays-here";
    if (start !== "usual" && isRaised(m) !== (start === "raised")) return "school";
    return hands?.skill === "first" && (m.move?.afterUp.likely ?? 0) > LONG_NURSERY_DAYS
      ? "first-season"
      : undefined;
  };
  const weight = (m: Method) => WEIGHTS.indexOf(against(m));
  const ranked = [...open].sort((a, b) => weight(a) - weight(b));
  const own = (m: Method): MethodChoice["why"] =>
    m === goal.methods[0] || m !== usual ? m.why : "side-hole";
  // What speaks against the usual one is why another comes before it.
  return ranked.map((method, i) => ({
    method,
    isDoable: against(method) !== "no-trays-here",
    why: (i === 0 && method !== usual && usual && against(usual)) || own(method),
  }));
}
