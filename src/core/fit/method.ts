import { type Goal, type Method, setsPlants, type Where } from "../crop";
import type { Schools } from "../school";

export interface MethodChoice {
  readonly method: Method;
  /** Why this one: the crop's own reason, that a side hole takes only what is set in it, or the school in force. */
  readonly why: Method["why"] | "side-hole" | "school";
}

/** Methods that can be used on a surface, the usual one first. A side hole takes a plant, never loose seed. */
export const methodsFor = (goal: Goal, where: Where): Method[] =>
  goal.methods.filter((m) => where === "top" || setsPlants(m.method));

const isRaised = (method: Method): boolean => method.move !== undefined || method.method === "bought";

/** The sowing method for a goal on a surface, by the school where the crop leaves a choice; undefined when none serves it. */
export function chooseMethod(goal: Goal, where: Where, start: Schools["start"] = "usual"): MethodChoice | undefined {
  const open = methodsFor(goal, where);
  const [usual] = open;
  const method = (start === "usual" ? undefined : open.find((m) => isRaised(m) === (start === "raised"))) ?? usual;
  if (!method) return undefined;
  return { method, why: method !== usual ? "school" : method === goal.methods[0] ? method.why : "side-hole" };
}
