"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import type { RowFault } from "@/core/exchange";
import { daysIn, type DayOrder, type NoteLine, type NoteRow, type NotesReport } from "@/core/notes";
import type { Outcome, Problem } from "@/core/problem";
import { giveBack } from "@/ui/files/give-back";
import { Button } from "@/ui/primitives/button";
import { SelectField } from "@/ui/primitives/field";
import { OutcomeLines } from "@/ui/primitives/outcome-lines";
import { send } from "@/ui/primitives/send";
import { useWords } from "@/ui/words/use-words";
import { Grid } from "./grid";
import { NoteFile } from "./note-file";
import { t } from "./words";

const WHATS = ["", "picked", "sown", "up", "watered"] as const;

interface TakeNotesProps {
  readonly take: (notes: {
    rows: readonly NoteRow[];
    order: DayOrder;
    what: string;
    isStored: boolean;
  }) => Promise<Outcome<NotesReport>>;
}

/** Other people's notes, from a file or typed from paper: read, told row by row, and stored whole or not at all. */
export function TakeNotes({ take }: TakeNotesProps) {
  const router = useRouter();
  const [rows, setRows] = useState<readonly NoteRow[]>([]);
  const [order, setOrder] = useState<DayOrder>("day-first");
  const [what, setWhat] = useState("");
  const [report, setReport] = useState<NotesReport>();
  const [failure, setFailure] = useState<Problem>();
  const shows = daysIn(rows.map(({ date }) => date));
  const onRows = (read: readonly NoteRow[]) => {
    setRows(read);
    setOrder(daysIn(read.map(({ date }) => date)) ?? order);
    setReport(undefined);
    setFailure(undefined);
  };
  const ask = async (isStored: boolean) => {
    const outcome = await send(() => take({ rows, order, what, isStored }));
    setFailure(outcome.ok ? undefined : outcome.problem);
    setReport(outcome.ok ? outcome.value : undefined);
    if (outcome.ok && outcome.value.stored > 0) router.refresh();
  };
  const count = (is: NoteLine["is"]) => report?.lines.filter((line) => line.is === is).length ?? 0;
  const wrong = report?.lines.filter(({ is }) => is === "wrong") ?? [];
  return (
    <div className="px-4 py-4 lg:px-6">
      <h1 className="text-title font-bold">{t("takeNotes.title")}</h1>
      <p className="mb-3 text-muted">{t("takeNotes.lead")}</p>
      <div className="grid gap-x-10 gap-y-6 lg:grid-cols-[24rem_minmax(0,1fr)]">
        <NoteFile onRows={onRows} />
        <Grid onRows={onRows} />
      </div>
      {rows.length > 0 && (
        <section aria-labelledby="read" className="mt-6">
          <h2 id="read" className="border-t-rule border-ink pt-1.5 text-lg font-bold">
            {t("takeNotes.read", { count: rows.length })}
          </h2>
          <div className="mt-2 flex flex-wrap items-end gap-4">
            <SelectField
              label={t("takeNotes.order")}
              hint={t(shows ? "takeNotes.orderSeen" : "takeNotes.orderUnseen")}
              value={order}
              onChange={(e) => setOrder(e.target.value as DayOrder)}
              className="w-64"
            >
              <option value="day-first">{t("takeNotes.orders.day-first")}</option>
              <option value="month-first">{t("takeNotes.orders.month-first")}</option>
            </SelectField>
            <SelectField
              label={t("takeNotes.what")}
              hint={t("takeNotes.whatHint")}
              value={what}
              onChange={(e) => setWhat(e.target.value)}
              className="w-64"
            >
              {WHATS.map((kind) => (
                <option key={kind} value={kind}>
                  {kind === "" ? t("takeNotes.whatNone") : t(`recordKinds.${kind}`)}
                </option>
              ))}
            </SelectField>
          </div>
          <OutcomeLines
            done={
              report !== undefined && report.stored > 0 && t("takeNotes.stored", { count: report.stored })
            }
            failure={failure}
          >
            <Button look="open" onClick={() => void ask(false)}>
              {t("takeNotes.look")}
            </Button>
            {report && report.stored === 0 && wrong.length === 0 && count("new") > 0 && (
              <Button look="solid" onClick={() => void ask(true)}>
                {t("takeNotes.take", { count: count("new") })}
              </Button>
            )}
            {wrong.length > 0 && (
              <Button look="quiet" onClick={() => void giveBack(faultsOf(wrong, rows), "refused-notes.csv")}>
                {t("files.giveBack")}
              </Button>
            )}
          </OutcomeLines>
          {report && report.stored === 0 && (
            <p role="status" className="mt-2 font-semibold">
              {t("takeNotes.report", { fresh: count("new"), known: count("known"), wrong: wrong.length })}
            </p>
          )}
          {report && <Lines lines={report.lines} rows={rows} />}
        </section>
      )}
    </div>
  );
}

/** So many lines stand on the screen; wrong ones come first. */
const SHOWN = 200;

/** What each note says, or what is wrong with it. */
function Lines({ lines, rows }: { lines: readonly NoteLine[]; rows: readonly NoteRow[] }) {
  const words = useWords();
  const { crop, day, problem } = words;
  const rank = { wrong: 0, new: 1, known: 2 };
  const shown = [...lines].sort((a, b) => rank[a.is] - rank[b.is] || a.line - b.line).slice(0, SHOWN);
  return (
    <ol className="mt-2 text-note">
      {shown.map(({ line, is, household, records, problem: wrong }) => (
        <li key={line} className="grid grid-cols-[4rem_6rem_1fr] gap-x-3 border-t border-line py-1.5">
          <span className="text-muted">{t("files.line", { line })}</span>
          <b className={is === "wrong" ? "text-beet" : ""}>
            {is === "wrong" ? "✕ " : is === "new" ? "✓ " : "= "}
            {t(`takeNotes.is.${is}`)}
          </b>
          <span className="min-w-0 wrap-anywhere">
            {household}:{" "}
            {wrong
              ? `${problem(wrong)} (${saidIn(rows[line - 2])})`
              : records
                  .map((r) =>
                    [
                      t(`recordKinds.${r.kind as "picked"}`),
                      r.goalId && crop(r.goalId),
                      r.amount?.typed,
                      r.row > 0 ? t("shared.row", { n: r.row }) : "",
                      day(r.on),
                      r.note && `“${r.note}”`,
                    ]
                      .filter(Boolean)
                      .join(" "),
                  )
                  .join("; ")}
          </span>
        </li>
      ))}
    </ol>
  );
}

/** A note as it was written. */
const saidIn = (row: NoteRow | undefined) =>
  row
    ? [row.date, row.what, row.crop, row.row, row.amount, row.unit, row.note].filter(Boolean).join(" ")
    : "";

/** Wrong notes as they were written, with what is wrong. */
const faultsOf = (wrong: readonly NoteLine[], rows: readonly NoteRow[]): RowFault[] =>
  wrong.flatMap(({ line, problem }) => {
    const row = rows[line - 2];
    return row && problem ? [{ line, problem, row }] : [];
  });
