import Papa from "papaparse";
import type { GardenRecord } from "../record";

/** A record with the names that a reader of the file needs. */
export interface RecordLine extends GardenRecord {
  readonly household: string;
  readonly bag: string;
  readonly goalId: string;
  readonly author: string;
  readonly notedAt: string;
}

const COLUMNS = [
  "record_id",
  "household",
  "date",
  "bag",
  "crop",
  "goal",
  "kind",
  "measure",
  "value",
  "core_unit",
  "typed",
  "typed_unit",
  "note",
  "supersedes",
  "stands",
  "author",
  "noted_at",
] as const;

const CORE_UNIT: Record<string, string> = {
  mass: "kg",
  volume: "L",
  count: "1",
  pieces: "1",
  bunches: "bunch",
};

/**
 * Records as CSV (RFC 4180: CRLF, quotes doubled, header line). Every record is in it, corrected ones too;
 * `stands` is 0 for one that a later record supersedes, and for one that only strikes out.
 *
 * A text that a spreadsheet would take for a formula gets an apostrophe before it.
 */
export function recordsToCsv(records: readonly RecordLine[]): string {
  const replaced = new Set(records.map((r) => r.supersedes));
  const data = records.map((r) => {
    const [crop = "", goal = ""] = r.goalId.split("/");
    const stands = !replaced.has(r.id) && r.kind !== "struck";
    return [
      r.id,
      r.household,
      r.on,
      r.bag,
      crop,
      goal,
      r.kind,
      r.amount?.measure ?? "",
      r.amount?.value ?? "",
      r.amount ? CORE_UNIT[r.amount.measure] : "",
      r.amount?.typed ?? "",
      r.amount?.unit ?? "",
      r.note,
      r.supersedes ?? "",
      stands ? 1 : 0,
      r.author,
      r.notedAt,
    ];
  });
  // The head line apart: the package ends it with a line break of its own when no data follows.
  const options = { newline: "\r\n", escapeFormulae: true };
  return [[...COLUMNS], ...data].map((row) => `${Papa.unparse([row], options)}\r\n`).join("");
}
