/** How do records leave and come back? Text formats for what the programme keeps. */
export { type RecordLine, recordsToCsv } from "./records-csv";
