/** What is the weather of these days, as far as somebody measured or foretells it? It moves tasks and warns; seasons go by normals. */
export { evaporationFactor } from "./factor";
export { dayOfWeather } from "./day-of-weather";
export { type Weather, WeatherDay, WeatherReport } from "./weather";
export { WEATHER_MODES, type WeatherMode } from "./modes";
