/** What do other people's notes say? Tables with whatever heads, days and units: read as records, or named with what is wrong. */
export { daysIn, type DayOrder, readDayText } from "./day-text";
export { type Columns, guessColumns, NOTE_FIELDS, type NoteField, type NoteRow, noteRows } from "./columns";
export { readNote } from "./read-note";
export type { NoteLine, NotesReport } from "./report";
export { readTable, type TableRead } from "./table";
