"use client";

import { type FieldErrors, useFieldArray, type UseFormReturn } from "react-hook-form";
import { TRAY_PLACES } from "@/core/climate";
import { SKILLS, type Survey, type SurveyTyped } from "@/core/place";
import { readProblem } from "@/core/problem";
import { Button } from "@/ui/primitives/button";
import { SelectField, TextField } from "@/ui/primitives/field";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

type Form = Pick<UseFormReturn<SurveyTyped, unknown, Survey>, "register" | "control">;

const MOST_AWAY = 12;

/** What the household brings: hands, cells, money, water that it can carry, and when nobody is there. */
export function Brings({
  form: { register, control },
  errors,
  currency,
  today,
}: {
  form: Form;
  errors: FieldErrors<SurveyTyped>;
  currency: string;
  today: string;
}) {
  const { units } = useWords();
  const away = useFieldArray({ control, name: "away" });
  const problem = (message?: string) => (message === undefined ? undefined : readProblem(message));
  return (
    <>
      <div className="grid grid-cols-2 gap-3">
        <SelectField label={t("doorstep.skill")} {...register("skill")}>
          {SKILLS.map((skill) => (
            <option key={skill} value={skill}>
              {t(`skills.${skill}`)}
            </option>
          ))}
        </SelectField>
        <SelectField label={t("doorstep.trays")} hint={t("doorstep.traysHint")} {...register("trays")}>
          {TRAY_PLACES.map((place) => (
            <option key={place} value={place}>
              {t(`trayPlaces.${place}`)}
            </option>
          ))}
        </SelectField>
        <TextField
          label={t("doorstep.cells")}
          hint={t("doorstep.cellsHint")}
          inputMode="numeric"
          problem={problem(errors.cells?.message)}
          {...register("cells")}
        />
        <TextField
          label={t("shared.budget", { currency })}
          hint={t("doorstep.budgetHint")}
          inputMode="decimal"
          problem={problem(errors.budget?.message)}
          {...register("budget")}
        />
        <TextField
          label={t("doorstep.water")}
          hint={t("doorstep.waterHint", { units })}
          problem={problem(errors.water?.message)}
          {...register("water")}
        />
      </div>
      <fieldset className="mt-3">
        <legend className="mb-1 text-sm font-semibold">{t("doorstep.away")}</legend>
        {away.fields.map((field, i) => (
          <div
            key={field.id}
            role="group"
            aria-label={t("doorstep.awayRow", { n: i + 1 })}
            className="mb-2 flex flex-wrap items-end gap-2"
          >
            <TextField
              type="date"
              label={t("doorstep.from")}
              problem={problem(errors.away?.[i]?.from?.message)}
              {...register(`away.${i}.from`)}
            />
            <TextField
              type="date"
              label={t("doorstep.to")}
              problem={problem(errors.away?.[i]?.to?.message)}
              {...register(`away.${i}.to`)}
            />
            <Button look="quiet" onClick={() => away.remove(i)}>
              {t("doorstep.removeAway")}
            </Button>
          </div>
        ))}
        {away.fields.length < MOST_AWAY && (
          <Button onClick={() => away.append({ from: today, to: today })}>{t("doorstep.addAway")}</Button>
        )}
      </fieldset>
    </>
  );
}
