import { addDays, type Day, daysBetween } from "../day";
import type { PlantingView } from "../garden";
import type { Weather, WeatherDay } from "../weather";
import type { HeldBack, Task } from "./task";

/** A gate is judged by so many coming days at least. Ours to choose. */
const LEAST_DAYS = 3;
const LOOKS_AHEAD = 7;
/** A feed waits for a storm to pass: it would be washed out. Common practice; the amount is an assumption. */
const STORM_MM = 25;

const mean = (values: readonly number[]) => values.reduce((a, b) => a + b, 0) / values.length;

/** What the coming days must be like for a task, and what they are; undefined for one that any weather suits. */
function gateOf(task: Task, view: PlantingView | undefined) {
  if (!view) return undefined;
  const { crop, method } = view;
  if (task.kind === "move" || (task.kind === "sow" && method.method === "bought"))
    return {
      code: "cold-nights",
      needs: crop.nights.plantOutC,
      of: ({ nightC }: WeatherDay) => nightC,
    } as const;
  // Seed in the bag is judged by its soil, which follows the mean of day and night; trays stand where it is warmer.
  if (task.kind === "sow" && !method.move)
    return {
      code: "cold-soil",
      needs: crop.emergence.leastC,
      of: ({ nightC, dayC }: WeatherDay) => (nightC + dayC) / 2,
    } as const;
  return undefined;
}

const shifted = <T extends Task>(task: T, from: Day, heldBack: HeldBack): T => ({
  ...task,
  from,
  until: addDays(task.until, daysBetween(task.from, from)),
  heldBack,
});

/**
 * A task as the weather of the coming days lets it be: what is planted out waits for nights as warm as the crop wants,
 * what is sown in the bag for soil in which seed does not rot, a feed for the end of a storm.
 */
export function heldBack(
  task: Task,
  view: PlantingView | undefined,
  weather: Weather | undefined,
  today: Day,
): Task {
  const coming = weather?.days.filter(({ day }) => day >= today) ?? [];
  const last = coming.at(-1)?.day;
  if (!last || task.from > last) return task;
  if (task.kind === "feed") {
    const begins = task.from > today ? task.from : today;
    const storm = coming.find(
      ({ day, rainMm }) => rainMm >= STORM_MM && Math.abs(daysBetween(begins, day)) <= 1,
    );
    return storm
      ? shifted(task, addDays(storm.day, 1), { code: "storm", is: storm.rainMm, needs: STORM_MM })
      : task;
  }
  const gate = gateOf(task, view);
  if (!gate) return task;
  const from = (day: Day) =>
    coming
      .filter((at) => at.day >= day)
      .slice(0, LOOKS_AHEAD)
      .map(gate.of);
  const begins = task.from > today ? task.from : today;
  const now = from(begins);
  if (now.length < LEAST_DAYS || mean(now) >= gate.needs) return task;
  const opens = coming.find(
    ({ day }) => day > begins && from(day).length >= LEAST_DAYS && mean(from(day)) >= gate.needs,
  );
  return shifted(task, opens?.day ?? addDays(last, 1), { code: gate.code, is: mean(now), needs: gate.needs });
}
