/** What is to be done on which day? Tasks of every bag and planting, each with its amount, settled by what is on record. */
export type { DoneLine } from "./done";
export {
  carriedFor,
  daysFrom,
  type HeldBack,
  SETTLED_BY,
  stateOn,
  type Task,
  type TaskKind,
  type TaskState,
} from "./task";
export { tasksOf } from "./tasks";
export { type Warning, warningsFor } from "./warnings";
export { type NextWater, nextWater } from "./watering";
