"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import type { RowFault } from "@/core/exchange";
import type { Outcome, Problem } from "@/core/problem";
import { Button, buttonClass } from "@/ui/primitives/button";
import { send } from "@/ui/primitives/send";
import { Only } from "@/ui/rights";
import { useWords } from "@/ui/words/use-words";
import { FileField } from "./file-field";
import { giveBack } from "./give-back";
import { t } from "./words";

export type TakeIn = (text: string) => Promise<Outcome<{ stored: number; faults: readonly RowFault[] }>>;

const SHOWN = 30;

interface FilesProps {
  readonly takeIn: TakeIn;
  /** What can be taken out, and where. */
  readonly out: readonly { readonly href: string; readonly name: string }[];
  /** What the file to be taken in holds, and the name of a row in it. */
  readonly label: string;
  readonly nameOf: (row: RowFault["row"]) => string | undefined;
}

/** Out as a file, and in again with a report row by row; the refused rows go back as a file. */
export function Files({ takeIn, out, label, nameOf }: FilesProps) {
  const { problem } = useWords();
  const router = useRouter();
  const [report, setReport] = useState<{ stored: number; faults: readonly RowFault[] }>();
  const [failure, setFailure] = useState<Problem>();
  const read = async (file: File) => {
    setReport(undefined);
    setFailure(undefined);
    const text = await file.text();
    const outcome = await send(() => takeIn(text));
    if (outcome.ok) {
      setReport(outcome.value);
      router.refresh();
    } else setFailure(outcome.problem);
  };
  return (
    <div className="mt-4 border-t-rule border-ink pt-3">
      <div className="flex flex-wrap gap-2">
        {out.map(({ href, name }) => (
          <a key={href} href={href} download className={buttonClass("open")}>
            {name}
          </a>
        ))}
      </div>
      <Only may="changes">
        <FileField
          label={label}
          accept=".csv,.json,text/csv,application/json"
          failure={failure}
          onFile={(file) => void read(file)}
        />
      </Only>
      {report && (
        <div role="status" className="mt-2">
          <p className={`font-semibold ${report.faults.length > 0 ? "text-beet" : ""}`}>
            {report.faults.length > 0
              ? `✕ ${t("files.refusedRows", { count: report.faults.length })}`
              : `✓ ${t("files.takenIn", { count: report.stored })}`}
          </p>
          <ul className="text-sm">
            {report.faults.slice(0, SHOWN).map((f) => (
              <li key={f.line} className="border-t border-line py-1">
                <b>{t("files.line", { line: f.line })}</b> {nameOf(f.row)}: {problem(f.problem)}
              </li>
            ))}
          </ul>
          {report.faults.length > 0 && (
            <Button onClick={() => void giveBack(report.faults, "refused-rows.csv")}>
              {t("files.giveBack")}
            </Button>
          )}
        </div>
      )}
    </div>
  );
}
