import Link from "next/link";
import type { Day } from "@/core/day";
import { daysFrom, SETTLED_BY, stateOn, type Task } from "@/core/days";
import { widthOf } from "@/core/bag";
import type { RowView } from "@/core/garden";
import { carry } from "@/core/load";
import { Button, buttonClass } from "@/ui/primitives/button";
import { Caution } from "@/ui/primitives/caution";
import { RipenessLine } from "@/ui/verdict/ripeness";
import { useWords } from "@/ui/words/use-words";
import { taskWords } from "./task-words";

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
  const { t, day, bag } = words;
  const { title, detail } = taskWords(task, words);
  const state = stateOn(task, today);
  const where = row ? `${task.row} ${bag(row.bag.kindId)}` : String(task.row);
  const when =
    state === "late"
      ? `▲ ${t("households.late", { days: daysFrom(task, today) })}`
      : state === "due"
        ? t("days.until", { day: day(task.until) })
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
        </p>
        {!isDone && state !== "coming" && row && <Cautions task={task} row={row} />}
      </div>
      {!isDone && state !== "coming" && SETTLED_BY[task.kind] && (
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
      )}
    </li>
  );
}

/** How it is done here and now, and with what caution. */
function Cautions({ task, row }: { task: Task; row: RowView }) {
  const { t, quantity } = useWords();
  switch (task.kind) {
    case "fill": {
      const { grade, limitKg } = carry(row.wetKg, widthOf(row.shape));
      return grade === "fine" ? null : (
        <Caution grave>
          {t(grade === "heavy" ? "cautions.lift" : "cautions.liftNever", {
            kg: quantity(row.wetKg, "mass"),
            limit: quantity(limitKg, "mass"),
          })}
        </Caution>
      );
    }
    case "feed":
    case "feed-liquid":
      return <Caution>{t("cautions.feed")}</Caution>;
    case "stake":
      return task.support === "cane" ? <Caution>{t("cautions.canes-eyes")}</Caution> : null;
    case "pick": {
      const planting = row.plantings.find((p) => p.planting.id === task.plantingId);
      return (
        planting && (
          <>
            <RipenessLine goal={planting.goal} />
            {planting.goal.cautions.map((caution) => (
              <Caution key={caution}>{t(`cautions.${caution}`)}</Caution>
            ))}
          </>
        )
      );
    }
    default:
      return null;
  }
}
