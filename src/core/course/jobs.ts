import { type Day, daysBetween } from "../day";
import type { SowingBill } from "../sowing";
import { MINUTES, startMinutes } from "../work";
import type { Course } from "./course";

/** What is strewn or drilled takes as long as so many places. Assumption, no source. */
const SOWN_PLACES = 5;

/** Work on one planting by day, minutes: sown, moved, and each pick. Watering is the bag's, not the planting's. */
export function jobsOf({ season, picks }: Course, bill: SowingBill): { day: Day; minutes: number }[] {
  const { sow, move } = season.stages;
  return [
    { day: sow, minutes: startMinutes(bill.pieces ?? bill.places?.count ?? SOWN_PLACES) },
    ...(move ? [{ day: move.likely, minutes: MINUTES.move }] : []),
    ...picks.map(({ day }) => ({ day, minutes: MINUTES.pick })),
  ];
}

/** Minutes of all jobs of a planting that fall into the days from `today` on. @param days how many */
export const minutesOf = (course: Course, bill: SowingBill, today: Day, days: number): number =>
  jobsOf(course, bill).reduce((sum, { day, minutes }) => {
    const ahead = daysBetween(today, day);
    return ahead >= 0 && ahead < days ? sum + minutes : sum;
  }, 0);
