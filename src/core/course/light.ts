import { dayNumber, dayOf, yearDay } from "../day";
import type { Setting } from "../setting";
import { dayLength, sunHoursThrough } from "../sun";

/** The sun's path changes slowly: it is worked out this often, with straight lines between. */
const STEP_DAYS = 15;
const MARKS = Math.ceil(366 / STEP_DAYS);

type Place = Pick<Setting, "climate" | "sky" | "faces" | "sunSeenOn" | "sunHours">;

/** One table a setting. A setting never changes, so that all that a table depends on is in its key. */
const tables = new WeakMap<Place, Float64Array | "survey">();

/**
 * Hours of sun that the sky over a place lets through, at each mark of the year; "survey" where nobody knows which way
 * the place faces, so that only the day of the survey is known.
 */
function tableOf(place: Place): Float64Array | "survey" {
  const known = tables.get(place);
  if (known) return known;
  const { sky, faces, sunSeenOn, sunHours, climate } = place;
  const first = dayNumber("2026-01-01");
  let table: Float64Array | "survey" = "survey";
  if (sky && faces !== undefined && sunSeenOn !== undefined) {
    const marks = Float64Array.from({ length: MARKS }, (_, i) =>
      sunHoursThrough(sky, climate.latitude, dayOf(first + i * STEP_DAYS)),
    );
    const seen = between(marks, dayNumber(sunSeenOn));
    // On the day of the survey the place has what was seen there.
    const longest = (i: number) => dayLength(climate.latitude, dayOf(first + i * STEP_DAYS));
    if (seen > 0) table = marks.map((hours, i) => Math.min(longest(i), (sunHours * hours) / seen));
  }
  tables.set(place, table);
  return table;
}

function between(marks: Float64Array, day: number): number {
  const at = yearDay(day) / STEP_DAYS;
  const low = Math.floor(at);
  const share = at - low;
  return marks[low % MARKS]! * (1 - share) + marks[(low + 1) % MARKS]! * share;
}

/**
 * Hours of direct sun that a place gets on a day: those of the survey, changed as the sun's path changes from the day
 * on which they were seen.
 *
 * @param day as a number, see `dayNumber`
 */
export function sunHoursOn(place: Place, day: number): number {
  const table = tableOf(place);
  return table === "survey" ? place.sunHours : between(table, day);
}

/** Looks at the mean of a stretch this often, days. */
const LOOK_DAYS = 5;

/** Hours of direct sun a day that a place gets on average from one day to another, both as numbers. */
export function meanSunHours(place: Place, from: number, to: number): number {
  if (tableOf(place) === "survey") return place.sunHours;
  let sum = 0;
  let looks = 0;
  for (let day = from; day === from || day <= to; day += LOOK_DAYS) {
    sum += sunHoursOn(place, day);
    looks++;
  }
  return sum / looks;
}
