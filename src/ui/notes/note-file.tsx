"use client";

import { useState } from "react";
import {
  type Columns,
  guessColumns,
  NOTE_FIELDS,
  type NoteField,
  type NoteRow,
  noteRows,
  readTable,
  type TableRead,
} from "@/core/notes";
import type { Problem } from "@/core/problem";
import { FileField } from "@/ui/files/file-field";
import { SelectField } from "@/ui/primitives/field";
import { t } from "./words";

const MOST_BYTES = 2_000_000;

/** Where this device keeps which column held what, for tables with the same heads. */
const keyOf = (heads: readonly string[]) => `pip-row-columns ${heads.join("|").slice(0, 400)}`;

/** Columns as somebody set them for such a table before; guessed where nobody did. */
function columnsFor(heads: readonly string[]): Columns {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(keyOf(heads)) ?? "null");
    if (typeof kept === "object" && kept !== null)
      return Object.fromEntries(
        NOTE_FIELDS.flatMap((field) => {
          const head = (kept as Record<string, unknown>)[field];
          return typeof head === "string" && heads.includes(head) ? [[field, head]] : [];
        }),
      );
  } catch {
    // Somebody else's text under our name: guessed then.
  }
  return guessColumns(heads);
}

/** A table of notes: which column holds what is guessed, set right, and remembered for the next one. */
export function NoteFile({ onRows }: { onRows: (rows: readonly NoteRow[]) => void }) {
  const [table, setTable] = useState<TableRead>();
  const [columns, setColumns] = useState<Columns>({});
  const [failure, setFailure] = useState<Problem>();
  const read = async (file: File) => {
    const found = file.size > MOST_BYTES ? ({ code: "file-large" } as const) : readTable(await file.text());
    if ("code" in found) {
      setFailure(found);
      setTable(undefined);
      return;
    }
    const guessed = columnsFor(found.heads);
    setFailure(undefined);
    setTable(found);
    setColumns(guessed);
    onRows(noteRows(found.rows, guessed));
  };
  const set = (field: NoteField, head: string) => {
    if (!table) return;
    const next = { ...columns, [field]: head === "" ? undefined : head };
    setColumns(next);
    localStorage.setItem(keyOf(table.heads), JSON.stringify(next));
    onRows(noteRows(table.rows, next));
  };
  return (
    <section aria-labelledby="file" className="min-w-0">
      <h2 id="file" className="border-t-rule border-ink pt-1.5 text-lg font-bold">
        {t("takeNotes.file")}
      </h2>
      <FileField
        label={t("takeNotes.choose")}
        accept=".csv,.tsv,.txt,text/csv,text/tab-separated-values,text/plain"
        failure={failure}
        onFile={(file) => void read(file)}
      />
      {table && (
        <div className="mt-3 grid grid-cols-2 gap-3">
          {NOTE_FIELDS.map((field) => (
            <SelectField
              key={field}
              label={t(`takeNotes.fields.${field}`)}
              value={columns[field] ?? ""}
              onChange={(e) => set(field, e.target.value)}
            >
              <option value="">{t("takeNotes.noColumn")}</option>
              {table.heads.map((head) => (
                <option key={head} value={head}>
                  {head}
                </option>
              ))}
            </SelectField>
          ))}
        </div>
      )}
    </section>
  );
}
