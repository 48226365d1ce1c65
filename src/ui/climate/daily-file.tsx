"use client";

import { useState } from "react";
import type { Columns, DailyReport } from "@/core/climate";
import type { Problem } from "@/core/problem";
import { SelectField } from "@/ui/primitives/field";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

const KEYS = ["date", "low", "high", "rain"] as const;

/** Normals from a daily weather file: which columns were taken, in which unit, what is missing and which lines were passed over. */
export function DailyFile({
  onNormals,
}: {
  onNormals: (normals: Pick<DailyReport, "lowC" | "highC" | "rainMm" | "wetDays">) => void;
}) {
  const { problem } = useWords();
  const [text, setText] = useState<string>();
  const [head, setHead] = useState<readonly string[]>([]);
  const [mapping, setMapping] = useState<Partial<Columns>>({});
  const [unit, setUnit] = useState<"C" | "F">();
  const [report, setReport] = useState<DailyReport | Problem>();
  const read = async (file: string, columns: Partial<Columns>, degrees: "C" | "F" | undefined) => {
    // What reads such a file comes with the first one.
    const { headOf, normalsFromDaily } = await import("./later");
    setHead(headOf(file));
    const result = normalsFromDaily(file, columns, degrees);
    setReport(result);
    if (!("code" in result)) onNormals(result);
  };
  const good = report && !("code" in report) ? report : undefined;
  return (
    <div className="grid gap-2">
      <label className="text-sm font-semibold">
        {t("climate.daily")}
        <input
          type="file"
          accept=".csv,text/csv"
          className="mt-1 block w-full text-sm font-normal"
          onChange={async (e) => {
            const file = await e.target.files?.[0]?.text();
            if (file === undefined) return;
            setText(file);
            setMapping({});
            setUnit(undefined);
            await read(file, {}, undefined);
          }}
        />
      </label>
      {text !== undefined && (
        <div className="grid grid-cols-2 gap-2 sm:grid-cols-5">
          {KEYS.map((key) => (
            <SelectField
              key={key}
              label={t(`climate.columns.${key}`)}
              value={mapping[key] ?? good?.columns[key] ?? ""}
              onChange={(e) => {
                const next = { ...mapping, [key]: e.target.value || undefined };
                setMapping(next);
                void read(text, next, unit);
              }}
            >
              <option value="">{t("climate.guess")}</option>
              {head.map((column) => (
                <option key={column} value={column}>
                  {column}
                </option>
              ))}
            </SelectField>
          ))}
          <SelectField
            label={t("climate.unit")}
            value={unit ?? good?.unit ?? "C"}
            onChange={(e) => {
              const next = e.target.value as "C" | "F";
              setUnit(next);
              void read(text, mapping, next);
            }}
          >
            <option value="C">°C</option>
            <option value="F">°F</option>
          </SelectField>
        </div>
      )}
      <div role="status" className="text-note">
        {report && "code" in report && <p className="font-semibold text-beet">✕ {problem(report)}</p>}
        {good && (
          <>
            <p className="font-semibold">
              {t("climate.report", {
                days: good.days,
                years: good.years,
                gaps: good.gapDays,
                faulty: good.faulty,
                coded: good.coded,
              })}
            </p>
            <ul className="text-sm">
              {good.faults.map((f) => (
                <li key={f.line}>
                  <b>{t("files.line", { line: f.line })}</b>: {problem(f.problem)}
                </li>
              ))}
            </ul>
          </>
        )}
      </div>
    </div>
  );
}
