/** Which way of doing is in force? Schools on which growers differ, chosen by programme, household or row. */
export { SCHOOL_NAMES, type SchoolName, SCHOOLS } from "./names";
export { inForce, ONE_SIZE_UP, type SchoolsInForce } from "./school";
export { Schools } from "./schools";
