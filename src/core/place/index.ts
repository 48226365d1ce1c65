/** What is the place like, and what do its people bring? The doorstep survey, and the sun that a place gets. */
export { type Carries, placeCarries } from "./carries";
export { type Away, type Skill, SKILLS } from "./means";
export { PLACE_KINDS, type PlaceKind, sunHours, SunWindow, Survey, type SurveyTyped } from "./survey";
