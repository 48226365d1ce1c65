/** What stands on the page that a household keeps? Its rows, dates, water, how to pick, and what to be careful of. */
export { type Sheet, type SheetRow, sheetOf } from "./sheet";
