/** What is the town's weather usually like? Twelve normals, typed, pasted, or computed from a daily file, and what they mean to growers. */
export {
  type Climate,
  type DayTemperature,
  NIGHT_SWING_C,
  spellFrom,
  temperatureOn,
  temperatures,
} from "./climate";
export { type Columns, type DailyReport, headOf, normalsFromDaily } from "./daily";
export { climateGates, type Stretch } from "./gates";
export { readNormals, TownClimate } from "./normals";
