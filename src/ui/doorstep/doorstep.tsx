"use client";

import { useRouter } from "next/navigation";
import { type ReactNode, useEffect, useMemo, useState } from "react";
import { useFieldArray, useForm, useWatch } from "react-hook-form";
import type { Climate } from "@/core/climate";
import type { Day } from "@/core/day";
import type { Override } from "@/core/override";
import { placeCarries } from "@/core/match";
import { COMPASS, PLACE_KINDS, SITE_MARKS, type Survey, type SurveyTyped } from "@/core/place";
import { type Outcome, type Problem, problemMessage, readProblem } from "@/core/problem";
import { Button } from "@/ui/primitives/button";
import { CheckField, SelectField, TextArea, TextField } from "@/ui/primitives/field";
import { laterResolver } from "@/ui/primitives/later-resolver";
import { OutcomeLines } from "@/ui/primitives/outcome-lines";
import { send } from "@/ui/primitives/send";
import { useReference } from "@/ui/use-judged";
import { useWords } from "@/ui/words/use-words";
import { Brings } from "./brings";
import { Carries } from "./carries";
import { Eats, Refuses } from "./eats";
import { t } from "./words";

export interface DoorstepProps {
  readonly title: string;
  readonly start: SurveyTyped;
  readonly isNew: boolean;
  readonly overrides: readonly Override[];
  readonly currency: string;
  readonly today: string;
  readonly climate: Climate;
  /** Day on which the sun that is stored was seen. */
  readonly sunSeenOn?: Day;
  /** Wet mass in kg of a usual vegetable bag, to show what a limit means. */
  readonly usualBagKg: number;
  readonly save: (typed: SurveyTyped) => Promise<Outcome<{ id: string }>>;
}

const MOST_SUN = 6;

const contract = async () => (await import("./later")).Survey;
const resolver = laterResolver(contract);

