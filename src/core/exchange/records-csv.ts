import Papa from "papaparse";
import type { GardenRecord } from "../record";

/** A record with the names that a reader of the file needs, and whether it still stands: no later one supersedes it, and it is more than a striking-out. */
export interface RecordLine extends GardenRecord {
  readonly stands: boolean;
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

const line = (fields: readonly unknown[]): string =>
  `${Papa.unparse([fields as unknown[]], { newline: "\r\n", escapeFormulae: true })}\r\n`;

/** The head line of a file of records. */
export const csvHead = (): string => line(COLUMNS);

/**
 * Records as lines of CSV (RFC 4180: CRLF, quotes doubled), to stand under `csvHead`. Every record is in it, corrected
 * ones too; `stands` tells which count.
 *
 * A text that a spreadsheet would take for a formula gets an apostrophe before it.
 */
export const csvLines = (records: readonly RecordLine[]): string =>
  records
    .map((r) => {
      const [crop = "", goal = ""] = r.goalId.split("/");
      return line([
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
        r.stands ? 1 : 0,
        r.author,
        r.notedAt,
      ]);
    })
    .join("");
