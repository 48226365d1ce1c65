import { type Climate, normalOn, temperatureOn } from "../climate";
import type { Crop } from "../crop";
import type { Day } from "../day";
import { extraterrestrial, solarRadiation } from "../sun";
import { penmanMonteith, vapourKPa } from "./penman";

/** Turns MJ/m² into mm of water that it evaporates. FAO-56. */
const MM_PER_MJ = 0.408;

/**
 * Reference evapotranspiration, mm a day, from the day's lowest and highest and the sun above the air: Hargreaves, FAO-56
 * equation 52.
 *
 * @param radiationMJ above the air, MJ/m² a day
 */
export function hargreaves(lowC: number, highC: number, radiationMJ: number): number {
  return Math.max(
    0,
    0.0023 * ((lowC + highC) / 2 + 17.8) * Math.sqrt(Math.max(0, highC - lowC)) * MM_PER_MJ * radiationMJ,
  );
}

const evaporation = new WeakMap<Climate, Map<Day, number>>();

/**
 * What the air of a town draws on a day of this warmth, mm: by Penman and Monteith where its wind and damp are known,
 * else by Hargreaves.
 */
export function evaporationAt(climate: Climate, day: Day, lowC: number, highC: number): number {
  const aboveMJ = extraterrestrial(climate.latitude, day);
  const { windMS, humidity } = climate;
  if (!windMS || !humidity) return hargreaves(lowC, highC, aboveMJ);
  return penmanMonteith({
    lowC,
    highC,
    vapourKPa: vapourKPa(lowC, highC, normalOn(humidity, day)),
    windMS: normalOn(windMS, day),
    sunMJ: solarRadiation(lowC, highC, aboveMJ),
    aboveMJ,
  });
}

/** What the air of the town draws on a usual day, mm. Kept, since every bag asks for every week. */
export function evaporationOn(climate: Climate, day: Day): number {
  const days = evaporation.get(climate) ?? new Map<Day, number>();
  evaporation.set(climate, days);
  const known = days.get(day);
  if (known !== undefined) return known;
  const { nightC, dayC } = temperatureOn(climate, day);
  const mm = evaporationAt(climate, day, nightC, dayC);
  days.set(day, mm);
  return mm;
}

/**
 * A crop's coefficient: from initial to mid as it closes, and from mid to end while it is picked. FAO-56, single crop
 * coefficients.
 *
 * @param grown how far it is grown, 0 to 1
 * @param late how far its picking is, 0 to 1
 */
export const coefficient = ({ kc }: Crop["water"], grown: number, late: number): number =>
  kc.initial + (kc.mid - kc.initial) * grown + (kc.end - kc.mid) * late;

/** What a stand draws on one day: the leaves that the air sees, cm², and the crop's coefficient. */
export interface Drawing {
  readonly leafCm2: number;
  readonly kc: number;
}

/** Bare moist mix loses this share of what leaves would, since it dries on top; under mulch less. Assumptions, no source. */
const BARE = 0.3;
const MULCHED = 0.12;
/** Leaves hang out over the rim by at most so many times the top; from a holed wall by less, since one side of a tower shades the other. Assumptions, no source: with these a tower draws what growers pour. */
const OVERHANG = 4;
export const WALL_OVERHANG = 2;

/** What lies round the leaves of a bag. */
export interface Around {
  /** What walls lose or sun heats beyond the top: see `wallFactor`. */
  readonly wall: number;
  /** Straw, grass or leaves lie over what is bare. */
  readonly isMulched?: boolean;
  /** How many times the open soil leaves cover at most. */
  readonly overhang?: number;
}

/**
 * Litres that a bag draws on a day.
 *
 * @param mm what the air draws, from `evaporationOn`; @param openCm2 soil that lies open at the top and in holes
 */
export function drawnL(
  mm: number,
  openCm2: number,
  stands: readonly Drawing[],
  { wall, isMulched = false, overhang = OVERHANG }: Around,
): number {
  const wanted = stands.reduce((sum, s) => sum + s.leafCm2, 0);
  const most = overhang * openCm2;
  const share = wanted > most ? most / wanted : 1;
  const leaves = stands.reduce((sum, s) => sum + s.leafCm2 * share * s.kc, 0);
  const bare = Math.max(0, openCm2 - wanted) * (isMulched ? MULCHED : BARE);
  return (mm / 10) * ((leaves + bare) / 1000) * wall;
}
