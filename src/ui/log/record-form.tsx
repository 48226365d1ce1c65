"use client";

import { Controller, useForm, useWatch } from "react-hook-form";
import type { Day } from "@/core/day";
import { type Problem, problemMessage, readProblem } from "@/core/problem";
import {
  DETAILS_OF,
  MEASURES_OF,
  PLANTING_KINDS,
  type RecordForm,
  type RecordKind,
  type RecordTyped,
} from "@/core/record";
import { useEffect, useState } from "react";
import type { z } from "zod";
import { Button } from "@/ui/primitives/button";
import { Caution } from "@/ui/primitives/caution";
import { SelectField, TextField } from "@/ui/primitives/field";
import { laterResolver } from "@/ui/primitives/later-resolver";
import { PickOne } from "@/ui/primitives/pick-one";
import { useWords } from "@/ui/words/use-words";
import { PhotoField } from "./photo-field";
import { DayTaps, RecordDetails } from "./record-details";
import { ScaleField } from "./scale-field";
import { t } from "./words";

const contract = async () => (await import("./later")).RecordForm;
const resolver = laterResolver(contract);

export type RecordRead = z.output<typeof RecordForm>;

interface FormProps {
  readonly start: RecordTyped;
  readonly today: Day;
  readonly plantings: readonly { readonly id: string; readonly name: string }[];
  readonly saveLabel: string;
  /** Takes a record over at once, and is done when it has been sent or waits on the device. */
  readonly onRecord: (record: RecordRead, photo?: string) => Promise<void>;
  /** What is wrong with the day of a record that could be read; undefined for nothing. */
  readonly check: (record: RecordRead) => Problem | undefined;
  readonly onCancel?: () => void;
}

const KINDS = [...PLANTING_KINDS, "watered", "checked", "weather", "note"] as const;

/** One record: which planting, what happened, how much. The kind is one tap; the rest has sensible starts. */
export function RecordEntry({ start, today, plantings, saveLabel, onRecord, check, onCancel }: FormProps) {
  const { units } = useWords();
  const { register, control, handleSubmit, setValue, setError, formState } = useForm<
    RecordTyped,
    unknown,
    RecordRead
  >({
    resolver,
    values: start,
    resetOptions: { keepDirtyValues: false },
  });
  useEffect(() => void contract(), []);
  const kind: RecordKind = useWatch({ control, name: "kind" });
  const on = useWatch({ control, name: "on" });
  const [photo, setPhoto] = useState<string>();
  const takePhoto = (taken: string | undefined) => {
    setPhoto(taken);
    setValue("hasPhoto", taken !== undefined);
  };
  const { errors } = formState;
  const problem = (message?: string) => (message === undefined ? undefined : readProblem(message));
  const submit = handleSubmit(async (record) => {
    const wrong = check(record);
    if (wrong) return setError("on", { message: problemMessage(wrong) }, { shouldFocus: true });
    const sent = onRecord(record, record.detail?.photo && photo);
    // Emptied before the answer: what is typed while that is on its way belongs to the next record.
    setValue("amount", "");
    setValue("note", "");
    setValue("detail", {});
    takePhoto(undefined);
    await sent;
  });
  return (
    <form onSubmit={submit} noValidate className="grid gap-3">
      <SelectField
        label={t("log.planting")}
        problem={problem(errors.plantingId?.message)}
        {...register("plantingId")}
      >
        {plantings.map((p) => (
          <option key={p.id} value={p.id}>
            {p.name}
          </option>
        ))}
        <option value="">{t("log.general")}</option>
      </SelectField>
      <div>
        <p id="log-kind" className="mb-1 text-sm font-semibold">
          {t("log.kind")}
        </p>
        <Controller
          control={control}
          name="kind"
          render={({ field }) => (
            <PickOne
              labelledBy="log-kind"
              options={KINDS.map((k) => ({ value: k, name: t(`recordKinds.${k}`) }))}
              value={field.value}
              onPick={field.onChange}
            />
          )}
        />
      </div>
      <div className="grid grid-cols-2 gap-3">
        {MEASURES_OF[kind].length > 0 && (
          <TextField
            label={t("log.amount")}
            hint={t(`log.amountHints.${kind as (typeof KINDS)[number]}`, { units })}
            problem={problem(errors.amount?.message)}
            {...register("amount")}
          />
        )}
        <TextField
          type="date"
          max={today}
          label={t("log.on")}
          problem={problem(errors.on?.message)}
          {...register("on")}
        />
      </div>
      {kind === "picked" && <ScaleField onWeight={(g) => setValue("amount", `${g} g`)} />}
      <DayTaps today={today} value={on} onTap={(day) => setValue("on", day)} />
      <RecordDetails kind={kind} register={register} errors={errors} />
      <TextField label={t("log.note")} problem={problem(errors.note?.message)} {...register("note")} />
      {DETAILS_OF[kind].includes("photo") && <PhotoField photo={photo} onPhoto={takePhoto} />}
      {kind === "fed" && <Caution>{t("cautions.feed")}</Caution>}
      {kind === "picked" && <Caution>{t("cautions.blade")}</Caution>}
      <div className="flex gap-2">
        <Button type="submit" look="solid" className="min-h-11 flex-1" disabled={formState.isSubmitting}>
          {saveLabel}
        </Button>
        {onCancel && <Button onClick={onCancel}>{t("log.cancel")}</Button>}
      </div>
    </form>
  );
}
