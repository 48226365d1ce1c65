import { addDays, type Day } from "@/core/day";
import type { Task } from "@/core/days";
import type { CalendarEntry } from "@/core/exchange";
import type { Garden } from "@/core/garden";
import type { wordsFor } from "@/ui/words/words-for";
import { taskWords } from "./task-words";
import { t } from "./words";

/** So far ahead a calendar is told. */
const AHEAD_DAYS = 180;

/** Tasks as a calendar tells them: all that is to come, and what is late, on today. Watering and airing go by the day's weather, and are left out. */
export function calendarEntries(
  tasks: readonly Task[],
  garden: Garden,
  today: Day,
  words: ReturnType<typeof wordsFor>,
): CalendarEntry[] {
  const last = addDays(today, AHEAD_DAYS);
  return tasks
    .filter(({ kind, from }) => kind !== "water" && kind !== "vent" && from <= last)
    .map((task) => {
      const { title, detail } = taskWords(task, words);
      const row = garden.rows[task.row - 1];
      const where = row ? `${task.row} ${words.bag(row.bag.kindId)}` : String(task.row);
      return {
        id: task.id,
        on: task.from < today ? today : task.from,
        title: t("days.reminder", { row: where, what: title }),
        text: [detail, t("due.until", { day: words.longDay(task.until) })].filter(Boolean).join("\n"),
      };
    });
}
