/** How do records and values leave and come back? Text formats for what the programme keeps. */
export { type CalendarEntry, calendarFile } from "./calendar-file";
export { dataPackage } from "./data-package";
export { faultsToCsv, type RowFault } from "./faults";
export { readValues, type ValueRow, valuesToCsv, valuesToJson } from "./library-file";
export { type PriceRow, pricesToCsv, readPriceList } from "./price-list";
export { csvHead, RECORD_FIELDS, csvLines, type RecordLine } from "./records-csv";
export { findingsCsv } from "./findings-csv";
export { PLANTING_FIELDS, plantingsCsv } from "./plantings-csv";
