import { addDays, type Day } from "../day";
import { type Draft, type Known, readMessage } from "../message";
import type { Problem } from "../problem";
import type { NoteRow } from "./columns";
import { type DayOrder, readDayText } from "./day-text";

/** Records go back so far. */
const BACK_DAYS = 400;
const MOST_NOTE = 1000;

/** A figure with a comma for its point: "0,35 kg" is what most of the world writes. */
const pointed = (amount: string) => amount.replace(/^(\d+),(\d{1,2})(?!\d)/, "$1.$2");

/**
 * What one note says happened in its household, read as a text message is: forgiving of spelling and order, and never
 * guessed.
 *
 * @param what said where the note names nothing that happened
 */
export function readNote(
  row: NoteRow,
  known: Known,
  { order, what }: { readonly order: DayOrder; readonly what?: string },
):
  | { readonly ok: true; readonly drafts: readonly Draft[] }
  | { readonly ok: false; readonly problem: Problem } {
  const day: { ok: true; day: Day } | { ok: false; problem: Problem } =
    row.date === ""
      ? { ok: false, problem: { code: "day-missing" } }
      : readDayText(row.date, { order, today: known.today });
  if (!day.ok) return day;
  if (day.day > known.today) return { ok: false, problem: { code: "in-the-future" } };
  const from = addDays(known.today, -BACK_DAYS);
  if (day.day < from) return { ok: false, problem: { code: "too-long-ago", from } };
  const kind = row.what || what || "";
  if (/^notes?$/i.test(kind) || (kind === "" && row.crop === "" && row.amount === "" && row.note !== ""))
    return {
      ok: true,
      drafts: [
        { plantingId: null, kind: "note", on: day.day, amount: null, note: row.note.slice(0, MOST_NOTE) },
      ],
    };
  const bag = /^\d+$/.test(row.row) ? `bag ${row.row}` : row.row;
  // An amount that brings its unit needs no second one.
  const unit = /[a-z]/i.test(row.amount) ? "" : row.unit;
  const read = readMessage(
    [kind, row.crop, `${pointed(row.amount)} ${unit}`.trim(), bag].filter(Boolean).join(" "),
    known,
  );
  if (read.is === "unclear") return { ok: false, problem: read.problem };
  if (read.is !== "records") return { ok: false, problem: { code: "message-what" } };
  return {
    ok: true,
    drafts: read.records.map((draft) => ({
      ...draft,
      on: day.day,
      note: [draft.note, row.note].filter(Boolean).join(" ").slice(0, MOST_NOTE),
    })),
  };
}
