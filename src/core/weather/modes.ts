/** How the simulated weather service behaves: as the town's usual year, or as years that growers remember; or not at all. */
export const WEATHER_MODES = ["usual", "cold-spring", "heat-wave", "wet-month", "failing"] as const;
export type WeatherMode = (typeof WEATHER_MODES)[number];
