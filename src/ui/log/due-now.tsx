import type { RecordKind } from "@/core/record";
import { Button } from "@/ui/primitives/button";
import { useWords } from "@/ui/words/use-words";
import { KIND_OF, type LogPlanting } from "./planting";

interface DueNowProps {
  readonly plantings: readonly LogPlanting[];
  readonly nameOf: (id: string | null) => string;
  readonly onTap: (planting: LogPlanting, kind: RecordKind) => void;
  /** A pick is weighed first: its amount is asked for in the form. */
  readonly onPick: (planting: LogPlanting) => void;
}

/** What is due, the latest first, each with the one tap that answers it. */
export function DueNow({ plantings, nameOf, onTap, onPick }: DueNowProps) {
  const { t, day } = useWords();
  const byLate = [...plantings].sort(
    (a, b) => Number(b.due?.late) - Number(a.due?.late) || (b.due?.days ?? 0) - (a.due?.days ?? 0),
  );
  if (byLate.length === 0) return null;
  return (
    <ul aria-label={t("log.due")} className="mb-3 border-t-rule border-ink">
      {byLate.map((p) => {
        if (!p.due) return null;
        const { task, late, days, day: from } = p.due;
        return (
          <li key={p.id} className="flex items-center justify-between gap-3 border-b border-line py-1.5">
            <span className="min-w-0">
              {nameOf(p.id)}
              <span className={`block text-note font-semibold ${late ? "text-beet" : ""}`}>
                {late ? `▲ ${t("households.late", { days })}` : t("next.from", { day: day(from) })}
              </span>
            </span>
            <Button
              className="min-h-11 shrink-0"
              onClick={() => (task === "pick" ? onPick(p) : onTap(p, KIND_OF[task]))}
            >
              {t(`log.tap.${task}`)}
              <span className="sr-only"> {nameOf(p.id)}</span>
            </Button>
          </li>
        );
      })}
    </ul>
  );
}
