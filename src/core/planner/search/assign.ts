import { type Half, HALVES, otherHalf } from "../../placement";
import { type BagClass, type Instance, type Lane, LANES } from "../model/instance";
import type { Placing, State } from "./state";

/** One bag of a garden under construction, and the chosen candidates in each part of it. */
export interface BagUse {
  readonly classIndex: number;
  /** Its number among the bags of its class: those that are there first, then those that are bought. */
  readonly number: number;
  readonly parts: Readonly<Record<Lane, number[]>>;
}

/** A bag with nothing in any of its lanes. */
export const noPlantings = (): Record<Lane, number[]> => ({
  top: [],
  side: [],
  "first-half": [],
  "second-half": [],
});

/** One more bag of a class, to be bought or filled. */
export const newBag = ({ instance, bought }: State, classIndex: number): BagUse => ({
  classIndex,
  number: instance.classes[classIndex]!.free + bought[classIndex]!,
  parts: noPlantings(),
});

/** The lane whose candidates a part of a bag takes: alike halves share one. */
export const laneOf = (k: BagClass, part: Lane): Lane =>
  k.parts === 2 && part === "second-half" ? "first-half" : part;

/** Whether two plantings in the halves of a bag stand at the same time, and one of them in too much of the other's shade. @param half that of the first */
export function inOthersLight(instance: Instance, index: number, half: Half, other: number): boolean {
  const [a, b] = [instance.candidates[index]!, instance.candidates[other]!];
  if (a.end <= b.from || b.end <= a.from) return false;
  return (
    instance.shade(index, half, other) > a.spareLight ||
    instance.shade(other, otherHalf(half), index) > b.spareLight
  );
}

/**
 * The bags of a garden. Each planting goes to the part that it was meant for where that is free, else to the first that
 * is free and where nothing stands in its light. A bag is whole or split for the year; as many are split as have to be.
 */
export function bagsOf(state: State): BagUse[] {
  const { classes, candidates } = state.instance;
  const placings = state
    .placings()
    .sort(
      ({ index: a }, { index: b }) =>
        candidates[a]!.from - candidates[b]!.from || candidates[a]!.end - candidates[b]!.end || a - b,
    );
  const byClass = classes.map((k, classIndex) =>
    Array.from({ length: k.free + state.bought[classIndex]! }, (_, number): BagUse => ({
      classIndex,
      number,
      parts: noPlantings(),
    })),
  );
  const meant = byClass.map((bags) => bags.map(() => 0));
  for (const { index, home } of placings) {
    const { classIndex, lane } = candidates[index]!;
    if (home && home.number < meant[classIndex]!.length && isHalf(lane))
      meant[classIndex]![home.number]! += 1;
  }
  // The bags with most plantings meant for a half are split, the last of equals first.
  const split = byClass.map((bags, classIndex) =>
    [...bags]
      .sort((a, b) => meant[classIndex]![b.number]! - meant[classIndex]![a.number]! || b.number - a.number)
      .slice(0, state.splitBags(classIndex)),
  );
  const whole = byClass.map((bags, classIndex) => bags.filter((bag) => !split[classIndex]!.includes(bag)));
  const freeFrom = new Map<number[], number>();
  for (const { index, home } of placings) {
    const c = candidates[index]!;
    const k = classes[c.classIndex]!;
    const inOrder = isHalf(c.lane)
      ? split[c.classIndex]!
      : c.lane === "top"
        ? whole[c.classIndex]!
        : byClass[c.classIndex]!;
    const open = inOrder.flatMap((bag) =>
      LANES.filter((part) => laneOf(k, part) === c.lane).map((part) => ({
        part,
        list: bag.parts[part],
        bag,
      })),
    );
    const free = open.filter(({ list }) => (freeFrom.get(list) ?? k.freeFrom) <= c.from);
    const [first] = free;
    if (!first) throw new Error("more plantings than bags at one time");
    const bright = free.filter(
      ({ bag, part }) =>
        !HALVES.some(
          (half) =>
            half === part &&
            bag.parts[otherHalf(half)].some((i) => inOthersLight(state.instance, index, half, i)),
        ),
    );
    const own = bright.find(({ bag, part }) => bag.number === home?.number && part === home.part);
    // A planting that is kept stays in its own half where that is free.
    const { list } =
      own ?? bright.find(({ bag, part }) => bag === first.bag && part === c.surface) ?? bright[0] ?? first;
    list.push(index);
    freeFrom.set(list, c.end);
  }
  return byClass.flat();
}

const isHalf = (lane: Lane) => lane === "first-half" || lane === "second-half";

/** Plantings that stand in the light of the one beside them, one of each such pair: rather not one that the plan has already. */
const inTheDark = (instance: Instance, bags: readonly BagUse[]): Placing[] =>
  bags.flatMap(({ number, parts }) =>
    parts["first-half"].flatMap((i) =>
      parts["second-half"].flatMap((j): Placing[] => {
        if (!inOthersLight(instance, i, "first-half", j)) return [];
        return [
          instance.candidates[j]!.plantingId === undefined
            ? { index: j, home: { number, part: "second-half" } }
            : { index: i, home: { number, part: "first-half" } },
        ];
      }),
    ),
  );

/** Takes out what stands in another's light, until nothing does, and lets all else stay in its bag. */
export function clearShade(state: State): void {
  for (;;) {
    const bags = bagsOf(state);
    state.keepAt(
      bags.flatMap(({ number, parts }) =>
        LANES.flatMap((part) => parts[part].map((index) => ({ index, home: { number, part } }))),
      ),
    );
    const dark = inTheDark(state.instance, bags);
    if (dark.length === 0) return;
    for (const { index, home } of dark) if (state.has(index)) state.remove(index, home);
  }
}
