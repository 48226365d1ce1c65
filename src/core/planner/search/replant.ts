import { HALVES } from "../../placement";
import { type BagUse, inOthersLight, laneOf } from "./assign";
import { type Instance, type Lane, WEEKS } from "../model/instance";
import type { Placing, State } from "./state";

/** Candidates that are tried, by class, lane and the week in which they come in. */
export type Choices = readonly Readonly<Record<Lane, readonly (readonly number[])[]>>[];

/** Sorts candidates into `Choices`. */
export function choicesOf({ classes, candidates }: Instance, among: readonly number[]): Choices {
  const weeks = () => Array.from({ length: WEEKS }, (): number[] => []);
  const choices = classes.map(() => ({
    top: weeks(),
    side: weeks(),
    "first-half": weeks(),
    "second-half": weeks(),
  }));
  for (const i of among)
    choices[candidates[i]!.classIndex]![candidates[i]!.lane][candidates[i]!.from]!.push(i);
  return choices;
}

/** What is tried, and a factor for each gain, so that tries differ; 0 keeps a planting out. */
export interface Tries {
  readonly choices: Choices;
  readonly shake: (index: number) => number;
}

/** A part of a bag of a class, the plantings that stay in it, and those beside them in the other half. */
interface PartOfBag {
  readonly classIndex: number;
  readonly part: Lane;
  readonly kept: readonly number[];
  readonly beside: readonly number[];
}

/**
 * The plantings that one part of a bag takes through the year, one after the other, so that their gains come to most:
 * the longest path through its weeks. Gains are taken as if each were the only one, which within one part is nearly so.
 *
 */
function bestYear(
  state: State,
  { classIndex, part, kept, beside }: PartOfBag,
  { choices, shake }: Tries,
): number[] {
  const { candidates, classes } = state.instance;
  const half = HALVES.find((h) => h === part);
  const busy = new Uint8Array(WEEKS + 1);
  for (const i of kept) busy.fill(1, candidates[i]!.from, candidates[i]!.end);
  // The first busy week from each week on: what ends later does not fit.
  const until = new Int16Array(WEEKS + 1).fill(WEEKS);
  for (let week = WEEKS - 1; week >= 0; week--) until[week] = busy[week] ? week : until[week + 1]!;
  const best = new Float64Array(WEEKS + 1);
  const next = new Int32Array(WEEKS).fill(-1);
  const weeks = choices[classIndex]![laneOf(classes[classIndex]!, part)];
  for (let week = WEEKS - 1; week >= 0; week--) {
    best[week] = best[week + 1]!;
    if (busy[week]) continue;
    for (const i of weeks[week]!) {
      const { end } = candidates[i]!;
      if (end > until[week]!) continue;
      const gain = state.gainInBag(i);
      if (gain <= 0) continue;
      const total = gain * shake(i) + best[end]!;
      if (
        total > best[week]! &&
        state.blockedBy(i) === undefined &&
        !(half && beside.some((j) => inOthersLight(state.instance, i, half, j)))
      ) {
        best[week] = total;
        next[week] = i;
      }
    }
  }
  const path: number[] = [];
  for (let week = 0; week < WEEKS;) {
    const i = next[week]!;
    if (i >= 0) path.push(i);
    week = i >= 0 ? candidates[i]!.end : week + 1;
  }
  return path;
}

/** Plants the free weeks of some parts of a bag, one part after the other; gives what was added, and what that is worth. */
function plantParts(
  state: State,
  { classIndex, number, parts }: BagUse,
  which: readonly Lane[],
  tries: Tries,
): { added: Placing[]; worth: number } {
  const added: Placing[] = [];
  let worth = 0;
  const beside: number[] = [];
  for (const part of which) {
    const other =
      part === "first-half" ? parts["second-half"] : part === "second-half" ? parts["first-half"] : [];
    const path = bestYear(
      state,
      { classIndex, part, kept: parts[part], beside: [...other, ...beside] },
      tries,
    );
    for (const i of path.sort((a, b) => state.gainInBag(b) - state.gainInBag(a))) {
      if (state.gainInBag(i) <= 0 || state.blockedBy(i) !== undefined) continue;
      worth += state.gain(i);
      const planting = { index: i, home: { number, part } };
      state.add(i, planting.home);
      added.push(planting);
      if (part === "first-half") beside.push(i);
    }
  }
  return { added, worth };
}

/** Plants what is free in a bag, as a whole or split, whichever comes to more; leaves it where nothing pays. */
export function replant(state: State, bag: BagUse, tries: Tries): boolean {
  const { parts } = bag;
  const halved = parts["first-half"].length + parts["second-half"].length > 0;
  const whole = parts.top.length + parts.side.length > 0;
  const canPart = state.instance.classes[bag.classIndex]!.parts > 0;
  const ways: Lane[][] = [
    ...(halved ? [] : [["side", "top"] as Lane[]]),
    ...(whole || !canPart ? [] : [["first-half", "second-half"] as Lane[]]),
  ];
  const undo = (added: readonly Placing[]) =>
    [...added].reverse().forEach(({ index, home }) => state.remove(index, home));
  let best: { added: Placing[]; worth: number } | undefined;
  for (const way of ways) {
    const tried = plantParts(state, bag, way, tries);
    undo(tried.added);
    if (tried.worth > (best?.worth ?? 1e-9)) best = tried;
  }
  for (const { index, home } of best?.added ?? []) state.add(index, home);
  return best !== undefined;
}
