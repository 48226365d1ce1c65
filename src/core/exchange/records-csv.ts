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

/** Each column, with its type and what stands in it, as Table Schema has them. */
export const RECORD_FIELDS = [
  { name: "record_id", type: "string", description: "made once; the same record has it everywhere" },
  { name: "household", type: "string", description: "its number" },
  { name: "household_name", type: "string", description: "" },
  { name: "date", type: "date", description: "on which it happened" },
  { name: "row", type: "integer", description: "number of the bag's row in the plan" },
  { name: "bag", type: "string", description: "kind of bag" },
  { name: "crop", type: "string", description: "" },
  { name: "goal", type: "string", description: "what of the crop is grown for" },
  { name: "kind", type: "string", description: "what happened" },
  { name: "measure", type: "string", description: "what the value counts" },
  { name: "value", type: "number", description: "in the core unit" },
  { name: "core_unit", type: "string", description: "kg, L, bunch, per kg of what a price is for, or 1" },
  { name: "typed", type: "string", description: "the amount as somebody wrote it" },
  { name: "typed_unit", type: "string", description: "" },
  { name: "note", type: "string", description: "" },
  { name: "variety", type: "string", description: "" },
  { name: "lot", type: "string", description: "of the packet" },
  { name: "packet_days", type: "integer", description: "days to the first pick that the packet promises" },
  { name: "part", type: "string", description: "ring, pocket or side" },
  { name: "reason", type: "string", description: "likely reason of a loss" },
  { name: "quality", type: "string", description: "good, fair or poor" },
  { name: "went", type: "string", description: "eaten, sold, given or stored" },
  { name: "weather", type: "string", description: "" },
  { name: "condition", type: "string", description: "of the bag" },
  { name: "settled_cm", type: "number", description: "mix below the rim, cm" },
  { name: "photo", type: "integer", description: "1 where a photo is kept" },
  { name: "supersedes", type: "string", description: "record that this one takes the place of" },
  { name: "stands", type: "integer", description: "1 where no later record supersedes it" },
  { name: "author", type: "string", description: "" },
  { name: "noted_at", type: "datetime", description: "when it was stored" },
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
  price: "per kg",
};

const linesOf = (rows: readonly (readonly unknown[])[]): string =>
  rows.length === 0
    ? ""
    : `${Papa.unparse(rows as unknown[][], { newline: "\r\n", escapeFormulae: true })}\r\n`;

/** The head line of a file of records. */
export const csvHead = (): string => linesOf([RECORD_FIELDS.map(({ name }) => name)]);

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
