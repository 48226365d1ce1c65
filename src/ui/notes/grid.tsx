"use client";

import { type KeyboardEvent, useRef, useState } from "react";
import type { NoteRow } from "@/core/notes";
import { Button } from "@/ui/primitives/button";
import { t } from "./words";

const FIELDS = ["household", "date", "what", "crop", "amount", "note"] as const;
type Field = (typeof FIELDS)[number];
type Typed = Readonly<Record<Field, string>>;

const EMPTY: Typed = { household: "", date: "", what: "", crop: "", amount: "", note: "" };
const STARTS_WITH = 4;
/** These are mostly the same from line to line: a new line takes them over. */
const REPEATED = ["household", "date", "what"] as const;

/** Notes typed from paper, by the keyboard alone: Tab goes right, Enter goes down, and a new line begins as the one above. */
export function Grid({ onRows }: { onRows: (rows: readonly NoteRow[]) => void }) {
  const [lines, setLines] = useState<readonly Typed[]>(() =>
    Array.from({ length: STARTS_WITH }, () => EMPTY),
  );
  const table = useRef<HTMLTableElement>(null);
  const isEmpty = (line: Typed) =>
    line.crop === "" && line.amount === "" && line.note === "" && line.what === "";
  const set = (at: number, field: Field, value: string) =>
    setLines(lines.map((line, i) => (i === at ? { ...line, [field]: value } : line)));
  const focus = (at: number, field: Field) =>
    // After the new line is there.
    setTimeout(() => table.current?.querySelector<HTMLInputElement>(`[data-cell="${at} ${field}"]`)?.focus());
  const down = (event: KeyboardEvent, at: number, field: Field) => {
    const to = { Enter: at + 1, ArrowDown: at + 1, ArrowUp: at - 1 }[event.key];
    if (to === undefined || to < 0) return;
    event.preventDefault();
    const above = lines[at];
    const next = lines[to];
    const repeated = Object.fromEntries(REPEATED.map((f) => [f, above?.[f] ?? ""]));
    if (event.key === "Enter" && above && !isEmpty(above) && (!next || isEmpty(next)))
      setLines([...lines.slice(0, to), { ...EMPTY, ...next, ...repeated }, ...lines.slice(to + 1)]);
    focus(to, event.key === "Enter" ? "crop" : field);
  };
  const done = () =>
    onRows(
      lines
        .filter((line) => line.crop !== "" || line.amount !== "" || line.note !== "")
        .map((line) => ({ row: "", unit: "", id: "", ...line })),
    );
  return (
    <section aria-labelledby="grid" className="min-w-0">
      <h2 id="grid" className="border-t-rule border-ink pt-1.5 text-lg font-bold">
        {t("takeNotes.grid")}
      </h2>
      <p className="text-note text-muted">{t("takeNotes.gridHint")}</p>
      <div className="overflow-x-auto">
        <table ref={table} className="mt-2 w-full min-w-[40rem] text-note">
          <thead className="text-left text-fine text-muted">
            <tr>
              {FIELDS.map((field) => (
                <th key={field} scope="col">
                  {t(`takeNotes.fields.${field}`)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {lines.map((line, at) => (
              <tr key={at}>
                {FIELDS.map((field) => (
                  <td key={field} className="p-0">
                    <input
                      data-cell={`${at} ${field}`}
                      aria-label={t("takeNotes.cell", {
                        field: t(`takeNotes.fields.${field}`),
                        line: at + 1,
                      })}
                      className="min-h-9 w-full border border-line bg-card px-1.5 focus:border-ink"
                      autoComplete="off"
                      value={line[field]}
                      onChange={(e) => set(at, field, e.target.value)}
                      onKeyDown={(e) => down(e, at, field)}
                    />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <Button className="mt-2" onClick={done}>
        {t("takeNotes.gridDone")}
      </Button>
    </section>
  );
}
