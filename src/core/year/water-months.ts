import { addDays, type Day } from "../day";
import type { Garden } from "../garden";
import { type Sizes, USUAL_SIZES } from "../mix";
import type { Setting } from "../setting";
import { weeklyThirst } from "./thirst";

/** Water of a week about the middle of a month, L, the cans that is, and whether it is more than the household can carry. */
export interface MonthOfWater {
  readonly day: Day;
  readonly weekL: number;
  readonly cans: number;
  readonly isTooMuch: boolean;
}

const MONTHS = 12;
const DAYS_A_MONTH = 30.4;

/**
 * What is carried a week, month by month for a year from a day on.
 *
 * @param carriesLDay what the household can carry a day, L; left out where nobody asked
 */
export function waterByMonth(
  garden: Garden,
  setting: Setting,
  today: Day,
  carriesLDay?: number,
): MonthOfWater[] {
  const { canL }: Sizes = setting.sizes ?? USUAL_SIZES;
  return Array.from({ length: MONTHS }, (_, i) => {
    const day = addDays(today, Math.round(i * DAYS_A_MONTH));
    const weekL = weeklyThirst(garden, day, setting);
    return {
      day,
      weekL,
      cans: Math.ceil(weekL / canL - 1e-9),
      isTooMuch: carriesLDay !== undefined && weekL > 7 * carriesLDay,
    };
  });
}
