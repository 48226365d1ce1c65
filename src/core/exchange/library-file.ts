import Papa from "papaparse";
import * as z from "zod";
import type { Problem } from "../problem";
import type { RowFault } from "./faults";

/** A value of the library in a file: what ships, and what a programme has in its place. */
export interface ValueRow {
  readonly name: string;
  readonly shipped: number;
  readonly source: string;
  readonly value: number | null;
  readonly reason: string;
}

/** A row that was read from a file, with its line for the report; the head line is line 1. */
export interface ReadRow {
  readonly line: number;
  readonly name: string;
  readonly value: number;
  readonly reason: string;
}

const COLUMNS = ["name", "shipped", "source", "value", "reason"] as const;

/** Values as CSV (RFC 4180); `value` is empty where the programme has none of its own. */
export const valuesToCsv = (rows: readonly ValueRow[]): string =>
  `${Papa.unparse({ fields: [...COLUMNS], data: rows.map((r) => COLUMNS.map((c) => r[c] ?? "")) }, { newline: "\r\n", escapeFormulae: true })}\r\n`;

/** Values as JSON: `{ "pip-row-values": 1, "values": [...] }`. */
export const valuesToJson = (rows: readonly ValueRow[]): string =>
  `${JSON.stringify({ "pip-row-values": 1, values: rows }, null, 2)}\n`;

const JsonFile = z.object({
  "pip-row-values": z.literal(1),
  values: z.array(z.record(z.string(), z.unknown())).max(20_000),
});

/** The raw rows of a file, whichever of the two kinds it is; a problem when it is neither. */
function rawRows(text: string): Record<string, string>[] | Problem {
  const body = text.replace(/^\uFEFF/, "");
  if (body.trimStart().startsWith("{")) {
    try {
      const file = JsonFile.safeParse(JSON.parse(body));
      if (!file.success) return { code: "file-shape" };
      return file.data.values.map((row) =>
        Object.fromEntries(Object.entries(row).map(([k, v]) => [k, v === null ? "" : String(v)])),
      );
    } catch {
      return { code: "file-broken" };
    }
  }
  const { data, meta, errors } = Papa.parse<Record<string, string>>(body, {
    header: true,
    skipEmptyLines: "greedy",
  });
  if (!meta.fields?.includes("name") || !meta.fields.includes("value"))
    return { code: "file-columns", columns: "name, value, reason" };
  const broken = errors.find((e) => e.type === "Quotes");
  return broken ? { code: "file-broken" } : data;
}

/**
 * Reads the programme's own values from a CSV or JSON file. Rows without a value are passed over: they only list what
 * ships. Every other row is either read or named with what is wrong with it.
 */
export function readValues(
  text: string,
): { readonly rows: ReadRow[]; readonly faults: RowFault[] } | Problem {
  const raw = rawRows(text);
  if ("code" in raw) return raw as Problem;
  const rows: ReadRow[] = [];
  const faults: RowFault[] = [];
  raw.forEach((row, i) => {
    const line = i + 2;
    const value = (row.value ?? "").trim();
    const name = (row.name ?? "").trim();
    const reason = (row.reason ?? "").trim();
    if (value === "") return;
    const fault = (problem: Problem) => faults.push({ line, problem, row });
    if (name === "") fault({ code: "value-unknown" });
    else if (!Number.isFinite(Number(value))) fault({ code: "not-a-number", understood: value });
    else if (reason === "") fault({ code: "reason-missing" });
    else if (reason.length > 300) fault({ code: "too-long" });
    else if (rows.some((r) => r.name === name)) fault({ code: "value-twice" });
    else rows.push({ line, name, value: Number(value), reason });
  });
  return { rows, faults };
}
