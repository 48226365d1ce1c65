"use client";

import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

/** Something that is due or late in a household. */
export interface DueTask {
  readonly task: "sow" | "up" | "move" | "pick";
  readonly day: string;
  readonly late: boolean;
  readonly days: number;
  readonly plantingId: string;
  readonly goalId: string;
}

const SHOWN_TASKS = 3;

/** What presses most in a household, as lines of a list: late ones marked, and how many more there are. */
export function DueLines({ due }: { due: readonly DueTask[] }) {
  const { crop, day } = useWords();
  return (
    <>
      {due.slice(0, SHOWN_TASKS).map((d) => (
        <li key={d.plantingId} className={d.late ? "font-semibold text-beet" : ""}>
          {t(`due.tasks.${d.task}`, { crop: crop(d.goalId) })}
          <span className="ml-2 text-sm">{d.late ? `▲ ${t("due.late", { days: d.days })}` : day(d.day)}</span>
        </li>
      ))}
      {due.length > SHOWN_TASKS && (
        <li className="text-sm text-muted">{t("households.more", { count: due.length - SHOWN_TASKS })}</li>
      )}
    </>
  );
}
