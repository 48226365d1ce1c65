/** What is the place like, and what do its people bring? The doorstep survey, and the sun that a place gets. */
export { BLANK_SURVEY } from "./blank";
export { bearingOf, COMPASS, type Compass } from "./compass";
export type { Floor } from "./floor";
export { PLACE_KINDS, type PlaceKind } from "./kinds";
export { Away } from "./means";
export { SITE_MARKS, type SiteMark } from "./site";
export { type Skill, SKILLS } from "./skills";
export { type PlaceSky, skyOf } from "./sky";
export { isStretch, seenHours, sunHours } from "./sun-seen";
export { storedSurvey, type StoredSurvey, typedSale } from "./stored";
export { SunStretch, Survey, type SurveyTyped } from "./survey";
