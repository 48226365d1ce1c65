"use client";

import { useState } from "react";
import type { FieldProblems, Outcome, Problem } from "@/core/problem";
import { beginAnew } from "@/ui/offline/signal";
import { Button } from "@/ui/primitives/button";
import { SelectField, TextField } from "@/ui/primitives/field";
import { OutcomeLines } from "@/ui/primitives/outcome-lines";
import { send } from "@/ui/primitives/send";
import { t } from "./words";

interface Typed {
  readonly name: string;
  readonly town: string;
  readonly climateId: string;
  readonly currency: string;
  readonly isCopy: boolean;
}

interface BeginProps {
  /** The programme that one is in. */
  readonly before: Omit<Typed, "isCopy">;
  readonly climates: readonly string[];
  readonly begin: (typed: Typed) => Promise<Outcome<{ id: string }>>;
  readonly choose: (programmeId: string) => Promise<void>;
}

const STEPS = ["from", "town", "money", "check"] as const;
/** The fields of each step: a wrong one is shown where it stands. */
const STEP_OF: Readonly<Record<string, (typeof STEPS)[number]>> = {
  name: "town",
  town: "town",
  climateId: "town",
  currency: "money",
};

/** A new programme in four steps: what it starts from, its town, its money, and a look at all of it. */
export function Begin({ before, climates, begin, choose }: BeginProps) {
  const [at, setAt] = useState(0);
  const [typed, setTyped] = useState<Typed>({ ...before, name: "", isCopy: true });
  const [failure, setFailure] = useState<Problem>();
  const [fields, setFields] = useState<FieldProblems>({});
  const step = STEPS[at] ?? "from";
  const set = (change: Partial<Typed>) => setTyped({ ...typed, ...change });
  const go = async () => {
    const outcome = await send(() => begin(typed));
    if (outcome.ok) {
      await choose(outcome.value.id);
      return beginAnew("/");
    }
    setFailure(outcome.fields ? undefined : outcome.problem);
    setFields(outcome.fields ?? {});
    const first = Object.keys(outcome.fields ?? {})[0];
    if (first) setAt(Math.max(0, STEPS.indexOf(STEP_OF[first] ?? "from")));
  };
  const climateName = (id: string) => t(`profiles.${id}` as "profiles.larkmouth");
  return (
    <div className="max-w-[40rem] px-4 py-4 lg:px-6">
      <h1 className="text-title font-bold">{t("shared.begin")}</h1>
      <ol className="my-3 flex flex-wrap gap-x-5 text-note">
        {STEPS.map((name, i) => (
          <li
            key={name}
            aria-current={i === at ? "step" : undefined}
            className={i === at ? "border-b-2 border-beet font-semibold" : "text-muted"}
          >
            {i + 1} {t(`begin.steps.${name}`)}
          </li>
        ))}
      </ol>
      <div className="grid gap-3 border-t-rule border-ink pt-3">
        {step === "from" && (
          <fieldset className="grid gap-2">
            <legend className="mb-1 font-semibold">{t("begin.from")}</legend>
            {[true, false].map((isCopy) => (
              <label key={String(isCopy)} className="flex min-h-11 items-center gap-2">
                <input
                  type="radio"
                  name="from"
                  checked={typed.isCopy === isCopy}
                  onChange={() => set(isCopy ? { ...before, name: typed.name, isCopy } : { isCopy })}
                />
                {t(isCopy ? "begin.copy" : "begin.shipped", { name: before.name })}
              </label>
            ))}
          </fieldset>
        )}
        {step === "town" && (
          <>
            <TextField
              label={t("begin.name")}
              hint={t("begin.nameHint")}
              value={typed.name}
              problem={fields.name}
              onChange={(e) => set({ name: e.target.value })}
            />
            <TextField
              label={t("begin.town")}
              value={typed.town}
              problem={fields.town}
              onChange={(e) => set({ town: e.target.value })}
            />
            <SelectField
              label={t("begin.climate")}
              hint={t("begin.climateHint")}
              value={typed.climateId}
              problem={fields.climateId}
              onChange={(e) => set({ climateId: e.target.value })}
            >
              {climates.map((id) => (
                <option key={id} value={id}>
                  {climateName(id)}
                </option>
              ))}
            </SelectField>
          </>
        )}
        {step === "money" && (
          <TextField
            label={t("begin.currency")}
            hint={t("begin.currencyHint")}
            value={typed.currency}
            problem={fields.currency}
            onChange={(e) => set({ currency: e.target.value })}
          />
        )}
        {step === "check" && (
          <dl className="grid grid-cols-[10rem_1fr] gap-y-1">
            {(
              [
                [
                  t("begin.steps.from"),
                  t(typed.isCopy ? "begin.copy" : "begin.shipped", { name: before.name }),
                ],
                [t("begin.name"), typed.name],
                [t("begin.town"), typed.town],
                [t("begin.climate"), climateName(typed.climateId)],
                [t("begin.currency"), typed.currency],
              ] as const
            ).map(([name, value]) => (
              <div key={name} className="contents">
                <dt className="text-muted">{name}</dt>
                <dd className="font-semibold">{value || "–"}</dd>
              </div>
            ))}
          </dl>
        )}
      </div>
      <OutcomeLines done={false} failure={failure}>
        {at > 0 && <Button onClick={() => setAt(at - 1)}>{t("begin.back")}</Button>}
        {at < STEPS.length - 1 ? (
          <Button look="solid" onClick={() => setAt(at + 1)}>
            {t("begin.next")}
          </Button>
        ) : (
          <Button look="solid" onClick={() => void go()}>
            {t("begin.go")}
          </Button>
        )}
      </OutcomeLines>
    </div>
  );
}
