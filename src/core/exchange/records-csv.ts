import Papa from "papaparse";
import type { Day } from "../day";
import type { Detail, Measure, RecordKind } from "../record";

/** A record as a line of a file: with the names that its reader needs, and whether it still stands. */
export interface RecordLine {
  readonly id: string;
  /** The household's code. */
  readonly household: string;
  readonly householdName: string;
  readonly on: Day;
  /** Number of its row in the plan; null for a record of no planting and no bag. */
  readonly row: number | null;
  /** The bag's kind, and `crop/goal`; empty for a record of no planting. */
  readonly bag: string;
  readonly goalId: string;
  readonly kind: RecordKind;
  /** What its amount counts, in core units and as it was typed; null and empty without an amount. */
  readonly measure: Measure | null;
  readonly value: number | null;
  readonly typed: string;
  readonly unit: string;
  readonly note: string;
  /** What else it says. */
  readonly detail?: Detail | null;
  readonly supersedes: string | null;
  /** No later record supersedes it, and it is more than a striking-out. */
  readonly stands: boolean;
  readonly author: string;
  /** Instant at which it was stored, ISO 8601. */
  readonly notedAt: string;
}

const COLUMNS = [
  "record_id",
  "household",
  "household_name",
  "date",
  "row",
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
  "variety",
  "lot",
  "packet_days",
  "part",
  "reason",
  "quality",
  "went",
  "weather",
  "condition",
  "settled_cm",
  "photo",
  "supersedes",
  "stands",
  "author",
  "noted_at",
] as const;

/** The columns of what else a record says, in their order. */
const DETAIL_COLUMNS = [
  "variety",
  "lot",
  "packetDays",
  "part",
  "reason",
  "quality",
  "went",
  "weather",
  "condition",
  "settledCm",
  "photo",
] as const;

const CORE_UNIT: Record<Measure, string> = {
  mass: "kg",
  volume: "L",
  count: "1",
  pieces: "1",
  bunches: "bunch",
};

const linesOf = (rows: readonly (readonly unknown[])[]): string =>
  rows.length === 0
    ? ""
    : `${Papa.unparse(rows as unknown[][], { newline: "\r\n", escapeFormulae: true })}\r\n`;

/** The head line of a file of records. */
export const csvHead = (): string => linesOf([COLUMNS]);

/**
 * Records as lines of CSV (RFC 4180: CRLF, quotes doubled), to stand under `csvHead`. Every record is in it, corrected
 * ones too; `stands` tells which count.
 *
 * A text that a spreadsheet would take for a formula gets an apostrophe before it.
 */
export const csvLines = (records: readonly RecordLine[]): string =>
  linesOf(
    records.map((r) => {
      const [crop = "", goal = ""] = r.goalId.split("/");
      return [
        r.id,
        r.household,
        r.householdName,
        r.on,
        r.row ?? "",
        r.bag,
        crop,
        goal,
        r.kind,
        r.measure ?? "",
        r.value ?? "",
        r.measure ? CORE_UNIT[r.measure] : "",
        r.typed,
        r.unit,
        r.note,
        ...DETAIL_COLUMNS.map((key) =>
          key === "photo" ? (r.detail?.photo ? 1 : "") : (r.detail?.[key] ?? ""),
        ),
        r.supersedes ?? "",
        r.stands ? 1 : 0,
        r.author,
        r.notedAt,
      ];
    }),
  );
