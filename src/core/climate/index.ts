/** What is the town's weather usually like? Twelve normals, typed, pasted, or computed from a daily file, and what they mean to growers. */
export {
  type Climate,
  type DayTemperature,
  NIGHT_SWING_C,
  normalOn,
  SHELTER_WARMER_C,
  spellFrom,
  temperatureOn,
  temperatures,
  TRAY_PLACES,
  trayC,
  type TrayPlace,
} from "./climate";
export { underCover, VENT_FROM_C } from "./cover";
export { type Columns, type DailyReport, headOf, normalsFromDaily } from "./daily";
export { climateGates, type Stretch } from "./gates";
export { rainOf } from "./rain";
export { type NormalKind, readNormals, TownClimate } from "./normals";
