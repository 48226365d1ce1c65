import { seededRandom } from "../../chance";
import { bagsOf, type BagUse, newBag, noPlantings, clearShade } from "./assign";
import { type Instance, LANES, WEEKS } from "../model/instance";
import type { Relaxed } from "../bound/relaxation";
import { type Choices, replant } from "./replant";
import { State } from "./state";

type Guide = Pick<Relaxed, "share" | "reduced">;

/** At most so many candidates of each lane are tried by hand; the solver sees the rest. */
const NEAREST = 300;

/** The candidates that the relaxed garden has or nearly has: where a search by hand finds most in little time. */
export function nearest(instance: Instance, guide: Guide): number[] {
  const byLane = new Map<string, number[]>();
  instance.candidates.forEach((c, i) => {
    const key = `${c.classIndex} ${c.lane}`;
    byLane.set(key, [...(byLane.get(key) ?? []), i]);
  });
  const known = (i: number) => guide.share[i]! > 1e-6 || instance.candidates[i]!.plantingId !== undefined;
  return [...byLane.values()].flatMap((all) => [
    ...all.filter(known),
    ...all
      .filter((i) => !known(i))
      .sort((a, b) => guide.reduced[b]! - guide.reduced[a]!)
      .slice(0, NEAREST),
  ]);
}

const steady = () => 1;

/** Plants what is free in every bag, then buys and plants more as long as that pays. @param first the class of bags to buy first */
export function fill(state: State, choices: Choices, first = 0): void {
  for (const bag of bagsOf(state)) replant(state, bag, { choices, shake: steady });
  const { classes } = state.instance;
  classes.forEach((_, n) => {
    const classIndex = (first + n) % classes.length;
    while (
      state.bought[classIndex]! < classes[classIndex]!.buyable &&
      replant(state, newBag(state, classIndex), { choices, shake: steady })
    );
  });
  clearShade(state);
}

/** Gardens to start from: the relaxed one rounded, and one for each kind of bag that is bought before all others. */
export function starts(
  instance: Instance,
  guide: Guide,
  among: readonly number[],
  choices: Choices,
): State[] {
  const byBag = instance.classes.flatMap((k, classIndex) => {
    if (k.buyable === 0) return [];
    const state = new State(instance);
    fill(state, choices, classIndex);
    return [state];
  });
  return [construct(instance, guide, among, choices), ...byBag];
}

/** A first garden: what the relaxed one has most of, rounded, then filled up. */
function construct(instance: Instance, guide: Guide, among: readonly number[], choices: Choices): State {
  const state = new State(instance);
  const byShare = [...among]
    .filter((i) => guide.share[i]! > 0.5)
    .sort((a, b) => guide.share[b]! - guide.share[a]!);
  for (const i of byShare) {
    for (let n = Math.max(1, Math.round(guide.share[i]!)); n > 0; n--) {
      if (state.blockedBy(i) === undefined && state.gain(i) > 0) state.add(i);
    }
  }
  fill(state, choices);
  return state;
}

const take = <T>(list: readonly T[], random: () => number): T | undefined =>
  list[Math.floor(random() * list.length)];

/** A neighbourhood: what is taken out of a garden before it is planted anew, and what may not come back at once. */
interface Destroyed {
  readonly isOut: (bag: BagUse, index: number) => boolean;
  readonly isBarred: (index: number) => boolean;
  /** Whether another bag is to be bought for what went. */
  readonly isTrade: boolean;
}

const noneBarred = () => false;

/** How often each way to destroy a part of a garden is taken; tried on a dozen households. */
const WAYS = {
  bags: 0.45,
  weeks: 0.27,
  crop: 0.1,
  "crop for another": 0.08,
  "bag for another": 0.1,
} as const;
type Way = keyof typeof WAYS;

function wayBy(chance: number): Way {
  let left = chance;
  for (const [way, share] of Object.entries(WAYS) as [Way, number][]) if ((left -= share) < 0) return way;
  return "bags";
}

/** Whole bags, a stretch of weeks of some, a crop wherever it is, or a bag whose like are not bought again: something else has to take the place and the money. */
function destroyed({ candidates }: Instance, bags: readonly BagUse[], random: () => number): Destroyed {
  const way = wayBy(random());
  const planted = bags.filter((bag) => LANES.some((part) => bag.parts[part].length > 0));
  const some = new Set(Array.from({ length: 1 + Math.floor(random() * 3) }, () => take(planted, random)));
  const start = Math.floor(random() * WEEKS);
  const end = start + 6 + Math.floor(random() * 20);
  const bag = take(planted, random);
  const crop =
    bag &&
    candidates[
      take(
        LANES.flatMap((part) => bag.parts[part]),
        random,
      )!
    ]!.cropIndex;
  const isCrop = (i: number) => candidates[i]!.cropIndex === crop;
  switch (way) {
    case "bags":
      return { isOut: (b) => some.has(b), isBarred: noneBarred, isTrade: false };
    case "weeks":
      return {
        isOut: (b, i) => some.has(b) && candidates[i]!.end > start && candidates[i]!.from < end,
        isBarred: noneBarred,
        isTrade: false,
      };
    case "crop":
      return { isOut: (_, i) => isCrop(i), isBarred: noneBarred, isTrade: false };
    case "crop for another":
      return { isOut: (_, i) => isCrop(i), isBarred: isCrop, isTrade: false };
    case "bag for another":
      return {
        isOut: (b) => b === bag,
        isBarred: (i) => candidates[i]!.classIndex === bag?.classIndex,
        isTrade: true,
      };
  }
}

