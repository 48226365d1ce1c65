"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import type { FieldProblems, Outcome, Problem } from "@/core/problem";
import { Button } from "@/ui/primitives/button";
import { TextField } from "@/ui/primitives/field";
import { OutcomeLines } from "@/ui/primitives/outcome-lines";
import { send } from "@/ui/primitives/send";
import { t } from "./words";

interface PhoneProps {
  readonly saved: string | null;
  readonly save: (phone: string) => Promise<Outcome<null>>;
}

/** The number from which a household writes its text messages; an empty one takes it away. */
export function Phone({ saved, save }: PhoneProps) {
  const router = useRouter();
  const [typed, setTyped] = useState(saved ?? "");
  const [done, setDone] = useState(false);
  const [failure, setFailure] = useState<Problem>();
  const [fields, setFields] = useState<FieldProblems>({});
  const store = async () => {
    const outcome = await send(() => save(typed.trim()));
    setDone(outcome.ok);
    setFailure(outcome.ok || outcome.fields ? undefined : outcome.problem);
    setFields(outcome.ok ? {} : (outcome.fields ?? {}));
    if (outcome.ok) router.refresh();
  };
  return (
    <div className="mt-6 border-t-rule border-ink pt-2">
      <TextField
        label={t("doorstep.householdPhone")}
        hint={t("doorstep.householdPhoneHint")}
        inputMode="tel"
        value={typed}
        problem={fields.phone}
        onChange={(e) => setTyped(e.target.value)}
        className="max-w-sm"
      />
      <OutcomeLines done={done && t("doorstep.phoneSaved")} failure={failure}>
        <Button onClick={() => void store()}>{t("doorstep.savePhone")}</Button>
      </OutcomeLines>
    </div>
  );
}
