import { picksOf } from "../food";
import { addDays, type Day, daysBetween } from "../day";
import { MINUTES, startMinutes } from "../work";
import type { Garden, PlantingView } from "./assess";
import { wateringDays } from "./thirst";
import type { Setting } from "./setting";
import { unitsOf } from "./units";

/** Minutes of one planting by day: sown, moved, and each pick. */
function jobsOf(view: PlantingView): [Day, number][] {
  const { planting, method, season, goal, stay } = view;
  const move = season.stages.move?.likely;
  const start = startMinutes({ ...method, move: undefined }, planting.plants ?? 0);
  return [
    [planting.sowOn, start],
    ...(move === undefined ? [] : [[move, MINUTES.move] as [Day, number]]),
    ...picksOf(goal, season.stages, unitsOf(view))
      .filter((p) => p.day <= stay.to)
      .map((p): [Day, number] => [p.day, MINUTES.pick]),
  ];
}

/** Hours of work in each week from `today` on: sowing, moving, picking, and a can to each bag as often as the school has it. */
export function hoursByWeek(garden: Garden, setting: Setting, today: Day, weeks = 52): number[] {
  const minutes = Array.from({ length: weeks }, () => 0);
  const add = (day: Day, amount: number) => {
    const week = Math.floor(daysBetween(today, day) / 7);
    if (week >= 0 && week < weeks) minutes[week]! += amount;
  };
  for (const row of garden.rows) {
    for (const p of row.plantings) for (const [day, amount] of jobsOf(p)) add(day, amount);
    for (let week = 0; week < weeks; week++) {
      const every = wateringDays(row, addDays(today, 7 * week + 3), setting);
      if (Number.isFinite(every))
        minutes[week]! += (7 / Math.max(0.5, Math.floor(every) || 0.5)) * MINUTES.water;
    }
  }
  return minutes.map((m) => m / 60);
}
