/** Where does the sun stand, and when does it reach a place? Positions, and what seen hours say about other months. */
export { type SunPosition, sunPosition } from "./position";
export { type SeenSun, shinesIn, type SkyWindow, sunHoursOn, sunTimesOn, windowsOf } from "./window";
