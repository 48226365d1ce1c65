import { outlineArea, plantingTop } from "../bag";
import { addDays, type Day, daysBetween } from "../day";
import type { RowView } from "../garden";
import type { Setting } from "../setting";
import { balanceOf, daysBetweenWaterings, drawnDownL, heldL, rainL, type WaterDay } from "../water";
import { dayOfWeather, evaporationFactor, type Weather } from "../weather";
import { rowThirst } from "../year";

/** However large the bag, it is looked after at least once a week. Common practice. */
const MOST_DAYS = 7;

/** How often a bag is watered goes by the mean of so many days: one cool day changes no rhythm. Ours to choose. */
const NEAR_DAYS = 3;

/** When a bag wants water next, how much, and about how often: days, half a day is twice a day. */
export interface NextWater {
  readonly on: Day;
  readonly litres: number;
  readonly everyDays: number;
}

interface Known {
  readonly setting: Setting;
  readonly weather?: Weather;
  readonly today: Day;
}

/** What a bag gains from the sky and loses to the air on a day, by the weather where it is known, else by what is usual. */
function waterOn(row: RowView, day: Day, { setting, weather }: Known): WaterDay {
  const factor = evaporationFactor(weather, setting.climate, day);
  const openSky = row.setting.uncovered ? 0 : (setting.openSky ?? 0.5);
  const rainMm = dayOfWeather(weather, day)?.rainMm ?? 0;
  return {
    drawnL: rowThirst(row, day, setting) * factor,
    rainL: rainL(rainMm, outlineArea(plantingTop(row.shape)), openSky),
  };
}

/**
 * When a bag wants water next: it was soaked on the day of the last record, and since then it draws and is rained on.
 * One of which nobody wrote is watered as people usually do: it is taken for as dry as it is let become, but for the
 * rain since the weather began to be known.
 *
 * @param last day of its last watering on record
 * @returns undefined while nothing in it drinks
 */
export function nextWater(row: RowView, last: Day | undefined, known: Known): NextWater | undefined {
  const { today, weather } = known;
  const todayL = waterOn(row, today, known).drawnL;
  if (todayL <= 0) return undefined;
  const style = row.schools.water;
  const mostL = heldL(row.soilL);
  const leastL = mostL - drawnDownL(row.soilL, style);
  const near = Array.from({ length: NEAR_DAYS }, (_, i) => waterOn(row, addDays(today, i), known).drawnL);
  const dailyL = near.reduce((sum, drawn) => sum + drawn, 0) / NEAR_DAYS;
  const usual = daysBetweenWaterings(row.soilL, dailyL, style);
  const everyDays = usual < 1 ? 0.5 : Math.min(MOST_DAYS, Math.floor(usual));
  const begun = last ?? weather?.days.find(({ day }) => day < today)?.day ?? today;
  const earliest = last ? addDays(last, 1) : today;
  const until = addDays(earliest > today ? earliest : today, MOST_DAYS);
  const days = Array.from({ length: Math.max(1, daysBetween(begun, until)) }, (_, i) => addDays(begun, i));
  const gains = days.map((day) => waterOn(row, day, known));
  const water = last ? balanceOf(mostL, mostL, gains) : wateredBalance(mostL, leastL, gains);
  // On the morning of a day there is what the day before left; it is watered where the day would draw it too far down.
  const morning = (day: Day) => water[daysBetween(begun, day) - 1]?.leftL ?? (last ? mostL : leastL);
  const wants = (day: Day) => morning(day) - waterOn(row, day, known).drawnL < leastL;
  let on = earliest;
  while (!wants(on) && daysBetween(last ?? today, on) < MOST_DAYS) on = addDays(on, 1);
  const full = last ? mostL - morning(on) : everyDays * dailyL;
  return { on, litres: everyDays < 1 ? everyDays * dailyL : Math.max(todayL, full), everyDays };
}

/** The water of a bag that somebody waters before it falls below `leastL`. */
function wateredBalance(mostL: number, leastL: number, days: readonly WaterDay[]): { leftL: number }[] {
  let leftL = leastL;
  return days.map((day) => {
    leftL = Math.max(leastL, balanceOf(mostL, leftL, [day])[0]?.leftL ?? leastL);
    return { leftL };
  });
}
