import { type Half, HALVES, otherHalf } from "../placement";
import { type BagClass, type Instance, type Lane, LANES } from "./instance";
import type { State } from "./state";

/** One bag of a garden under construction, and the chosen candidates in each part of it. */
export interface BagUse {
  readonly classIndex: number;
  /** Its number among the bags of its class: those that are there first, then those that are bought. */
  readonly number: number;
  readonly parts: Readonly<Record<Lane, number[]>>;
}

export const noPlantings = (): Record<Lane, number[]> => ({ top: [], side: [], "first-half": [], "second-half": [] });

/** The lane whose candidates a part of a bag takes: alike halves share one. */
export const laneOf = (k: BagClass, part: Lane): Lane => (k.parts === 2 && part === "second-half" ? "first-half" : part);

/** Whether two plantings in the halves of a bag stand at the same time, and one of them in too much of the other's shade. @param half that of the first */
export function inOthersLight(instance: Instance, index: number, half: Half, other: number): boolean {
  const [a, b] = [instance.candidates[index]!, instance.candidates[other]!];
  if (a.end <= b.from || b.end <= a.from) return false;
  return instance.shade(index, half, other) > a.spareLight || instance.shade(other, otherHalf(half), index) > b.spareLight;
}

/** The bags of a garden: each planting goes to the first that is free and where nothing stands in its light. Whole tops are taken from the first bag on and parted ones from the last, so that they never meet. */
export function bagsOf(state: State): BagUse[] {
  const { classes, candidates } = state.instance;
  const byClass = classes.map((k, classIndex) => Array.from({ length: k.bagIds.length + state.bought[classIndex]! }, (_, number): BagUse => ({ classIndex, number, parts: noPlantings() })));
  const freeFrom = new Map<number[], number>();
  for (const index of state.chosen().sort((a, b) => candidates[a]!.from - candidates[b]!.from || candidates[a]!.end - candidates[b]!.end || a - b)) {
    const c = candidates[index]!;
    const k = classes[c.classIndex]!;
    const bags = byClass[c.classIndex]!;
    const inOrder = c.lane === "top" || c.lane === "side" ? bags : bags.slice(bags.length - state.partedBags(c.classIndex)).reverse();
    const open = inOrder.flatMap((bag) => LANES.filter((part) => laneOf(k, part) === c.lane).map((part) => ({ part, list: bag.parts[part], bag })));
    const free = open.filter(({ list }) => (freeFrom.get(list) ?? k.freeFrom) <= c.from);
    const [first] = free;
    if (!first) throw new Error("more plantings than bags at one time");
    const bright = free.filter(({ bag, part }) => !HALVES.some((half) => half === part && bag.parts[otherHalf(half)].some((i) => inOthersLight(state.instance, index, half, i))));
    // A planting that is kept stays in its own half where that is free.
    const { list } = bright.find(({ bag, part }) => bag === first.bag && part === c.surface) ?? bright[0] ?? first;
    list.push(index);
    freeFrom.set(list, c.end);
  }
  return byClass.flat();
}
