"use client";

import type { ReactNode } from "react";
import type { Problem } from "@/core/problem";
import { useWords } from "@/ui/words/use-words";

/** A form's buttons, with what became of the last try beside and below them: said to readers, and never by colour alone. */
export function OutcomeLines({
  children,
  done,
  failure,
}: {
  children: ReactNode;
  done: string | false;
  failure: Problem | undefined;
}) {
  const { problem } = useWords();
  return (
    <>
      <div className="mt-2 flex flex-wrap items-center gap-3">
        {children}
        <p role="status" className="font-semibold">
          {done}
        </p>
      </div>
      {failure && (
        <p role="alert" className="mt-2 font-semibold text-beet">
          ✕ {problem(failure)}
        </p>
      )}
    </>
  );
}
