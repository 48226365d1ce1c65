"use client";

import { useState } from "react";
import type { Outcome, Problem } from "@/core/problem";
import { send } from "@/ui/primitives/send";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

/** Whether a household's own harvest counts in what all households are shown. */
export function Sharing({
  isShared,
  share,
}: {
  isShared: boolean;
  share: (isShared: boolean) => Promise<Outcome<null>>;
}) {
  const { problem } = useWords();
  const [isOn, setOn] = useState(isShared);
  const [failure, setFailure] = useState<Problem>();
  const change = async (wanted: boolean) => {
    setOn(wanted);
    const outcome = await send(() => share(wanted));
    setFailure(outcome.ok ? undefined : outcome.problem);
    if (!outcome.ok) setOn(!wanted);
  };
  return (
    <>
      <label className="mt-1 flex min-h-9 items-center gap-2 text-note print:hidden">
        <input
          type="checkbox"
          className="size-5"
          checked={isOn}
          onChange={(e) => void change(e.target.checked)}
        />
        {t("own.share")}
      </label>
      {failure && (
        <p role="alert" className="text-note font-semibold text-beet">
          ✕ {problem(failure)}
        </p>
      )}
    </>
  );
}
