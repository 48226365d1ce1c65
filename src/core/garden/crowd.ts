import { standOn } from "../crop";
import { whereOf } from "../placement";
import type { Occupant, Stretch } from "./occupant";

/** Days between looks at a row: growth is slow, and ends of stays are looked at besides. */
export const STEP_DAYS = 3;

/** Litres that a planting wants on a day, from its good or its least amount; none for a dense stand, and none once it is out. */
export function soilOn({ goal, planting, course }: Occupant, day: number, mark: "good" | "least"): number {
  const stand = standOn(goal, whereOf(planting.surface));
  if (stand.type !== "plants") return 0;
  return stand.soilL[mark] * (planting.plants ?? 0) * course.grown(day);
}

/** Distance, cm, that plants of two plantings want at least on a day: half of what each keeps from its own kind, as far as they are grown. */
export function apartOn(a: Occupant, b: Occupant, day: number): number {
  const half = ({ goal, course }: Occupant) =>
    goal.stand.type === "plants" ? (goal.stand.spacingCm.least * Math.sqrt(course.grown(day))) / 2 : 0;
  return half(a) + half(b);
}

/** Days on which both stand: every few, and the first and last. */
export function daysTogether(a: { readonly course: Stretch }, b: { readonly course: Stretch }): number[] {
  const from = Math.max(a.course.from, b.course.from);
  const to = Math.min(a.course.to, b.course.to);
  if (to < from) return [];
  const days: number[] = [];
  for (let day = from; day < to; day += STEP_DAYS) days.push(day);
  days.push(to);
  return days;
}

/** What plantings take of a bag on a day when all share its soil alike: their good amount while it lasts, down to the least that each needs. */
function takenOn(taking: readonly Occupant[], all: readonly Occupant[], day: number, soilL: number): number {
  const sum = (occupants: readonly Occupant[], mark: "good" | "least") =>
    occupants.reduce((total, o) => total + soilOn(o, day, mark), 0);
  const [good, least] = [sum(all, "good"), sum(all, "least")];
  const share = good <= soilL ? 1 : good > least ? Math.max(0, (soilL - least) / (good - least)) : 0;
  const own = sum(taking, "least");
  return own + share * (sum(taking, "good") - own);
}

/**
 * Litres of a bag that neighbours take from a planting, so that what is left is what it finds on its worst day: a
 * neighbour that is out before this one is grown takes little, one that closes over it takes its whole share.
 */
export function claimedFrom(own: Occupant, others: readonly Occupant[], soilL: number): number {
  let left = soilL;
  for (const day of others.flatMap((other) => daysTogether(own, other))) {
    const grown = own.course.grown(day);
    const taken = takenOn(others, [own, ...others], day, soilL);
    if (grown > 0) left = Math.min(left, Math.max(0, soilL - taken) / grown);
  }
  return soilL - left;
}

/** The stretches of days on which something holds; days are in order. */
export function stretches(days: readonly number[], holds: (day: number) => boolean): Stretch[] {
  const found: { from: number; to: number }[] = [];
  let open: { from: number; to: number } | undefined;
  for (const day of days) {
    if (!holds(day)) open = undefined;
    else if (open) open.to = day;
    else found.push((open = { from: day, to: day }));
  }
  return found;
}
