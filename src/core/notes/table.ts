import Papa from "papaparse";
import type { Problem } from "../problem";

/** A table as a file holds it: its heads, and each row by them. */
export interface TableRead {
  readonly heads: readonly string[];
  readonly rows: readonly Readonly<Record<string, string>>[];
}

/** More rows are taken in several files. */
const MOST_ROWS = 5000;

/** Reads a table of values apart by commas, semicolons or tabs, whichever its first lines show. */
export function readTable(text: string): TableRead | Problem {
  const { data, meta, errors } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ""), {
    header: true,
    skipEmptyLines: "greedy",
    transformHeader: (head, i) => head.trim() || `column ${i + 1}`,
  });
  if (errors.some(({ type }) => type === "Quotes")) return { code: "file-broken" };
  if (data.length === 0) return { code: "file-empty" };
  if (data.length > MOST_ROWS) return { code: "file-long", most: MOST_ROWS };
  return { heads: meta.fields ?? [], rows: data };
}
