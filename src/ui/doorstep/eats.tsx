"use client";

import { type FieldErrors, type UseFormReturn, useWatch } from "react-hook-form";
import type { Crop } from "@/core/crop";
import { FOOD_GROUPS, HOW_OFTEN, weeklyWantG } from "@/core/food";
import type { Survey, SurveyTyped } from "@/core/place";
import { readProblem } from "@/core/problem";
import { Button } from "@/ui/primitives/button";
import { ChooseField, SelectField, TextField } from "@/ui/primitives/field";
import { type CropName, useWords } from "@/ui/words/use-words";
import { t } from "./words";

type Form = Pick<UseFormReturn<SurveyTyped, unknown, Survey>, "register" | "control" | "setValue">;

/** What the household eats: how often each kind of food, which crops must be there and which nobody touches. */
export function Eats({
  form: { register, control, setValue },
  crops,
  errors,
  currency,
}: {
  form: Form;
  crops: readonly Crop[];
  errors: FieldErrors<SurveyTyped>;
  currency: string;
}) {
  const { quantity, units } = useWords();
  const problem = (message?: string) => (message === undefined ? undefined : readProblem(message));
  const typed = useWatch({ control }) as SurveyTyped;
  const wanted = weeklyWantG(typed.wants, {
    adults: Number(typed.adults) || 0,
    children: Number(typed.children) || 0,
  });
  const sum = Object.values(wanted).reduce((a, b) => a + b, 0);
  return (
    <>
      <p className="mb-2 text-sm text-muted">
        {t("doorstep.eatsLead")}{" "}
        {sum > 0
          ? t("doorstep.wantsWeek", { amount: quantity(sum / 1000, "mass") })
          : t("doorstep.wantsNone")}
      </p>
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
        {FOOD_GROUPS.map((group) => (
          <SelectField key={group} label={t(`foodGroups.${group}`)} {...register(`wants.groups.${group}`)}>
            {HOW_OFTEN.map((often) => (
              <option key={often} value={often}>
                {t(`howOften.${often}`)}
              </option>
            ))}
          </SelectField>
        ))}
      </div>
      <div className="mt-3 sm:w-1/2">
        <CropList
          label={t("doorstep.mustHave")}
          foods={foodsOf(crops, false)}
          chosen={typed.wants.must}
          taken={typed.wants.never}
          onChange={(ids) => setValue("wants.must", ids, { shouldDirty: true })}
        />
      </div>
      <fieldset className="mt-3 grid grid-cols-2 gap-3 sm:grid-cols-3">
        <legend className="mb-1 text-sm font-semibold">{t("doorstep.sell")}</legend>
        <SelectField
          label={t("doorstep.sellWhat")}
          className="col-span-2 sm:col-span-1"
          {...register("sell.group")}
        >
          <option value="">{t("doorstep.sellNothing")}</option>
          {FOOD_GROUPS.map((group) => (
            <option key={group} value={group}>
              {t(`foodGroups.${group}`)}
            </option>
          ))}
        </SelectField>
        <TextField
          label={t("doorstep.sellWeek")}
          hint={t("doorstep.sellWeekHint", { units })}
          problem={problem(errors.sell?.week?.message)}
          {...register("sell.week")}
        />
        <TextField
          label={t("doorstep.sellPrice", { currency })}
          inputMode="decimal"
          problem={problem(errors.sell?.price?.message)}
          {...register("sell.price")}
        />
      </fieldset>
    </>
  );
}

/** What nobody in the household touches: no proposal has it, and Match leaves it out. */
export function Refuses({ form: { control, setValue }, crops }: { form: Form; crops: readonly Crop[] }) {
  const { wants } = useWatch({ control }) as SurveyTyped;
  return (
    <div className="mt-3 max-w-md">
      <CropList
        label={t("doorstep.neverHave")}
        foods={foodsOf(crops, true)}
        chosen={wants.never}
        taken={wants.must}
        onChange={(ids) => setValue("wants.never", ids, { shouldDirty: true })}
      />
    </div>
  );
}

/** Crops whose goals are different foods: a household may eat the one and not the other. */
const APART = new Set(["pepper"]);

/** A crop, or a goal of one, as a food that people name. */
interface Food {
  readonly id: string;
  readonly crop: Crop;
}

const foodsOf = (crops: readonly Crop[], isApart: boolean): Food[] =>
  crops.flatMap((crop) => [
    { id: crop.id, crop },
    ...(isApart && APART.has(crop.id) ? crop.goals.map((goal) => ({ id: goal.id, crop })) : []),
  ]);

function CropList({
  label,
  foods,
  chosen,
  taken,
  onChange,
}: {
  label: string;
  foods: readonly Food[];
  chosen: readonly string[];
  taken: readonly string[];
  onChange: (ids: string[]) => void;
}) {
  const { crop, cropName } = useWords();
  const nameOf = (id: string) => (id.includes("/") ? crop(id) : cropName(id));
  const open = foods
    .filter((f) => !chosen.includes(f.id) && !taken.includes(f.id))
    .sort((a, b) => nameOf(a.id).localeCompare(nameOf(b.id)));
  return (
    <div>
      <ChooseField
        label={label}
        shown={t("shared.addCrop")}
        items={open.map((f) => ({
          value: f.id,
          name: nameOf(f.id),
          also: `${t(`also.${f.crop.id as CropName}`)} ${f.crop.botanical}`,
        }))}
        onChoose={(id) => onChange([...chosen, id])}
      />
      {chosen.length > 0 && (
        <ul className="mt-1.5 flex flex-wrap gap-1.5">
          {chosen.map((id) => (
            <li key={id}>
              <Button
                aria-label={t("doorstep.takeOut", { crop: nameOf(id) })}
                onClick={() => onChange(chosen.filter((c) => c !== id))}
              >
                {nameOf(id)} ✕
              </Button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
