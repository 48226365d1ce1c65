"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import type { Outcome, Problem } from "@/core/problem";
import type { Schools } from "@/core/school";
import { type PlanDifference, PlanDifferences } from "@/ui/library/plan-changes";
import { Button } from "@/ui/primitives/button";
import { OutcomeLines } from "@/ui/primitives/outcome-lines";
import { send } from "@/ui/primitives/send";
import { useWords } from "@/ui/words/use-words";
import { SchoolSwitches } from "./switches";

interface SchoolsProps {
  readonly saved: Schools;
  readonly above: Schools | undefined;
  readonly preview?: (schools: Schools) => Promise<Outcome<readonly PlanDifference[]>>;
  readonly save: (schools: Schools) => Promise<Outcome<null>>;
}

/** The schools of a programme or of a household: chosen, shown in what they change, and saved. */
export function SchoolsForm({ saved, above, preview, save }: SchoolsProps) {
  const { t } = useWords();
  const router = useRouter();
  const [own, setOwn] = useState(saved);
  const [changes, setChanges] = useState<readonly PlanDifference[]>();
  const [failure, setFailure] = useState<Problem>();
  const [done, setDone] = useState(false);
  const dirty = JSON.stringify(own) !== JSON.stringify(saved);
  const look = async () => {
    if (!preview) return;
    const outcome = await send(() => preview(own));
    setFailure(outcome.ok ? undefined : outcome.problem);
    if (outcome.ok) setChanges(outcome.value);
  };
  const store = async () => {
    const outcome = await send(() => save(own));
    setFailure(outcome.ok ? undefined : outcome.problem);
    setDone(outcome.ok);
    if (outcome.ok) router.refresh();
  };
  return (
    <div className="grid gap-3">
      <SchoolSwitches
        own={own}
        above={above}
        onChange={(next) => {
          setOwn(next);
          setChanges(undefined);
          setDone(false);
        }}
      />
      <OutcomeLines done={done && t("schools.saved")} failure={failure}>
        {preview && <Button onClick={() => void look()}>{t("library.preview")}</Button>}
        <Button look="solid" disabled={!dirty} onClick={() => void store()}>
          {t("schools.save")}
        </Button>
      </OutcomeLines>
      {changes && <PlanDifferences changes={changes} />}
    </div>
  );
}
