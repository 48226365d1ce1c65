"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { type LibraryValue, type Override, valueField } from "@/core/override";
import { type Problem, readProblem } from "@/core/problem";
import { Button } from "@/ui/primitives/button";
import { TextField } from "@/ui/primitives/field";
import { send } from "@/ui/primitives/send";
import { useWords } from "@/ui/words/use-words";
import { type PlanDifference, PlanDifferences } from "./plan-changes";
import type { ValueActions } from "./value-actions";
import { t } from "./words";

/** A value typed anew, with what it would change in the plans, and why it is put in place. */
export function ValueChange({
  value,
  own,
  show,
  preview,
  override,
  onDone,
}: ValueActions & {
  value: LibraryValue;
  own?: Override;
  show: (n: number) => string;
  onDone: () => void;
}) {
  const { problem } = useWords();
  const router = useRouter();
  const [typed, setTyped] = useState(show(own?.value ?? value.value));
  const [reason, setReason] = useState(own?.reason ?? "");
  const [faults, setFaults] = useState<Readonly<Record<string, Problem>>>({});
  const [changes, setChanges] = useState<readonly PlanDifference[]>();
  const read = (): number | undefined => {
    const parsed = valueField(value.path).safeParse(typed);
    setFaults(parsed.success ? {} : { value: readProblem(parsed.error.issues[0]?.message ?? "") });
    return parsed.success ? parsed.data : undefined;
  };
  const look = async (n: number | null | undefined) => {
    if (n === undefined) return;
    const outcome = await send(() => preview(value.name, n));
    if (outcome.ok) setChanges(outcome.value);
    else setFaults(outcome.fields ?? { form: outcome.problem });
  };
  const store = async (n: number | null | undefined) => {
    if (n === undefined) return;
    const outcome = await send(() => override(value.name, n, reason));
    if (outcome.ok) {
      onDone();
      router.refresh();
    } else setFaults(outcome.fields ?? { form: outcome.problem });
  };
  return (
    <div className="my-2 grid gap-2 border-l-4 border-ink bg-card p-3">
      <div className="grid gap-3 sm:grid-cols-[10rem_1fr]">
        <TextField
          label={t("library.value")}
          value={typed}
          problem={faults.value}
          onChange={(e) => setTyped(e.target.value)}
        />
        <TextField
          label={t("library.reason")}
          hint={t("library.reasonHint")}
          value={reason}
          problem={faults.reason}
          onChange={(e) => setReason(e.target.value)}
        />
      </div>
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => void look(read())}>{t("library.preview")}</Button>
        <Button look="solid" onClick={() => void store(read())}>
          {t("library.use")}
        </Button>
        {own && (
          <Button look="warn" onClick={() => void store(null)}>
            {t("library.back", { value: show(value.value) })}
          </Button>
        )}
      </div>
      {faults.form && (
        <p role="alert" className="font-semibold text-beet">
          ✕ {problem(faults.form)}
        </p>
      )}
      {changes && <PlanDifferences changes={changes} />}
    </div>
  );
}