/** Temperature at the start, as a share of the worth of a usual planting, and at the end, helpings. */
const START_TEMPERATURE = 0.5;
const END_TEMPERATURE = 0.05;
/** Share of the best worth that a search may fall behind before it goes back. */
const TOO_FAR = 0.08;
/** Share of tries that also look at one more bag. */
const BUYS = 0.25;

/**
 * Improves a garden by large neighbourhood search: each round destroys a part of it and repairs that by planting anew.
 * What is better is accepted, and by simulated annealing now and then what is worse, less and less as it cools.
 *
 * Sources: Shaw 1998, "Using constraint programming and local search methods to solve vehicle routing problems"; Ropke
 * and Pisinger 2006, Transportation Science 40; Kirkpatrick, Gelatt, Vecchi 1983, Science 220 (from memory).
 */
export function* improve(
  start: State,
  choices: Choices,
  seed: number,
  rounds: number,
): Generator<State, never> {
  const random = seededRandom(seed);
  const { instance } = start;
  const buyable = instance.classes.flatMap((k, classIndex) => (k.buyable > 0 ? [classIndex] : []));
  let now = start;
  let nowWorth = start.worth();
  let best = start;
  let bestWorth = nowWorth;
  // Hot at first, so that the search wanders; cold at the end, so that it settles.
  const startTemperature =
    (START_TEMPERATURE * Math.abs(nowWorth)) / Math.max(1, start.chosen().length) + END_TEMPERATURE;
  const cooling = (END_TEMPERATURE / startTemperature) ** (1 / Math.max(1, rounds));
  let temperature = startTemperature;
  for (;;) {
    const trial = now.copy();
    const bags = bagsOf(trial);
    const { isOut, isBarred, isTrade } = destroyed(instance, bags, random);
    const open = bags.flatMap((bag): BagUse[] => {
      const out = LANES.flatMap((part) =>
        bag.parts[part]
          .filter((i) => isOut(bag, i))
          .map((index) => ({ index, home: { number: bag.number, part } })),
      );
      for (const { index, home } of out) trial.remove(index, home);
      const empty = LANES.every((part) => bag.parts[part].length === 0);
      if (out.length === 0 && !empty) return [];
      const left = noPlantings();
      for (const part of LANES) left[part] = bag.parts[part].filter((i) => !isOut(bag, i));
      return [{ ...bag, parts: left }];
    });
    const more = take(buyable, random);
    if (
      more !== undefined &&
      (random() < BUYS || isTrade) &&
      trial.bought[more]! < instance.classes[more]!.buyable
    )
      open.push(newBag(trial, more));
    const shake = (i: number) => (isBarred(i) ? 0 : 0.8 + 0.4 * random());
    for (const { bag } of open.map((bag) => ({ bag, turn: random() })).sort((a, b) => a.turn - b.turn))
      replant(trial, bag, { choices, shake });
    clearShade(trial);
    const worth = trial.worth();
    if (worth > nowWorth || random() < Math.exp((worth - nowWorth) / temperature))
      [now, nowWorth] = [trial, worth];
    if (worth > bestWorth + 1e-9) [best, bestWorth] = [trial, worth];
    temperature = Math.max(END_TEMPERATURE, temperature * cooling);
    // Far from the best for long is time lost.
    if (nowWorth < bestWorth - TOO_FAR * Math.abs(bestWorth)) [now, nowWorth] = [best, bestWorth];
    yield best;
  }
}

/** Share of the rounds that all starts have in turn. */
const RACED = 0.6;

/** Improves several gardens in turn, then the best of them: which bags are bought decides much and seldom changes later on. Gives the best so far after each round. */
export function* race(
  gardens: readonly State[],
  choices: Choices,
  seed: number,
  rounds: number,
): Generator<State, never> {
  const turns = Math.floor((RACED * rounds) / gardens.length);
  // The one that goes on cools down to the end.
  const cooled = rounds - (gardens.length - 1) * turns;
  const runs = gardens.map((best, n) => ({
    search: improve(best, choices, seed + n, cooled),
    best,
    worth: best.worth(),
  }));
  let ahead = runs.reduce((a, b) => (b.worth > a.worth ? b : a));
  for (let round = 0; ; round++) {
    const run = runs[Math.floor(round / turns)] ?? ahead;
    const best = run.search.next().value;
    if (best !== run.best) {
      run.best = best;
      run.worth = best.worth();
    }
    if (run.worth > ahead.worth) ahead = run;
    yield ahead.best;
  }
}
