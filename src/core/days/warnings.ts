import { temperatureOn, underCover } from "../climate";
import { addDays, type Day, dayNumber } from "../day";
import { isBegun } from "../calendar";
import type { Garden } from "../garden";
import type { Setting } from "../setting";
import type { Weather } from "../weather";

/** Something that the weather brings, and in which rows, by their number in the plan. */
export type Warning =
  | { readonly code: "frost"; readonly day: Day; readonly nightC: number; readonly rows: readonly number[] }
  | {
      readonly code: "heat";
      readonly day: Day;
      readonly dayC: number;
      readonly goalIds: readonly string[];
      readonly rows: readonly number[];
    }
  | { readonly code: "rain"; readonly day: Day; readonly mm: number; readonly isOver: boolean }
  | { readonly code: "wind"; readonly day: Day; readonly windMS: number; readonly rows: readonly number[] };

/** Nights and hot days are foretold well enough so far ahead. Ours to choose. */
const AHEAD_DAYS = 4;
/** Heat makes crops bolt that keeps on, or that is far above what they stand. Common practice; the figures are assumptions. */
const HEAT_DAYS = 3;
const HEAT_OVER_C = 5;
/** After so much rain nothing in the open is watered. Common practice. */
const SOAKING_MM = 20;
/** Wind in which tall plants break or bags tip, m/s: strong on the Beaufort scale. */
const STRONG_MS = 11;
/** From this height on a plant rocks in wind. Common practice. */
const TALL_CM = 60;

const coverC = (setting: Setting, day: Day) =>
  temperatureOn(underCover(setting.climate), day).nightC - temperatureOn(setting.climate, day).nightC;

/** What the weather of the coming days brings a garden: frost for what stands or is just up, heat in which crops bolt, rain that waters, wind. */
export function warningsFor(
  garden: Garden,
  weather: Weather | undefined,
  { setting, today }: { readonly setting: Setting; readonly today: Day },
): Warning[] {
  const near = (weather?.days ?? []).filter(({ day }) => day >= today && day <= addDays(today, AHEAD_DAYS));
  const standing = garden.rows.flatMap((row, i) =>
    row.plantings
      .filter((p) => isBegun(p.real) && !p.real?.endedOn && p.stay.from <= today && today <= p.stay.to)
      .map((view) => ({ view, number: i + 1, isCovered: row.setting.uncovered !== undefined })),
  );
  const rowsOf = (list: typeof standing) => [...new Set(list.map(({ number }) => number))];
  const warnings: Warning[] = [];
  for (const { day, nightC } of near) {
    const hurt = standing.filter(({ view, isCovered }) => {
      const isYoung = !view.real?.movedOn && !view.real?.pickedOn;
      const stands = isYoung ? view.crop.nights.seedlingStandsC : view.crop.nights.standsC;
      return nightC + (isCovered ? coverC(setting, day) : 0) < stands;
    });
    if (hurt.length > 0) {
      warnings.push({ code: "frost", day, nightC, rows: rowsOf(hurt) });
      break;
    }
  }
  const hot = standing.filter(({ view }) => {
    const days = near.filter(({ dayC }) => dayC >= view.crop.heatC);
    return days.length >= HEAT_DAYS || days.some(({ dayC }) => dayC >= view.crop.heatC + HEAT_OVER_C);
  });
  const hottest = [...near].sort((a, b) => b.dayC - a.dayC)[0];
  if (hot.length > 0 && hottest) {
    const goalIds = [...new Set(hot.map(({ view }) => view.goal.id))];
    warnings.push({ code: "heat", day: hottest.day, dayC: hottest.dayC, goalIds, rows: rowsOf(hot) });
  }
  const rain = [
    ...(weather?.days ?? []).filter(({ day }) => day >= addDays(today, -1) && day < today),
    ...near.slice(0, 2),
  ].find(({ rainMm }) => rainMm >= SOAKING_MM);
  if (rain) warnings.push({ code: "rain", day: rain.day, mm: rain.rainMm, isOver: rain.day < today });
  const storm = near.find(({ windMS }) => windMS >= STRONG_MS);
  const tall = standing.filter(({ view }) => view.course.canopy(dayNumber(today)).heightCm >= TALL_CM);
  if (storm && tall.length > 0)
    warnings.push({ code: "wind", day: storm.day, windMS: storm.windMS, rows: rowsOf(tall) });
  return warnings;
}
