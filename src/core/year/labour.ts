import { billOf, jobsOf } from "../course";
import { addDays, type Day, daysBetween } from "../day";
import type { Garden } from "../garden";
import type { Setting } from "../setting";
import { MINUTES } from "../work";
import { wateringDays } from "./thirst";
import { known } from "../known";

/** Hours of work in each week from `today` on: sowing, moving, picking, and a can to each bag as often as the school has it. */
export function hoursByWeek(garden: Garden, setting: Setting, today: Day, weeks = 52): number[] {
  const minutes = new Float64Array(weeks);
  for (const row of garden.rows) {
    for (const { course, planting, fit } of row.plantings) {
      const bill = billOf(course, { plants: planting.plants, areaCm2: fit.sown?.areaCm2 }, setting);
      for (const job of jobsOf(course, bill)) {
        const week = Math.floor(daysBetween(today, job.day) / 7);
        if (week >= 0 && week < weeks) minutes[week] = known(minutes[week]) + job.minutes;
      }
    }
    for (let week = 0; week < weeks; week++) {
      const every = wateringDays(row, addDays(today, 7 * week + 3), setting);
      if (Number.isFinite(every))
        minutes[week] = known(minutes[week]) + (7 / Math.max(0.5, Math.floor(every) || 0.5)) * MINUTES.water;
    }
  }
  return Array.from(minutes, (m) => m / 60);
}
