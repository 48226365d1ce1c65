"use client";

import { useState } from "react";
import type { Outcome, Problem } from "@/core/problem";
import { AskFirst } from "@/ui/primitives/ask-first";
import { OutcomeLines } from "@/ui/primitives/outcome-lines";
import { send } from "@/ui/primitives/send";
import { t } from "./words";

/** Takes the code on printed sheets and labels out of force: the next print has another one. */
export function PaperCode({ withdraw }: { withdraw: () => Promise<Outcome<null>> }) {
  const [done, setDone] = useState(false);
  const [failure, setFailure] = useState<Problem>();
  const end = async () => {
    const outcome = await send(withdraw);
    setDone(outcome.ok);
    setFailure(outcome.ok ? undefined : outcome.problem);
  };
  return (
    <div className="mt-3">
      <p className="text-note text-muted">{t("paper.lead")}</p>
      <OutcomeLines done={done && t("paper.withdrawn")} failure={failure}>
        <AskFirst
          name={t("paper.withdraw")}
          question={t("paper.question")}
          yes={t("paper.yes")}
          onYes={() => void end()}
        />
      </OutcomeLines>
    </div>
  );
}
