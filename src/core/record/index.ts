/** What happened, and what is due? Records, which of them count, and what they say of a planting's and a household's progress. */
export { readAmount, RecordForm, type RecordTyped } from "./form";
export { type Germination, germinationBy } from "./germination";
export {
  AHEAD_DAYS,
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
  type Waiting,
} from "./progress";
export {
  type Amount,
  GardenRecord,
  type Measure,
  MEASURES,
  MEASURES_OF,
  pickedTotals,
  RECORD_KINDS,
  type RecordKind,
  validRecords,
} from "./record";
