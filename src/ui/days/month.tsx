import { addDays, type Day, mondayOf } from "@/core/day";
import type { Task } from "@/core/days";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

const DAYS = 35;

interface MonthProps {
  readonly tasks: readonly Task[];
  readonly today: Day;
  readonly chosen: Day | undefined;
  readonly onChoose: (day: Day | undefined) => void;
}

/** Five weeks from this week's Monday: how much begins on each day; a day that is chosen shows its own. */
export function Month({ tasks, today, chosen, onChoose }: MonthProps) {
  const { longDay, weekday } = useWords();
  const monday = mondayOf(today);
  const days = Array.from({ length: DAYS }, (_, i) => addDays(monday, i));
  return (
    <section aria-labelledby="month">
      <h2 id="month" className="mb-1.5 border-t-rule border-ink pt-1.5 text-lg font-bold">
        {t("days.month")}
      </h2>
      <div className="grid grid-cols-7 border-t border-l border-line text-center">
        {days.slice(0, 7).map((day) => (
          <span
            key={day}
            aria-hidden="true"
            className="border-r border-b border-line py-0.5 text-fine text-muted"
          >
            {weekday(day)}
          </span>
        ))}
        {days.map((day) => {
          const count = tasks.filter((task) => task.from === day).length;
          return (
            <button
              key={day}
              type="button"
              disabled={count === 0}
              aria-pressed={chosen === day}
              onClick={() => onChoose(chosen === day ? undefined : day)}
              className={`min-h-11 border-r border-b border-line text-note leading-tight ${
                chosen === day ? "bg-ink text-paper" : count > 0 ? "hover:bg-card" : "text-muted"
              } ${day === today ? "outline-2 -outline-offset-2 outline-beet" : ""}`}
            >
              <span className="sr-only">{t("days.dayTasks", { day: longDay(day), count })}</span>
              <span aria-hidden="true">
                {Number(day.slice(8))}
                <b className="block h-4 text-fine">{count > 0 ? count : ""}</b>
              </span>
            </button>
          );
        })}
      </div>
    </section>
  );
}
