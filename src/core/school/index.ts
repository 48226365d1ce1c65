/** Which way of doing is in force? Schools on which growers differ, chosen by programme, household or row. */
export {
  inForce,
  ONE_SIZE_UP,
  SCHOOL_NAMES,
  type SchoolName,
  Schools,
  SCHOOLS,
  type SchoolsInForce,
} from "./school";
