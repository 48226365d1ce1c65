/** What happened, and what is due? Records, which of them stand, and what they say of a household's progress. */
export { type Due, type Followed, type HouseholdStage, nextDue, stageOf, stagesOf } from "./due";
export { type Germination, germinationOf } from "./germination";
export { readAmount, RecordForm, type RecordTyped } from "./form";
export {
  type Amount,
  GardenRecord,
  type Measure,
  MEASURES_OF,
  pickedTotals,
  RECORD_KINDS,
  type RecordKind,
  standing,
} from "./record";
