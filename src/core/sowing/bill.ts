import type { Stages } from "../calendar";
import { type Crop, type Goal, type Method, startsFromSeed } from "../crop";
import { addDays, type Day } from "../day";
import { chanceOfAtLeast, seedsFor } from "./seeds";

/** What starting a planting takes. */
export interface SowingBill {
  /** Seeds to sow; undefined for a stand sown dense, which goes by weight, and for what is not sown. */
  readonly seeds?: number;
  readonly seedG?: number;
  /** Cells or stations to fill, and seeds in each. */
  readonly places?: { readonly count: number; readonly seedsEach: number };
  /** Sets, tubers, cuttings, runners or seedlings to have at hand. */
  readonly pieces?: number;
  /** Chance that the wanted plants come up, and the share of seed that it was counted with. */
  readonly chance?: number;
  readonly germination?: number;
  /** Seedlings to be expected beyond those wanted: food, for another bag, or for the neighbours. */
  readonly spare?: number;
  /** Raised seedlings: to be moved on, and held in the tray until this day at the latest. */
  readonly moveOn?: Day;
  readonly holdUntil?: Day;
}

/** How sure a sowing is to give its plants where nobody asks for more: in kits, in prices and in proposals. Common practice. */
export const CONFIDENCE = 0.9;

/** Assumed where neither the library nor records know a crop's germination. Assumption, no source. */
const USUAL_GERMINATION = 0.7;

/**
 * The bill of a sowing: enough seed that the wanted plants come up with the chosen confidence.
 *
 * @param plants wanted; undefined for a stand sown dense on `areaCm2`
 * @param germination the programme's own share, where its records know one
 */
export function sowingBill(
  { crop, goal, method, stages }: { crop: Crop; goal: Goal; method: Method; stages: Stages },
  wanted: { plants?: number; areaCm2: number },
  confidence: number,
  germination = crop.germination ?? USUAL_GERMINATION,
): SowingBill {
  const move =
    method.move && stages.move
      ? { moveOn: stages.move.likely, holdUntil: addDays(stages.move.likely, method.move.holdDays) }
      : {};
  const mass = (seeds: number) =>
    crop.thousandSeedG === undefined ? undefined : (seeds * crop.thousandSeedG) / 1000;
  if (goal.stand.type === "dense") return { seedG: (wanted.areaCm2 / 10_000) * goal.stand.seedGM2 };
  const plants = wanted.plants ?? 0;
  if (!startsFromSeed(method.method)) return { pieces: plants };

  const seedsEach = method.seeds ?? 1;
  if (method.method === "cells" || method.method === "stations") {
    const each = 1 - (1 - germination) ** seedsEach;
    // A cell left empty is no loss, a station left empty is a gap: stations get more seed, cells more cells.
    const count = method.method === "cells" ? seedsFor(plants, each, confidence) : plants;
    let inEach = seedsEach;
    const full = () => (1 - (1 - germination) ** inEach) ** plants;
    if (method.method === "stations") while (full() < confidence && inEach < 6) inEach++;
    const chance = method.method === "cells" ? chanceOfAtLeast(count, each, plants) : full();
    const seeds = count * inEach;
    return {
      seeds,
      seedG: mass(seeds),
      places: { count, seedsEach: inEach },
      chance,
      germination,
      spare: Math.max(0, Math.round(seeds * germination - plants)),
      ...move,
    };
  }
  const seeds = seedsFor(plants, germination, confidence);
  return {
    seeds,
    seedG: mass(seeds),
    chance: chanceOfAtLeast(seeds, germination, plants),
    germination,
    spare: Math.max(0, Math.round(seeds * germination - plants)),
    ...move,
  };
}
