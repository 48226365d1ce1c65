/** Which day is it? Plain calendar dates and the arithmetic on them. */
export {
  addDays,
  addMonths,
  dayAt,
  type Day,
  dayNumber,
  dayOf,
  daysBetween,
  isDay,
  lastWeekday,
  mondayOf,
  monthStart,
  yearDay,
} from "./day";
export { DayText } from "./day-text";
