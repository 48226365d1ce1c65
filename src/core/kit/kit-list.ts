import type { Day } from "../day";
import { type DoneLine, type Task, tasksOf } from "../days";
import type { Garden } from "../garden";
import { type Shopping, shoppingOf } from "../money";
import { wantedFor } from "../needs";
import type { Setting } from "../setting";
import { type Filling, fillingOf } from "../steps";
import { gearFor } from "./gear";
import { type Heap, heapsOf } from "./heap";

/** Everything that a household has to buy, carry and mix for what its plan still holds. */
export interface KitList {
  /** Bags, sacks of mix, seed and pieces, feed and gear, whole ones as shops sell them. */
  readonly shopping: Shopping;
  readonly fillings: readonly Filling[];
  /** A heap for each mix that they take. */
  readonly heaps: readonly Heap[];
}

/** Bags that a garden's tasks ask to be filled or refreshed. */
export const fillingsIn = (tasks: readonly Task[], garden: Garden): Filling[] =>
  tasks.flatMap((task) => {
    const row = garden.rows[task.row - 1];
    return task.kind === "fill" && row ? [fillingOf(row, task.row, task)] : [];
  });

/**
 * The kit of a garden on a day: what is still to be bought, filled, fed and supported, without what is on record. Each
 * thing once, however many bags want it.
 */
export function kitOf(
  garden: Garden,
  records: readonly DoneLine[],
  { setting, today }: { readonly setting: Setting; readonly today: Day },
): KitList {
  const tasks = tasksOf(garden, records, { setting, today });
  const fillings = fillingsIn(tasks, garden);
  const heaps = heapsOf(fillings);
  const gear = gearFor(tasks, fillings, heaps, { garden, setting, today });
  return {
    shopping: shoppingOf([...wantedFor(garden, setting, today), ...gear], setting.prices ?? {}),
    fillings,
    heaps,
  };
}
