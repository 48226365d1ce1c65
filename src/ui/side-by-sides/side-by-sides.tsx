"use client";

import { useState } from "react";
import type { Answer } from "@/core/findings";
import type { FieldProblems, Outcome, Problem } from "@/core/problem";
import { Button } from "@/ui/primitives/button";
import { SelectField, TextField } from "@/ui/primitives/field";
import { OutcomeLines } from "@/ui/primitives/outcome-lines";
import { send } from "@/ui/primitives/send";
import { useWords } from "@/ui/words/use-words";
import { Trial, type TrialActs, type TrialFacts } from "./trial";
import { t } from "./words";

interface Triable {
  readonly goalId: string;
  readonly pairs: number;
  readonly needed: readonly { readonly ratio: number; readonly pairs: number | null }[];
}

interface Begun {
  readonly goalId: string;
  readonly question: string;
  readonly firstWay: string;
  readonly secondWay: string;
  readonly ratio: number;
}

export interface SideBySidesProps {
  readonly all: readonly (TrialFacts & { readonly answer?: Answer })[];
  readonly triable: readonly Triable[];
  /** Left out for those who may not. */
  readonly acts?: TrialActs & { readonly begin: (begun: Begun) => Promise<Outcome<null>> };
}

/** One way held against another on purpose: what is tried and what it says, and a new question set up. */
export function SideBySides({ all, triable, acts }: SideBySidesProps) {
  return (
    <div className="px-4 py-4 lg:px-6">
      <h1 className="text-title font-bold">{t("sideBySides.title")}</h1>
      <p className="mb-3 max-w-[60rem] text-muted">{t("sideBySides.lead")}</p>
      <div className="grid gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1fr)_24rem]">
        <div className="min-w-0">
          {all.length === 0 && <p className="border-t border-line py-4">{t("sideBySides.none")}</p>}
          {all.map((one) => (
            <Trial key={one.id} trial={one} acts={acts} />
          ))}
        </div>
        {acts && <BeginOne triable={triable} begin={acts.begin} />}
      </div>
    </div>
  );
}

/** A new question: about what, which two ways, and which difference would matter; with how many pairs that takes. */
function BeginOne({
  triable,
  begin,
}: {
  triable: readonly Triable[];
  begin: (begun: Begun) => Promise<Outcome<null>>;
}) {
  const { crop, percent } = useWords();
  const [typed, setTyped] = useState<Begun>({
    ...{ goalId: triable[0]?.goalId ?? "", question: "", firstWay: "", secondWay: "" },
    ratio:
      triable[0]?.needed.find((n) => n.pairs !== null && n.pairs <= (triable[0]?.pairs ?? 0))?.ratio ?? 1.5,
  });
  const [fields, setFields] = useState<FieldProblems>({});
  const [failure, setFailure] = useState<Problem>();
  const [done, setDone] = useState(false);
  const set = (change: Partial<Begun>) => {
    setDone(false);
    setTyped({ ...typed, ...change });
  };
  const chosen = triable.find((one) => one.goalId === typed.goalId);
  const needed = chosen?.needed.find((n) => n.ratio === typed.ratio)?.pairs;
  const go = async () => {
    const outcome = await send(() => begin(typed));
    setFields(outcome.ok ? {} : (outcome.fields ?? {}));
    setFailure(outcome.ok || outcome.fields ? undefined : outcome.problem);
    setDone(outcome.ok);
    if (outcome.ok) setTyped({ ...typed, question: "", firstWay: "", secondWay: "" });
  };
  return (
    <section aria-label={t("sideBySides.begin")} className="h-fit border-rule border-ink p-4 print:hidden">
      <h2 className="mb-2 text-lg font-bold">{t("sideBySides.begin")}</h2>
      {triable.length === 0 ? (
        <p>{t("sideBySides.nothingTriable")}</p>
      ) : (
        <div className="grid gap-3">
          <SelectField
            label={t("sideBySides.goal")}
            value={typed.goalId}
            onChange={(e) => set({ goalId: e.target.value })}
          >
            {triable.map(({ goalId, pairs }) => (
              <option key={goalId} value={goalId}>
                {crop(goalId)} ({t("sideBySides.pairs", { pairs })})
              </option>
            ))}
          </SelectField>
          <TextField
            label={t("sideBySides.question")}
            hint={t("sideBySides.questionHint")}
            value={typed.question}
            problem={fields.question}
            onChange={(e) => set({ question: e.target.value })}
          />
          <div className="grid grid-cols-2 gap-3">
            <TextField
              label={t("sideBySides.firstWay")}
              value={typed.firstWay}
              problem={fields.firstWay}
              onChange={(e) => set({ firstWay: e.target.value })}
            />
            <TextField
              label={t("sideBySides.secondWay")}
              value={typed.secondWay}
              problem={fields.secondWay}
              onChange={(e) => set({ secondWay: e.target.value })}
            />
          </div>
          <SelectField
            label={t("sideBySides.ratio")}
            value={typed.ratio}
            problem={fields.ratio}
            onChange={(e) => set({ ratio: Number(e.target.value) })}
          >
            {chosen?.needed.map(({ ratio, pairs }) => (
              <option key={ratio} value={ratio}>
                {t("sideBySides.ratioOf", { more: percent(ratio - 1) })}
                {pairs === null ? ` – ${t("sideBySides.never")}` : ` – ${t("sideBySides.takes", { pairs })}`}
              </option>
            ))}
          </SelectField>
          {chosen && (needed === null || (needed ?? 0) > chosen.pairs) && (
            <p className="text-note font-semibold text-beet">
              ▲{" "}
              {needed === null
                ? t("sideBySides.neverFound", { have: chosen.pairs })
                : t("sideBySides.tooFew", { have: chosen.pairs, need: needed ?? 0 })}
            </p>
          )}
          <OutcomeLines done={done && t("sideBySides.begun")} failure={failure}>
            <Button look="solid" className="min-h-11" onClick={() => void go()}>
              {t("sideBySides.go")}
            </Button>
          </OutcomeLines>
        </div>
      )}
    </section>
  );
}
