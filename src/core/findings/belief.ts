import normalQuantile from "@stdlib/stats-base-dists-normal-quantile";
import { between, pool, type Said } from "./pooled";
import { spreadOf } from "./pairs";
import type { Estimate } from "./share";

/** What is expected before any record: between `low` and `high` it comes out in four cases of five. */
export interface Range {
  readonly low: number;
  readonly likely: number;
  readonly high: number;
}

/** What one household's plantings came to over what was expected of them, as ratios. */
export interface House {
  readonly id: string;
  readonly ratios: readonly number[];
}

/** What records say of an expectation, and what to expect from now on. */
export interface Belief {
  /** Real over expected, by the records alone, as the programme expects it now. */
  readonly seen: Estimate;
  /** What the shipped value is to be multiplied by: the records, held back by how few they are. */
  readonly factor: number;
  /** How sure that is: the standard deviation of its logarithm. */
  readonly sd: number;
  /** How much of that comes from the records, 0 to 1. */
  readonly weight: number;
  /** What is to be expected in place of the range, with what is still unknown and how plantings differ. */
  readonly range: Range;
  readonly households: number;
  readonly plantings: number;
}

const Z80 = normalQuantile(0.9, 0, 1);

/** Nobody changes what is expected on fewer households or plantings than these. Assumption, no source. */
const LEAST_HOUSEHOLDS = 3;
const LEAST_PLANTINGS = 6;
/** A library is right to within this, four times of five: the mean of a whole town lies nearer than one planting does. Assumption, no source. */
const LIBRARY_SHARE = 0.6;

/**
 * What is to be expected after the records, on the logarithm: the shipped range as a normal distribution, updated by what
 * households say together (random effects, so that one with many plantings does not speak for all).
 *
 * @param houses ratios of real over what the library ships; those without any are left out
 * @param expected what was expected of them, by the library as the programme has it
 * @param scale what the programme has made of the shipped value already, as a ratio
 * @returns undefined where there are too few to say anything
 */
export function believe(expected: Range, houses: readonly House[], scale = 1): Belief | undefined {
  const full = houses.filter((h) => h.ratios.length > 0);
  const logs = full.map((h) => h.ratios.map((r) => Math.log(r)));
  const plantings = logs.flat().length;
  if (full.length < LEAST_HOUSEHOLDS || plantings < LEAST_PLANTINGS) return undefined;
  const usual = Math.log(expected.high / expected.low) / (2 * Z80);
  const within = spreadWithin(logs, usual);
  const said = logs.map((own): Said => ({ value: spreadOf(own).mean, se: within / Math.sqrt(own.length) }));
  const pooled = pool(said);
  const before = LIBRARY_SHARE * usual;
  const [trustBefore, trustNow] = [1 / before ** 2, 1 / pooled.se ** 2];
  const weight = trustNow / (trustBefore + trustNow);
  const mean = weight * pooled.mean;
  const spread = Math.sqrt(1 / (trustBefore + trustNow) + pooled.tau2 + within ** 2);
  const seen = between(pooled, full.length);
  const factor = Math.exp(mean);
  const likely = (expected.likely * factor) / scale;
  return {
    seen: {
      value: Math.exp(seen.value) / scale,
      low: Math.exp(seen.low) / scale,
      high: Math.exp(seen.high) / scale,
    },
    factor,
    sd: Math.sqrt(1 / (trustBefore + trustNow)),
    weight,
    range: {
      low: likely * Math.exp(-Z80 * spread),
      likely: likely,
      high: likely * Math.exp(Z80 * spread),
    },
    households: full.length,
    plantings,
  };
}

/** So many plantings does the shipped spread count as, beside those that are on record. Assumption, no source. */
const SPREAD_COUNTS_AS = 8;

/** How plantings of one household differ, as a standard deviation of logarithms: as the records say, drawn towards what is usual while they are few. */
export function spreadWithin(logs: readonly (readonly number[])[], usual: number): number {
  let [squares, df] = [0, 0];
  for (const own of logs.filter((l) => l.length > 1)) {
    squares += spreadOf(own).sd ** 2 * (own.length - 1);
    df += own.length - 1;
  }
  return Math.sqrt((squares + SPREAD_COUNTS_AS * usual ** 2) / (df + SPREAD_COUNTS_AS));
}
