"use client";

import type { Fit, Fix } from "@/core/fit";
import { Button } from "@/ui/primitives/button";
import { GradeMark } from "@/ui/primitives/grade-mark";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

/** A verdict opened up: the grade and what it means, every limit with its numbers, and what would lift it. */
export function Verdict({ fit, onFix }: { fit: Fit; onFix: (fix: Fix) => void }) {
  const { limit, note, fix } = useWords();
  const isDoable = (f: Fix) => f.code === "plants" || f.code === "sow-on";
  const doable = fit.fixes.filter(isDoable);
  const others = fit.fixes.filter((f) => !isDoable(f));
  return (
    <div>
      <p className="flex items-center gap-2">
        <span className="border-rule border-ink px-2 py-0.5">
          <GradeMark grade={fit.grade} labelled />
        </span>
        <span className="text-note">{t(`gradeMeans.${fit.grade}`)}</span>
      </p>
      <ul className="mt-2.5 text-note">
        {fit.limits.map((l) => (
          <li
            key={l.code}
            className="grid grid-cols-[1.25rem_auto_1fr] items-baseline gap-2 border-t border-line py-1"
          >
            <span className="self-center">
              <GradeMark grade={l.grade} />
            </span>
            <span className="font-semibold">{t(`limits.${l.code}`)}</span>
            <span className={`text-right ${l.grade === "wrong" ? "font-semibold text-beet" : ""}`}>
              {limit(l)}
            </span>
          </li>
        ))}
      </ul>
      {fit.notes.map((n) => (
        <p key={n.code} className="border-t border-line py-1.5 text-note font-semibold">
          {note(n)}
        </p>
      ))}
      {fit.fixes.length > 0 && (
        <div className="flex flex-wrap items-center gap-2 border-t border-line pt-2">
          {doable.map((f) => (
            <Button key={f.code} look="solid" onClick={() => onFix(f)}>
              {fix(f)}
            </Button>
          ))}
          {others.length > 0 && <p className="text-note">{others.map((f) => fix(f)).join(" · ")}</p>}
        </div>
      )}
    </div>
  );
}
