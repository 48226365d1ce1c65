import type { Due, RecordKind } from "@/core/record";
import { Only } from "@/ui/rights";
import { Button } from "@/ui/primitives/button";
import { useWords } from "@/ui/words/use-words";
import { KIND_OF, type LogPlanting } from "./planting";
import { t } from "./words";

interface DueNowProps {
  readonly due: readonly {
    readonly planting: LogPlanting;
    readonly due: Due;
    /** It has been written down since the page was opened. */
    readonly isDone: boolean;
  }[];
  readonly nameOf: (id: string | null) => string;
  readonly onTap: (planting: LogPlanting, kind: RecordKind) => void;
  /** A pick is weighed first: its amount is asked for in the form. */
  readonly onPick: (planting: LogPlanting) => void;
}

/** What is due, the latest first, each with the one tap that answers it. */
export function DueNow({ due: list, nameOf, onTap, onPick }: DueNowProps) {
  const { day } = useWords();
  const byLate = [...list].sort((a, b) => Number(b.due.late) - Number(a.due.late) || b.due.days - a.due.days);
  if (byLate.length === 0) return null;
  return (
    <ul aria-label={t("log.due")} className="mb-3 border-t-rule border-ink">
      {byLate.map(({ planting, due: { task, late, days, day: from }, isDone }) => (
        <li
          key={planting.id}
          className="flex min-h-14 items-center justify-between gap-3 border-b border-line py-1.5"
        >
          <span className="min-w-0">
            {nameOf(planting.id)}
            <span className={`block text-note font-semibold ${late && !isDone ? "text-beet" : ""}`}>
              {isDone
                ? `✓ ${t(`recordKinds.${KIND_OF[task] as "sown"}`)}`
                : late
                  ? `▲ ${t("due.late", { days })}`
                  : t("next.from", { day: day(from) })}
            </span>
          </span>
          {!isDone && (
            <Only may="writes">
              <Button
                className="min-h-11 shrink-0"
                onClick={() => (task === "pick" ? onPick(planting) : onTap(planting, KIND_OF[task]))}
              >
                {t(`log.tap.${task}`)}
                <span className="sr-only"> {nameOf(planting.id)}</span>
              </Button>
            </Only>
          )}
        </li>
      ))}
    </ul>
  );
}
