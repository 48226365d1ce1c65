import { daysBetween } from "../day";
import type { Weighing } from "../record";
import { believe, type Belief, type House, type Range } from "./belief";
import { widening } from "./calibration";
import { groupBy } from "./group";
import { gaveKg, isTooMuch, toldBy } from "./harvest";
import type { Line } from "./line";
import { yearOf } from "./parts";
import { quantile } from "./quantile";

/** What plantings gave by other measures, the middle of each; left out where nobody knows. */
export interface Rates {
  /** g a litre of its bag's mix. */
  readonly litreG?: number;
  /** kg a square metre of its bag's top. */
  readonly m2Kg?: number;
  /** g a week, from its sowing until it was pulled. */
  readonly weekG?: number;
  /** kg a household in a season. */
  readonly householdKg?: number;
}

/** What plantings gave. */
export interface Gave {
  /** kg a planting: the middle, and the quarters; those that gave nothing count, those that nobody wrote of do not. */
  readonly middle: number;
  readonly quarters: readonly [number, number];
  /** g a plant, the middle; undefined for stands sown dense. */
  readonly plantG?: number;
  readonly rates: Rates;
  readonly plantings: number;
  readonly nothing: number;
  /** Sown by record, and nobody wrote what became of them. */
  readonly unknown: number;
  /** So many gave more than can well be: they are asked about, and say nothing of what is expected. */
  readonly doubtful: number;
  /** Of the weight, the part that was counted. */
  readonly countedKg: number;
  readonly belief?: Belief;
  /** By what the range that was expected is to be widened so that it holds in four cases of five, once its middle is right: 1 where it holds, or too few tell. */
  readonly widen: number;
}

const WEEK_DAYS = 7;

function ratesOf(known: readonly Pick<Known, "line" | "kg">[]): Rates {
  const middle = (rates: readonly number[]) => (rates.length > 0 ? quantile(rates) : undefined);
  const seasons = groupBy(known, ({ line }) => `${line.householdId} ${yearOf(line)}`);
  return {
    litreG: middle(known.flatMap(({ line, kg }) => (line.soilL ? [(1000 * kg) / line.soilL] : []))),
    m2Kg: middle(known.flatMap(({ line, kg }) => (line.topM2 ? [kg / line.topM2] : []))),
    weekG: middle(
      known.flatMap(({ line: { sownOn, endedOn }, kg }) => {
        const days = sownOn !== null && endedOn !== null ? daysBetween(sownOn, endedOn) : 0;
        return days > 0 ? [(1000 * kg * WEEK_DAYS) / days] : [];
      }),
    ),
    householdKg: middle([...seasons.values()].map((own) => own.reduce((sum, { kg }) => sum + kg, 0))),
  };
}

interface Known {
  readonly line: Line;
  readonly kg: number;
  readonly countedKg: number;
}

/** Plantings of which somebody knows what they gave. What only stands as a count that nobody can weigh is not known in weight. */
const knownOf = (lines: readonly Line[], weighings: readonly Weighing[]): Known[] =>
  lines
    .map((line) => ({ line, ...gaveKg(line, weighings) }))
    .filter(
      ({ line, left, kg }) =>
        (line.picks > 0 && (kg > 0 || left.pieces + left.bunches === 0)) ||
        (line.picks === 0 && line.endedOn !== null && line.sownOn !== null),
    );

/** kg a planting, the middle; undefined where nobody knows. */
export function middleKgOf(lines: readonly Line[], weighings: readonly Weighing[]): number | undefined {
  const kgs = knownOf(lines, weighings).map(({ kg }) => kg);
  return kgs.length > 0 ? quantile(kgs) : undefined;
}

/** What plantings of one goal gave; undefined where nobody knows. @param scale what the programme made of the shipped value, as a ratio */
export function gaveOf(
  lines: readonly Line[],
  { weighings, scale }: { readonly weighings: readonly Weighing[]; readonly scale: number },
): Gave | undefined {
  const known = knownOf(lines, weighings);
  if (known.length === 0) return undefined;
  const kgs = known.map(({ kg }) => kg);
  const eachG = known.flatMap(({ line, kg }) => (line.plants ? [(1000 * kg) / line.plants] : []));
  const told = toldBy(lines, weighings);
  const houses = [...groupBy(told, ({ line }) => line.householdId)].map(([id, own]): House => ({
    id,
    ratios: own.map(({ ratio }) => scale * ratio),
  }));
  const middle = (of: (range: Range) => number) => quantile(told.map(({ expected }) => of(expected)));
  const expected = {
    low: middle((r) => r.low),
    likely: middle((r) => r.likely),
    high: middle((r) => r.high),
  };
  const belief = told.length > 0 ? believe(expected, houses, scale) : undefined;
  const off = belief?.seen.value ?? 1;
  return {
    middle: quantile(kgs),
    quarters: [quantile(kgs, 0.25), quantile(kgs, 0.75)],
    ...(eachG.length > 0 && { plantG: quantile(eachG) }),
    rates: ratesOf(known),
    plantings: known.length,
    nothing: kgs.filter((kg) => kg === 0).length,
    unknown: lines.filter((l) => l.sownOn !== null && l.picks === 0 && l.endedOn === null).length,
    doubtful: known.filter(({ line, kg }) => isTooMuch(kg, line.expectedKg)).length,
    countedKg: known.reduce((sum, { countedKg }) => sum + countedKg, 0),
    ...(belief && { belief }),
    widen: widening(
      told.map(({ expected: { low, likely, high }, kg }) => ({
        expected: { low: off * low, likely: off * likely, high: off * high },
        real: kg,
      })),
    ),
  };
}
