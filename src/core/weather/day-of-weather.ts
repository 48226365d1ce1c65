import type { Day } from "../day";
import type { Weather, WeatherDay } from "./weather";

/** The weather of a day, where it is known. */
export const dayOfWeather = (weather: Weather | undefined, day: Day): WeatherDay | undefined =>
  weather?.days.find((at) => at.day === day);
