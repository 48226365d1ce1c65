import type { Climate } from "../climate";
import type { Day } from "../day";
import { evaporationAt, evaporationOn } from "../water";
import { dayOfWeather } from "./day-of-weather";
import type { Weather } from "./weather";

/** How much more the air draws on a day than it usually does then: 1 where nobody knows its weather. */
export function evaporationFactor(weather: Weather | undefined, climate: Climate, day: Day): number {
  const at = dayOfWeather(weather, day);
  const usual = evaporationOn(climate, day);
  return at && usual > 0 ? evaporationAt(climate, day, at.nightC, at.dayC) / usual : 1;
}
