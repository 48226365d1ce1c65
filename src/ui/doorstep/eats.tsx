"use client";

import { type UseFormReturn, useWatch } from "react-hook-form";
import type { Crop } from "@/core/crop";
import { FOOD_GROUPS, HOW_OFTEN, weeklyWantG } from "@/core/food";
import type { Survey, SurveyTyped } from "@/core/place";
import { Button } from "@/ui/primitives/button";
import { ChooseField, SelectField } from "@/ui/primitives/field";
import { type CropName, useWords } from "@/ui/words/use-words";

type Form = Pick<UseFormReturn<SurveyTyped, unknown, Survey>, "register" | "control" | "setValue">;

/** What the household eats: how often each kind of food, which crops must be there and which nobody touches. */
export function Eats({
  form: { register, control, setValue },
  crops,
}: {
  form: Form;
  crops: readonly Crop[];
}) {
  const { t, quantity } = useWords();
  const typed = useWatch({ control }) as SurveyTyped;
  const wanted = weeklyWantG(typed.wants, {
    adults: Number(typed.adults) || 0,
    children: Number(typed.children) || 0,
  });
  const sum = Object.values(wanted).reduce((a, b) => a + b, 0);
  return (
    <>
      <h2 className="mt-4 mb-1 border-t-rule border-ink pt-2 text-lg font-bold">{t("doorstep.eats")}</h2>
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
      <div className="mt-3 grid gap-3 sm:grid-cols-2">
        {(["must", "never"] as const).map((list) => (
          <CropList
            key={list}
            label={t(list === "must" ? "doorstep.mustHave" : "doorstep.neverHave")}
            crops={crops}
            chosen={typed.wants[list]}
            taken={typed.wants[list === "must" ? "never" : "must"]}
            onChange={(ids) => setValue(`wants.${list}`, ids, { shouldDirty: true })}
          />
        ))}
      </div>
    </>
  );
}

function CropList({
  label,
  crops,
  chosen,
  taken,
  onChange,
}: {
  label: string;
  crops: readonly Crop[];
  chosen: readonly string[];
  taken: readonly string[];
  onChange: (ids: string[]) => void;
}) {
  const { t, cropName } = useWords();
  const open = crops
    .filter((c) => !chosen.includes(c.id) && !taken.includes(c.id))
    .sort((a, b) => cropName(a.id).localeCompare(cropName(b.id)));
  return (
    <div>
      <ChooseField
        label={label}
        shown={t("doorstep.addCrop")}
        items={open.map((c) => ({
          value: c.id,
          name: cropName(c.id),
          also: `${t(`also.${c.id as CropName}`)} ${c.botanical}`,
        }))}
        onChoose={(id) => onChange([...chosen, id])}
      />
      {chosen.length > 0 && (
        <ul className="mt-1.5 flex flex-wrap gap-1.5">
          {chosen.map((id) => (
            <li key={id}>
              <Button
                aria-label={t("doorstep.takeOut", { crop: cropName(id) })}
                onClick={() => onChange(chosen.filter((c) => c !== id))}
              >
                {cropName(id)} ✕
              </Button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
