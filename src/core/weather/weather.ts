import * as z from "zod";
import { DayText } from "../day";

/** One day of weather: its coldest and warmest, °C, rain, mm, and its strongest wind, m/s. */
export const WeatherDay = z
  .strictObject({
    day: DayText,
    nightC: z.number().min(-80).max(60),
    dayC: z.number().min(-80).max(65),
    rainMm: z.number().min(0).max(2000),
    windMS: z.number().min(0).max(100),
  })
  .refine(({ nightC, dayC }) => nightC <= dayC, { error: "low-above-high" });
export type WeatherDay = z.infer<typeof WeatherDay>;

/** What a weather service answers: days that were and days that it foretells, in order. */
export const WeatherReport = z.strictObject({ days: z.array(WeatherDay).min(1).max(60) });
export type WeatherReport = z.infer<typeof WeatherReport>;

/** The weather as it was last known. */
export interface Weather extends WeatherReport {
  /** When the service said so, ISO 8601. */
  readonly askedAt: string;
  /** It has not answered since: what it said may have changed. */
  readonly isOld: boolean;
}
