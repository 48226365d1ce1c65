import { useMemo } from "react";
import type { Crop } from "@/core/crop";
import type { Day } from "@/core/day";
import type { Heard, PlantingView, RowView } from "@/core/garden";
import { insteadOf } from "@/core/match";
import { Button } from "@/ui/primitives/button";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

interface TooLateProps {
  readonly heard: Heard;
  readonly view: PlantingView;
  readonly row: RowView;
  readonly crops: readonly Crop[];
  readonly today: Day;
  readonly onKeepFor: (goalId: string) => void;
  /** Pulls it today, and has something else sown where one is named. */
  readonly onPull: (nextGoalId?: string) => void;
}

/** A planting that will not make it, and what can be done about it. */
export function TooLate({ heard, view, row, crops, today, onKeepFor, onPull }: TooLateProps) {
  const { crop, day, heard: said } = useWords();
  const { keepFor, next } = useMemo(() => insteadOf(view, row, { today, crops }), [view, row, today, crops]);
  return (
    <div role="alert" className="grid gap-2 border-l-4 border-beet bg-paper py-2 pl-3">
      <p className="font-semibold text-beet">✕ {said(heard)}</p>
      <p>{t("bench.tooLateAsk")}</p>
      <div className="flex flex-wrap gap-2">
        {keepFor.map((goal) => (
          <Button key={goal.id} onClick={() => onKeepFor(goal.id)}>
            {t("bench.keepFor", { crop: crop(goal.id) })}
          </Button>
        ))}
        {next && (
          <Button onClick={() => onPull(next.goal.id)}>
            {t("bench.pullFor", { crop: crop(next.goal.id), day: day(today) })}
          </Button>
        )}
        <Button look="warn" onClick={() => onPull()}>
          {t("bench.pullOnly")}
        </Button>
      </div>
      <p className="text-fine text-muted">{t("bench.pullNote")}</p>
    </div>
  );
}
