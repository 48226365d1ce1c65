import { grownOn } from "../canopy";
import { addDays, type Day, daysBetween } from "../day";
import type { Draft } from "./draft";

/** Days between looks at a row: growth is slow, and ends of stays are looked at besides. */
export const STEP_DAYS = 3;

const countOf = ({ planting }: Draft) => planting.plants ?? 0;

/** Litres that a planting wants on a day, from its good or its least amount; none for a stand sown thick, and none once it is out. */
export function soilOn(draft: Draft, day: Day, mark: "good" | "least"): number {
  const { goal, stay, season } = draft;
  if (goal.stand.type !== "plants" || day < stay.from || day > stay.to) return 0;
  return goal.stand.soilL[mark] * countOf(draft) * grownOn(season.stages, day);
}

/** Distance that plants of two plantings want at least on a day: half of what each keeps from its own kind, as far as they are grown. */
export function apartOn(a: Draft, b: Draft, day: Day): number {
  const half = ({ goal, season }: Draft) =>
    goal.stand.type === "plants"
      ? (goal.stand.spacingCm.least * Math.sqrt(grownOn(season.stages, day))) / 2
      : 0;
  return half(a) + half(b);
}

/** Days on which both stand: every few, and the first and last. */
export function daysTogether(a: { stay: Draft["stay"] }, b: { stay: Draft["stay"] }): Day[] {
  const from = a.stay.from > b.stay.from ? a.stay.from : b.stay.from;
  const to = a.stay.to < b.stay.to ? a.stay.to : b.stay.to;
  const length = daysBetween(from, to);
  if (length < 0) return [];
  const days = Array.from({ length: Math.floor(length / STEP_DAYS) + 1 }, (_, i) =>
    addDays(from, STEP_DAYS * i),
  );
  return days.at(-1) === to ? days : [...days, to];
}

/** What plantings take of a bag on a day when all share its soil alike: their good amount while it lasts, down to the least that each needs. */
function takenOn(taking: readonly Draft[], all: readonly Draft[], day: Day, soilL: number): number {
  const sum = (drafts: readonly Draft[], mark: "good" | "least") =>
    drafts.reduce((total, d) => total + soilOn(d, day, mark), 0);
  const [good, least] = [sum(all, "good"), sum(all, "least")];
  const share = good <= soilL ? 1 : good > least ? Math.max(0, (soilL - least) / (good - least)) : 0;
  const own = sum(taking, "least");
  return own + share * (sum(taking, "good") - own);
}

/**
 * Litres of a bag that neighbours take from a planting, so that what is left is what it finds on its worst day: a
 * neighbour that is out before this one is grown takes little, one that closes over it takes its whole share.
 */
export function claimedFrom(draft: Draft, others: readonly Draft[], soilL: number): number {
  let left = soilL;
  for (const day of others.flatMap((other) => daysTogether(draft, other))) {
    const grown = grownOn(draft.season.stages, day);
    const taken = takenOn(others, [draft, ...others], day, soilL);
    if (grown > 0) left = Math.min(left, Math.max(0, soilL - taken) / grown);
  }
  return soilL - left;
}

/** The stretches of days on which something holds; days are in order. */
export function stretches(days: readonly Day[], holds: (day: Day) => boolean): { from: Day; to: Day }[] {
  const found: { from: Day; to: Day }[] = [];
  let open = false;
  for (const day of days) {
    const now = holds(day);
    if (now && !open) found.push({ from: day, to: day });
    if (now) found[found.length - 1]!.to = day;
    open = now;
  }
  return found;
}
