/** Which day is it? Plain calendar dates and the arithmetic on them. */
export {
  addDays,
  addMonths,
  type Day,
  dayNumber,
  dayOf,
  daysBetween,
  DayText,
  isDay,
  monthStart,
  yearDay,
} from "./day";
