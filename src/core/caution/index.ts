/** What can hurt, and where does one act? Warnings by what a plan really has, each said once, where hands are. */
export {
  type Caution,
  CAUTION_CODES,
  type CautionCode,
  cautionsOfFilling,
  cautionsOfGarden,
  cautionsOfPlanting,
  cautionsOfTask,
} from "./caution";
