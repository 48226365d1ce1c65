/** Which day is it? Plain calendar dates and the arithmetic on them. */
export { addDays, type Day, dayNumber, dayOf, daysBetween, isDay } from "./day";
