/** What is the place like? The doorstep survey, and the sun that a place gets. */
export { type Carries, placeCarries } from "./carries";
export { PLACE_KINDS, type PlaceKind, sunHours, SunWindow, Survey, type SurveyTyped } from "./survey";
