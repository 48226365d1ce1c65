import { standsFrom } from "../canopy";
import type { Season } from "../calendar";
import { addDays, type Day, daysBetween } from "../day";
import { type SkyWindow, sunHoursOn } from "../sun";
import type { Setting } from "./setting";

/** Hours change slowly: they are looked at this often. */
const STEP_DAYS = 15;

const tables = new WeakMap<readonly SkyWindow[], Map<string, number>>();

function hoursOn(sky: readonly SkyWindow[], latitude: number, day: Day): number {
  const table = tables.get(sky) ?? new Map<string, number>();
  tables.set(sky, table);
  const known = table.get(day) ?? sunHoursOn(sky, latitude, day);
  table.set(day, known);
  return known;
}

/** The nearest of the days that are looked at, so that few are worked out. */
const marked = (day: Day): Day =>
  addDays("2026-01-01", Math.round(daysBetween("2026-01-01", day) / STEP_DAYS) * STEP_DAYS);

/**
 * Hours of direct sun that a place gets on average between two days: those of the survey, changed as the sun's path
 * changes from the day on which they were seen. Where nobody knows which way the place faces, those of the survey.
 */
function sunOver({ sky, faces, sunSeenOn, sunHours, climate }: Setting, from: Day, to: Day): number {
  if (!sky || faces === undefined || sunSeenOn === undefined) return sunHours;
  const seen = hoursOn(sky, climate.latitude, marked(sunSeenOn));
  if (seen <= 0) return sunHours;
  const steps = Math.max(0, Math.floor(daysBetween(from, to) / STEP_DAYS));
  const days = Array.from({ length: steps + 1 }, (_, i) => marked(addDays(from, i * STEP_DAYS)));
  const mean = days.reduce((sum, day) => sum + hoursOn(sky, climate.latitude, day), 0) / days.length;
  return (sunHours * mean) / seen;
}

/** The sun that a planting gets on average from the day on which it stands in its bag to its first pick. */
export function sunWhile({ stages }: Season, setting: Setting): number {
  const from = standsFrom(stages);
  return sunOver(setting, from, stages.firstPick?.likely ?? from);
}
