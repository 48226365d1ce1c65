/** Where does the sun stand, and when does it reach a place? Positions, and what seen hours say about other months. */
export { dayLength } from "./day-length";
export { type SunPosition, sunPosition } from "./position";
export { type ClockPlace, solarHour } from "./solar-time";
export { diffuseShare, extraterrestrial, MOL_PER_MJ, MOL_PER_MJ_USED, solarRadiation } from "./radiation";
export {
  beamShareThrough,
  type SeenSun,
  shinesIn,
  type SkyOpening,
  sunHoursThrough,
  sunTimesOn,
  openingsOf,
} from "./opening";
