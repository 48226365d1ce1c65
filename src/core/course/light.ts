import { temperatureOn } from "../climate";
import { type Day, dayNumber, dayOf, yearDay } from "../day";
import type { Setting } from "../setting";
import {
  beamShareThrough,
  dayLength,
  diffuseShare,
  extraterrestrial,
  MOL_PER_MJ,
  solarRadiation,
  sunHoursThrough,
} from "../sun";

/** The sun's path changes slowly: it is worked out this often, with straight lines between. */
const STEP_DAYS = 15;
const MARKS = Math.ceil(366 / STEP_DAYS);
/** Share of the sky that is open where nobody has said what kind of place it is. Assumption, no source. */
const OPEN_SKY = 0.5;
/** Hours that somebody saw, at a place whose facing nobody knows, carry this much more than their share of the day: most places see the sun round noon. Assumption, no source. */
const NOONISH = 1.15;

/** A clear tub lets so much of the light through. Assumption, no source: it takes 15 to 20 %. */
const THROUGH_COVER = 0.82;

type Place = Pick<Setting, "climate" | "sky" | "sunSeenOn" | "sunHours" | "openSky" | "uncovered">;

/** Light of a place at each mark of the year: hours of direct sun, and what leaves can use, mol/m² a day. */
interface Year {
  readonly hours: Float64Array;
  readonly mol: Float64Array;
}

/** One table a setting. A setting never changes, so that all that a table depends on is in its key. */
const tables = new WeakMap<Place, Year>();

const FIRST = dayNumber("2026-01-01");
const marksOf = (value: (day: Day) => number) =>
  Float64Array.from({ length: MARKS }, (_, i) => value(dayOf(FIRST + i * STEP_DAYS)));

/** Hours of direct sun, and the share of the day's direct radiation that comes in with them. */
function sunOf(place: Place): { hours: Float64Array; share: Float64Array } {
  const { sky, sunSeenOn, sunHours, climate } = place;
  const { latitude } = climate;
  const longest = marksOf((day) => dayLength(latitude, day));
  if (sky && sunSeenOn !== undefined) {
    const through = marksOf((day) => sunHoursThrough(sky, latitude, day));
    const seen = between(through, dayNumber(sunSeenOn));
    // On the day of the survey the place has what was seen there.
    const scale = seen > 0 ? sunHours / seen : 0;
    if (scale > 0)
      return {
        hours: through.map((hours, i) => Math.min(longest[i]!, scale * hours)),
        share: marksOf((day) => Math.min(1, scale * beamShareThrough(sky, latitude, day))),
      };
  }
  const hours = longest.map((most) => Math.min(most, sunHours));
  return {
    hours,
    share: hours.map((h, i) => (longest[i]! > 0 ? Math.min(1, (NOONISH * h) / longest[i]!) : 0)),
  };
}

/**
 * The year of a place. What the town's air lets through (FAO-56, equation 50) is parted into what comes straight from the
 * sun and what the whole sky sends (Erbs, Klein and Duffie 1982): of the first the place has what its hours of sun let in,
 * of the second what its open part of the sky does.
 */
function yearOf(place: Place): Year {
  const known = tables.get(place);
  if (known) return known;
  const { climate, uncovered, openSky = OPEN_SKY } = place;
  if (uncovered) {
    const { hours, mol } = yearOf(uncovered);
    const dimmed = { hours, mol: mol.map((m) => THROUGH_COVER * m) };
    tables.set(place, dimmed);
    return dimmed;
  }
  const { hours, share } = sunOf(place);
  const mol = Float64Array.from({ length: MARKS }, (_, i) => {
    const day = dayOf(FIRST + i * STEP_DAYS);
    const { nightC, dayC, lightHours } = temperatureOn(climate, day);
    const aboveMJ = extraterrestrial(climate.latitude, day);
    if (aboveMJ <= 0) return 0;
    const groundMJ = solarRadiation(nightC, dayC, aboveMJ);
    const diffuse = groundMJ * diffuseShare(groundMJ / aboveMJ, lightHours);
    return MOL_PER_MJ * ((groundMJ - diffuse) * share[i]! + diffuse * openSky);
  });
  const year = { hours, mol };
  tables.set(place, year);
  return year;
}

function between(marks: Float64Array, day: number): number {
  const at = yearDay(day) / STEP_DAYS;
  const low = Math.floor(at);
  const share = at - low;
  return marks[low % MARKS]! * (1 - share) + marks[(low + 1) % MARKS]! * share;
}

/**
 * Hours of direct sun that a place gets on a day: those of the survey, changed as the sun's path changes from the day
 * on which they were seen, and never more than the day is long.
 *
 * @param day as a number, see `dayNumber`
 */
export const sunHoursOn = (place: Place, day: number): number => between(yearOf(place).hours, day);

/**
 * Daily light integral of a place: what of a usual day's light leaves can use, mol/m².
 *
 * @param day as a number, see `dayNumber`
 */
export const lightOn = (place: Place, day: number): number => between(yearOf(place).mol, day);

/** Looks at the mean of a stretch this often, days. */
const LOOK_DAYS = 5;

/** Mean of what a place gets a day from one day to another, both as numbers. @param on `sunHoursOn` or `lightOn` */
export function meanOf(
  on: (place: Place, day: number) => number,
  place: Place,
  from: number,
  to: number,
): number {
  let sum = 0;
  let looks = 0;
  for (let day = from; day === from || day <= to; day += LOOK_DAYS) {
    sum += on(place, day);
    looks++;
  }
  return sum / looks;
}
