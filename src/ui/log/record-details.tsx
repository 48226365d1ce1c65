"use client";

import type { FieldErrors, UseFormRegister } from "react-hook-form";
import { addDays, type Day, lastWeekday } from "@/core/day";
import { readProblem } from "@/core/problem";
import {
  CONDITIONS,
  type DetailKey,
  DETAILS_OF,
  QUALITIES,
  REASONS,
  type RecordKind,
  type RecordTyped,
  WEATHERS,
  WENT,
} from "@/core/record";
import { SelectField, TextField } from "@/ui/primitives/field";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

/** What is chosen from a list, and by which words each choice is called. */
const CHOICES = {
  reason: { of: REASONS, words: "reasons" },
  quality: { of: QUALITIES, words: "qualities" },
  went: { of: WENT, words: "wents" },
  weather: { of: WEATHERS, words: "weathers" },
  condition: { of: CONDITIONS, words: "conditions" },
} as const;
const isChoice = (key: DetailKey): key is keyof typeof CHOICES => key in CHOICES;

/** What is written, and rarely: it stands behind "more". */
const WRITTEN = ["variety", "lot", "packetDays", "part"] as const;

interface DetailsProps {
  readonly kind: RecordKind;
  readonly register: UseFormRegister<RecordTyped>;
  readonly errors: FieldErrors<RecordTyped>;
}

/** What else a record of a kind can say: chosen at once, written behind a fold. */
export function RecordDetails({ kind, register, errors }: DetailsProps) {
  const { units } = useWords();
  const keys = DETAILS_OF[kind];
  const problem = (key: keyof NonNullable<RecordTyped["detail"]>) => {
    const message = errors.detail?.[key]?.message;
    return message === undefined ? undefined : readProblem(message);
  };
  const written = WRITTEN.filter((key) => keys.includes(key));
  return (
    <>
      {keys.some((key) => isChoice(key) || key === "settledCm") && (
        <div className="grid grid-cols-2 gap-3">
          {keys.filter(isChoice).map((key) => (
            <SelectField
              key={key}
              label={t(`detail.${key}`)}
              problem={problem(key)}
              {...register(`detail.${key}`)}
            >
              <option value="">{t("detail.none")}</option>
              {CHOICES[key].of.map((choice) => (
                <option key={choice} value={choice}>
                  {t(`detail.${CHOICES[key].words}.${choice}` as "detail.qualities.good")}
                </option>
              ))}
            </SelectField>
          ))}
          {keys.includes("settledCm") && (
            <TextField
              label={t("detail.settledCm")}
              hint={t("detail.settledHint", { units })}
              problem={problem("settledCm")}
              {...register("detail.settledCm")}
            />
          )}
        </div>
      )}
      {written.length > 0 && (
        <details>
          <summary className="cursor-pointer py-1 font-semibold">{t("detail.more")}</summary>
          <div className="mt-1 grid grid-cols-2 gap-3">
            {written.map((key) => (
              <TextField
                key={key}
                label={t(`detail.${key}`)}
                inputMode={key === "packetDays" ? "numeric" : undefined}
                problem={problem(key)}
                {...register(`detail.${key}`)}
              />
            ))}
          </div>
        </details>
      )}
    </>
  );
}

/** Counted from Monday, 0. */
const SATURDAY = 5;

/** Days that records are mostly of, each one tap: today, yesterday, last Saturday. */
export function DayTaps({ today, value, onTap }: { today: Day; value: Day; onTap: (day: Day) => void }) {
  const days = { today, yesterday: addDays(today, -1), saturday: lastWeekday(today, SATURDAY) } as const;
  return (
    <div className="flex flex-wrap gap-x-3">
      {(["today", "yesterday", "saturday"] as const).map((name) => (
        <button
          key={name}
          type="button"
          aria-pressed={value === days[name]}
          onClick={() => onTap(days[name])}
          className="min-h-9 border-b-2 border-transparent text-note underline-offset-4 aria-pressed:border-beet aria-pressed:font-semibold"
        >
          {t(`log.days.${name}`)}
        </button>
      ))}
    </div>
  );
}
