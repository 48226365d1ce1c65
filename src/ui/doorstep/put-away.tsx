"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import type { Outcome, Problem } from "@/core/problem";
import { AskFirst } from "@/ui/primitives/ask-first";
import { Button } from "@/ui/primitives/button";
import { OutcomeLines } from "@/ui/primitives/outcome-lines";
import { send } from "@/ui/primitives/send";
import { t } from "./words";

interface PutAwayProps {
  readonly isPutAway: boolean;
  readonly putAway: (isPutAway: boolean) => Promise<Outcome<null>>;
  /** Lets it go for good, without its name. */
  readonly leave: () => Promise<Outcome<null>>;
}

/** Puts a household that has left out of every list, and takes it back. */
export function PutAway({ isPutAway, putAway, leave }: PutAwayProps) {
  const router = useRouter();
  const [failure, setFailure] = useState<Problem>();
  const act = async (work: () => Promise<Outcome<null>>) => {
    const outcome = await send(work);
    setFailure(outcome.ok ? undefined : outcome.problem);
    if (outcome.ok) router.refresh();
  };
  return (
    <div className="mt-6 border-t-rule border-ink pt-2">
      <p className="text-muted">{t("doorstep.putAwayHint")}</p>
      <OutcomeLines done={isPutAway && t("doorstep.isAway")} failure={failure}>
        <Button look={isPutAway ? "open" : "warn"} onClick={() => void act(() => putAway(!isPutAway))}>
          {t(isPutAway ? "doorstep.takeBack" : "doorstep.putAway")}
        </Button>
        <AskFirst
          name={t("doorstep.leave")}
          question={t("doorstep.leaveAsk")}
          yes={t("doorstep.leaveYes")}
          onYes={() => void act(leave)}
        />
      </OutcomeLines>
    </div>
  );
}