/** The survey: typed as people speak, and read back at once as what the place can carry and grow. */
export function Doorstep({
  title,
  start,
  isNew,
  overrides,
  currency,
  today,
  climate,
  sunSeenOn,
  usualBagKg,
  save,
}: DoorstepProps) {
  const { units, quantity, number, mol } = useWords();
  const { crops } = useReference(overrides);
  const router = useRouter();
  const [failure, setFailure] = useState<Problem>();
  const [saved, setSaved] = useState(false);
  const { register, control, setValue, handleSubmit, setError, formState } = useForm<
    SurveyTyped,
    unknown,
    Survey
  >({
    resolver,
    defaultValues: start,
    mode: "onTouched",
  });
  useEffect(() => void contract(), []);
  const sun = useFieldArray({ control, name: "sun" });
  const typed = useWatch({ control }) as SurveyTyped;
  const isSunStored = JSON.stringify(typed.sun) === JSON.stringify(start.sun);
  const seenOn = (isSunStored && sunSeenOn) || today;
  const town = useMemo(() => ({ climate, today, seenOn, usualBagKg }), [climate, today, seenOn, usualBagKg]);
  const { errors } = formState;
  const goals = useMemo(() => crops.flatMap((crop) => crop.goals), [crops]);
  const carries = useMemo(() => placeCarries(typed, goals, town), [typed, goals, town]);
  const summary = [
    carries.floorM2 === undefined ? t("doorstep.waiting") : quantity(carries.floorM2 * 10_000, "area"),
    t("doorstep.sunShort", { hours: number(carries.sunHours), light: mol(carries.lightMol) }),
    carries.totalKg === undefined
      ? t("doorstep.noLimitShort")
      : t("doorstep.bagsShort", { count: carries.usualBags ?? 0 }),
  ].join(" · ");
  const hasFault = (...names: (keyof SurveyTyped)[]) => names.some((name) => errors[name] !== undefined);
  const wasTold = {
    eats:
      start.sell.group !== "" ||
      start.wants.must.length > 0 ||
      Object.values(start.wants.groups).some((o) => o !== "sometimes"),
  };
  const problem = (message?: string) => (message === undefined ? undefined : readProblem(message));

  const submit = handleSubmit(async () => {
    setFailure(undefined);
    setSaved(false);
    const outcome = await send(() => save(typed));
    if (outcome.ok) {
      if (isNew) router.push(`/house/${outcome.value.id}/match`);
      else {
        setSaved(true);
        router.refresh();
      }
      return;
    }
    setFailure(outcome.problem);
    for (const [path, fault] of Object.entries(outcome.fields ?? {}))
      setError(path as keyof SurveyTyped, { message: problemMessage(fault) });
  });

  return (
    <form
      onSubmit={submit}
      noValidate
      className="grid gap-x-10 gap-y-4 px-4 py-4 lg:grid-cols-[minmax(0,44rem)_1fr] lg:px-6"
    >
      <div>
        <h1 className="text-title font-bold">{title}</h1>
        <p className="mb-3 text-muted">{t("doorstep.lead", { units })}</p>
        <h2 className="mb-2 border-t-rule border-ink pt-2 text-lg font-bold">{t("doorstep.people")}</h2>
        <div className="grid grid-cols-2 gap-3 sm:grid-cols-[1fr_6rem_6rem]">
          <TextField
            label={t("doorstep.name")}
            required
            className="col-span-2 sm:col-span-1"
            problem={problem(errors.name?.message)}
            {...register("name")}
          />
          <TextField
            label={t("doorstep.adults")}
            required
            inputMode="numeric"
            problem={problem(errors.adults?.message)}
            {...register("adults")}
          />
          <TextField
            label={t("doorstep.children")}
            inputMode="numeric"
            problem={problem(errors.children?.message)}
            {...register("children")}
          />
        </div>
        <h2 className="mt-4 mb-2 border-t-rule border-ink pt-2 text-lg font-bold">{t("doorstep.place")}</h2>
        <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
          <SelectField
            label={t("doorstep.kind")}
            className="col-span-2 sm:col-span-1"
            problem={problem(errors.kind?.message)}
            {...register("kind")}
          >
            {PLACE_KINDS.map((kind) => (
              <option key={kind} value={kind}>
                {t(`places.${kind}`)}
              </option>
            ))}
          </SelectField>
          <TextField
            label={t("doorstep.length")}
            required
            hint={t("doorstep.lengthHint", { units })}
            problem={problem(errors.length?.message)}
            {...register("length")}
          />
          <TextField
            label={t("doorstep.width")}
            required
            problem={problem(errors.width?.message)}
            {...register("width")}
          />
        </div>
        <fieldset className="mt-3">
          <legend className="mb-1 text-sm font-semibold">{t("doorstep.sun")}</legend>
          {sun.fields.map((field, i) => (
            <div
              key={field.id}
              role="group"
              aria-label={t("doorstep.sunRow", { n: i + 1 })}
              className="mb-2 flex items-end gap-2"
            >
              <TextField
                type="time"
                label={t("doorstep.from")}
                className="w-32"
                problem={problem(errors.sun?.[i]?.from?.message)}
                {...register(`sun.${i}.from`)}
              />
              <TextField
                type="time"
                label={t("doorstep.to")}
                className="w-32"
                problem={problem(errors.sun?.[i]?.to?.message)}
                {...register(`sun.${i}.to`)}
              />
              <Button look="quiet" onClick={() => sun.remove(i)}>
                {t("doorstep.removeSun")}
              </Button>
            </div>
          ))}
          {sun.fields.length < MOST_SUN ? (
            <Button onClick={() => sun.append({ from: "09:00", to: "12:00" })}>{t("doorstep.addSun")}</Button>
          ) : (
            <p className="text-sm text-muted">{t("doorstep.tooMany")}</p>
          )}
        </fieldset>
        <div className="mt-3 grid grid-cols-2 gap-3 sm:grid-cols-3">
          <SelectField
            label={t("doorstep.faces")}
            className="col-span-2 sm:col-span-1"
            problem={problem(errors.faces?.message)}
            {...register("faces")}
          >
            <option value="">{t("doorstep.facesUnknown")}</option>
            {COMPASS.map((point) => (
              <option key={point} value={point}>
                {t(`compass.${point}`)}
              </option>
            ))}
          </SelectField>
        </div>
        <TextField
          label={t("doorstep.limit")}
          hint={t("doorstep.limitHint", { units })}
          className="mt-3 max-w-md"
          problem={problem(errors.limit?.message)}
          {...register("limit")}
        />
        <Refuses form={{ register, control, setValue }} crops={crops} />
        <Fold
          title={t("doorstep.eats")}
          adds={t("doorstep.eatsAdds")}
          isOpen={wasTold.eats || hasFault("sell")}
        >
          <Eats form={{ register, control, setValue }} crops={crops} errors={errors} currency={currency} />
        </Fold>
        <Fold
          title={t("doorstep.means")}
          adds={t("doorstep.meansAdds")}
          isOpen={hasFault("cells", "budget", "water", "away")}
        >
          <Brings form={{ register, control }} errors={errors} currency={currency} today={today} />
        </Fold>
        <Fold
          title={t("doorstep.more")}
          adds={t("doorstep.moreAdds")}
          isOpen={hasFault("doorAt", "doorWide", "hooks", "hookLimit", "tastes", "note")}
        >
          <fieldset className="mb-3 grid sm:grid-cols-2">
            <legend className="sr-only">{t("doorstep.site")}</legend>
            {SITE_MARKS.map((mark) => (
              <CheckField
                key={mark}
                label={t(`doorstep.sites.${mark}`)}
                checked={typed.site.includes(mark)}
                onChecked={(on) =>
                  setValue("site", on ? [...typed.site, mark] : typed.site.filter((m) => m !== mark), {
                    shouldDirty: true,
                  })
                }
              />
            ))}
          </fieldset>
          <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
            <TextField
              label={t("doorstep.doorAt")}
              hint={t("doorstep.doorHint", { units })}
              problem={problem(errors.doorAt?.message)}
              {...register("doorAt")}
            />
            <TextField
              label={t("doorstep.doorWide")}
              problem={problem(errors.doorWide?.message)}
              {...register("doorWide")}
            />
            <TextField
              label={t("doorstep.hooks")}
              hint={t("doorstep.hooksHint")}
              inputMode="numeric"
              problem={problem(errors.hooks?.message)}
              {...register("hooks")}
            />
            <TextField
              label={t("doorstep.hookLimit")}
              hint={t("doorstep.hookLimitHint", { units })}
              problem={problem(errors.hookLimit?.message)}
              {...register("hookLimit")}
            />
          </div>
          <TextField
            label={t("doorstep.tastes")}
            className="mt-3"
            problem={problem(errors.tastes?.message)}
            {...register("tastes")}
          />
          <TextArea
            label={t("doorstep.note")}
            className="mt-3"
            problem={problem(errors.note?.message)}
            {...register("note")}
          />
        </Fold>
        <p
          className={`sticky z-2 mt-3 -mb-1 border-t border-line bg-paper py-1.5 text-note font-semibold lg:hidden ${isNew ? "bottom-0" : "bottom-12"}`}
        >
          {summary}
        </p>
        <OutcomeLines done={saved && t("doorstep.saved")} failure={failure}>
          <Button type="submit" look="solid" disabled={formState.isSubmitting} className="mt-3 min-h-11 px-5">
            {formState.isSubmitting
              ? t("doorstep.saving")
              : isNew
                ? t("doorstep.save")
                : t("doorstep.saveAgain")}
          </Button>
        </OutcomeLines>
      </div>
      <Carries typed={typed} carries={carries} goals={goals.length} town={town} />
    </form>
  );
}

/** Fields that may stay folded, with what they would add. */
function Fold({
  title,
  adds,
  isOpen,
  children,
}: {
  title: string;
  adds: string;
  isOpen: boolean;
  children: ReactNode;
}) {
  return (
    <details open={isOpen || undefined} className="mt-4 border-t-rule border-ink pt-2">
      <summary className="cursor-pointer">
        <b className="font-head text-lg">{title}</b> <span className="text-note text-muted">{adds}</span>
      </summary>
      <div className="mt-2">{children}</div>
    </details>
  );
}
