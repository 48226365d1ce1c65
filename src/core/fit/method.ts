import { type Goal, type Method, setsPlants, type Where } from "../crop";

export interface MethodChoice {
  readonly method: Method;
  /** Why this one: the crop's own reason, or that a side hole takes only what is set in it. */
  readonly why: Method["why"] | "side-hole";
}

/** Methods that can be used on a surface, the usual one first. A side hole takes a plant, never loose seed. */
export const methodsFor = (goal: Goal, where: Where): Method[] =>
  goal.methods.filter((m) => where === "top" || setsPlants(m.method));

/** The sowing method for a goal on a surface; undefined when none serves it. */
export function chooseMethod(goal: Goal, where: Where): MethodChoice | undefined {
  const method = methodsFor(goal, where)[0];
  return method && { method, why: method === goal.methods[0] ? method.why : "side-hole" };
}
