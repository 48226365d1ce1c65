import { cautionsOfTask } from "@/core/caution";
import type { Day } from "@/core/day";
import { daysFrom, SETTLED_BY, stateOn, type Task } from "@/core/days";
import type { RowView } from "@/core/garden";
import { fillingOf } from "@/core/steps";
import { Only } from "@/ui/rights";
import { Button, buttonClass } from "@/ui/primitives/button";
import { Link } from "@/ui/primitives/link";
import { CautionLines } from "@/ui/verdict/caution-lines";
import { RipenessLine } from "@/ui/verdict/ripeness";
import { useWords } from "@/ui/words/use-words";
import { heldBackWords, taskWords } from "./task-words";
import { t } from "./words";

interface TaskLineProps {
  readonly task: Task;
  readonly row: RowView | undefined;
  readonly today: Day;
  readonly isDone: boolean;
  /** Where a pick is weighed and written down. */
  readonly logHref: string;
  readonly onDone: () => void;
}

/** One thing to do: what, how much, in which bag, by when, and the one tap that says that it is done. */
export function TaskLine({ task, row, today, isDone, logHref, onDone }: TaskLineProps) {
  const words = useWords();
  const { day, bag } = words;
  const { title, detail } = taskWords(task, words);
  const state = stateOn(task, today);
  const where = row ? `${task.row} ${bag(row.bag.kindId)}` : String(task.row);
  const when =
    state === "late"
      ? `▲ ${t("due.late", { days: daysFrom(task, today) })}`
      : state === "due"
        ? t("due.until", { day: day(task.until) })
        : t("days.from", { day: day(task.from) });
  return (
    <li className="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-x-3 border-t border-line py-1.5">
      <div className={isDone ? "text-muted" : ""}>
        <p>
          <b className={isDone ? "line-through" : ""}>{title}</b>{" "}
          <span className="text-note text-muted">{where}</span>
        </p>
        <p className="text-note">
          <span className={state === "late" && !isDone ? "font-semibold text-beet" : "font-semibold"}>
            {isDone ? `✓ ${t("days.done")}` : when}
          </span>
          {detail && ` · ${detail}`}
          {task.heldBack && <b> · {heldBackWords(task.heldBack, words)}</b>}
        </p>
      </div>
      {!isDone && state !== "coming" && SETTLED_BY[task.kind] && (
        <Only may="writes">
          <span className="print:hidden">
            {task.kind === "pick" ? (
              <Link href={logHref} className={`${buttonClass("open")} min-h-11`}>
                {t("days.didPick")}
                <span className="sr-only"> {title}</span>
              </Link>
            ) : (
              <Button className="min-h-11" onClick={onDone}>
                {t("days.done")}
                <span className="sr-only">
                  {" "}
                  {title}, {where}
                </span>
              </Button>
            )}
          </span>
        </Only>
      )}
      {!isDone && state !== "coming" && row && (
        <div className="col-span-2">
          <Cautions task={task} row={row} number={task.row} />
        </div>
      )}
    </li>
  );
}

/** How it is done here and now, and with what caution. */
function Cautions({ task, row, number }: { task: Task; row: RowView; number: number }) {
  const filling = task.kind === "fill" ? fillingOf(row, number, task) : undefined;
  const picked =
    task.kind === "pick" ? row.plantings.find((p) => p.planting.id === task.plantingId) : undefined;
  return (
    <>
      {picked && <RipenessLine goal={picked.goal} />}
      <CautionLines cautions={cautionsOfTask(task, row, filling)} />
    </>
  );
}
