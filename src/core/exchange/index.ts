/** How do records and values leave and come back? Text formats for what the programme keeps. */
export {
  faultsToCsv,
  readValues,
  type RowFault,
  type ValueRow,
  valuesToCsv,
  valuesToJson,
} from "./library-file";
export { csvHead, csvLines, type RecordLine } from "./records-csv";
