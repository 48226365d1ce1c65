/** What is the place like, and what do its people bring? The doorstep survey, and the sun that a place gets. */
export { type Carries, placeCarries } from "./carries";
export type { Floor } from "./floor";
export { Away, type Skill, SKILLS } from "./means";
export {
  bearingOf,
  COMPASS,
  type Compass,
  OPEN_SKY,
  PLACE_KINDS,
  type PlaceKind,
  seenHours,
  sunHours,
  SunStretch,
  Survey,
  type SurveyTyped,
} from "./survey";
