"use client";

import type { Day } from "@/core/day";
import type { Grade } from "@/core/fit";
import { GradeMark } from "@/ui/primitives/grade-mark";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

interface State {
  readonly grade: Grade;
  readonly most?: number;
  readonly firstPick?: Day;
}

/** How one planting of the programme stands before and after a change. */
export interface PlanDifference {
  readonly plantingId: string;
  readonly household: string;
  readonly goalId: string;
  readonly row: number;
  readonly before: State;
  readonly after: State;
}

/** What a change would do to the plans of the programme, planting by planting. */
export function PlanDifferences({ changes }: { changes: readonly PlanDifference[] }) {
  const { crop, day } = useWords();
  const state = ({ grade, most, firstPick }: State) => (
    <span className="inline-flex items-center gap-1.5">
      <GradeMark grade={grade} /> {most !== undefined && t("library.most", { most })}{" "}
      {firstPick && day(firstPick)}
    </span>
  );
  return (
    <div role="status">
      <p className="font-semibold">{t("library.changes", { count: changes.length })}</p>
      <ul className="text-note">
        {changes.map((c) => (
          <li key={c.plantingId} className="flex flex-wrap items-center gap-2 border-t border-line py-1">
            <span>
              {c.household}, {t("shared.row", { n: c.row })}, {crop(c.goalId)}:
            </span>
            {state(c.before)} → {state(c.after)}
          </li>
        ))}
      </ul>
    </div>
  );
}
