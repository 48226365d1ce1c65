import { seededRandom } from "@/core/chance";
import { type Climate, normalOn, temperatureOn } from "@/core/climate";
import { addDays, type Day, dayNumber } from "@/core/day";
import type { WeatherDay, WeatherMode, WeatherReport } from "@/core/weather";

/** What is asked of the service: for which town, on which day, and how it should behave. */
export interface WeatherAsked {
  readonly climate: Climate;
  readonly on: Day;
  readonly mode: WeatherMode;
  /** Equal seeds give equal weather, on every machine. */
  readonly seed: number;
}

const PAST_DAYS = 7;
const AHEAD_DAYS = 8;
const DAYS_A_MONTH = 30.4;

/** What each mode does to a usual day: °C on its night and its day, and how much wetter it is. */
const SPELLS: Record<Exclude<WeatherMode, "failing">, { nightC: number; dayC: number; wet: number }> = {
  usual: { nightC: 0, dayC: 0, wet: 1 },
  "cold-spring": { nightC: -7, dayC: -6, wet: 1.2 },
  "heat-wave": { nightC: 5, dayC: 9, wet: 0 },
  "wet-month": { nightC: 0, dayC: -3, wet: 4 },
};

/** A chance that belongs to one day, whatever day it is asked on. */
const chanceOf = (seed: number, day: Day) => seededRandom(seed * 100_003 + dayNumber(day));

function dayOf({ climate, mode, seed }: WeatherAsked, day: Day): WeatherDay {
  const spell = SPELLS[mode as keyof typeof SPELLS];
  const random = chanceOf(seed, day);
  const swing = (most: number) => ((random() + random() + random()) / 1.5 - 1) * most;
  const { nightC, dayC } = temperatureOn(climate, day);
  // A warm night follows a warm day: both lie off the usual by about the same.
  const off = swing(5);
  const night = nightC + spell.nightC + off + swing(1.5);
  const monthMm = climate.rainMm ? normalOn(climate.rainMm, day) : 40;
  const wetDays = climate.wetDays ? normalOn(climate.wetDays, day) : 8;
  // A mode that is wet is wet in dry months too.
  const often = Math.min(
    0.85,
    spell.wet > 1 ? Math.max(0.5, wetDays / DAYS_A_MONTH) : wetDays / DAYS_A_MONTH,
  );
  const rains = spell.wet > 0 && random() < often;
  const mean = Math.max(spell.wet > 1 ? 8 : 2, monthMm / Math.max(1, wetDays)) * Math.max(1, spell.wet / 2);
  // Clouds keep the day cooler.
  const high = Math.max(night + 1, dayC + spell.dayC + off + swing(2) - (rains ? 2 : 0));
  const rainMm = rains ? -Math.log(1 - random()) * mean : 0;
  const windMS = 2 + 4 * random() + (rains ? 5 * random() : 0);
  const round = (value: number) => Math.round(value * 10) / 10;
  return { day, nightC: round(night), dayC: round(high), rainMm: round(rainMm), windMS: round(windMS) };
}

/**
 * A weather service that is made up and ships with the app: a week that was, and the days to come.
 *
 * @throws {Error} in the mode in which it does not answer
 */
export async function askWeather(asked: WeatherAsked): Promise<WeatherReport> {
  if (asked.mode === "failing") throw new Error("the weather service does not answer");
  const days = Array.from({ length: PAST_DAYS + AHEAD_DAYS }, (_, i) => addDays(asked.on, i - PAST_DAYS));
  return { days: days.map((day) => dayOf(asked, day)) };
}
