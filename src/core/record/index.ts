/** What happened, and what is due? Records, which of them count, and what they say of a planting's and a household's progress. */
export { readAmount } from "./amount";
export { RecordForm, type RecordTyped } from "./form";
export { type Germination, germinationBy } from "./germination";
export {
  AHEAD_DAYS,
  QUIET_DAYS,
  type Due,
  dueOn,
  type Followed,
  HOUSEHOLD_STAGES,
  type HouseholdProgress,
  householdProgress,
  type HouseholdStage,
  type Progress,
  progressOf,
  stageOn,
  stepsOf,
  type Waiting,
} from "./progress";
export { type Amount, GardenRecord, OF_HOUSEHOLD } from "./contract";
export type { Detail } from "./detail";
export { CONDITIONS, type DetailKey, DETAILS_OF, QUALITIES, REASONS, WEATHERS, WENT } from "./details-of";
export {
  isOfRow,
  type Measure,
  MEASURES,
  MEASURES_OF,
  PLANTING_KINDS,
  RECORD_KINDS,
  type RecordKind,
} from "./kinds";
export { type NextStep, nextStepOn } from "./next-step";
export { atRest, type Reading } from "./at-rest";
export { dayProblem } from "./order";
export { pickedTotals, validRecords } from "./record";
export { everyWeek, kgOf, type PickedWeek } from "./weeks";
export { realOf } from "./happened";
export {
  type Counted,
  COUNTED,
  inKg,
  type PickedAmounts,
  type Weighed,
  weighedBy,
  type Weighing,
  WeighingsTyped,
} from "./weighing";
