/** What can hurt, and where does one act? Warnings by what a plan really has, each said once, where hands are. */
export {
  type Caution,
  type CautionCode,
  cautionsOfFilling,
  cautionsOfGarden,
  cautionsOfPlanting,
  cautionsOfTask,
} from "./caution";
