import type { Day } from "@/core/day";
import { carriedFor, stateOn, type Task } from "@/core/days";
import type { RowView } from "@/core/garden";
import type { Sizes } from "@/core/mix";
import { fingerCm } from "@/core/water";
import { Only } from "@/ui/rights";
import { Button } from "@/ui/primitives/button";
import { Caution } from "@/ui/primitives/caution";
import { useWords } from "@/ui/words/use-words";
import { taskWords } from "./task-words";
import { t } from "./words";

interface WateringProps {
  readonly tasks: readonly Extract<Task, { kind: "water" }>[];
  readonly today: Day;
  /** What the programme's cans hold. */
  readonly sizes: Pick<Sizes, "canL">;
  readonly isDone: (task: Task) => boolean;
  readonly rowOf: (task: Task) => RowView | undefined;
  readonly onDone: (tasks: readonly Task[]) => void;
}

/** Which bags want water today, how much each and in all, and one tap for all of them; and when the others come. */
export function Watering({ tasks, today, sizes, isDone, rowOf, onDone }: WateringProps) {
  const words = useWords();
  const { bag, day, quantity } = words;
  const wants = tasks.filter((task) => stateOn(task, today) !== "coming" && !isDone(task));
  const { litres, cans } = carriedFor(wants, sizes);
  return (
    <section aria-label={t("days.water")} className="mb-4 border-t-rule border-ink pt-1.5">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <div>
          <h2 className="text-lg font-bold">{t("days.water")}</h2>
          <p className="text-note">
            {wants.length > 0
              ? t("days.waterSum", {
                  litres: quantity(litres, "volume"),
                  rows: wants.length,
                  cans,
                  can: quantity(sizes.canL, "volume"),
                })
              : t("days.waterNone")}
          </p>
        </div>
        {wants.length > 0 && (
          <Only may="writes">
            <Button look="solid" className="min-h-11 print:hidden" onClick={() => onDone(wants)}>
              {t("days.watered")}
            </Button>
          </Only>
        )}
      </div>
      <ul className="mt-1 text-note sm:columns-2">
        {tasks.map((task) => {
          const row = rowOf(task);
          const { detail } = taskWords(task, words);
          const isNow = wants.includes(task);
          return (
            <li key={task.id} className={`break-inside-avoid py-0.5 ${isNow ? "" : "text-muted"}`}>
              <b>{row ? `${task.row} ${bag(row.bag.kindId)}` : task.row}</b>:{" "}
              {quantity(task.litres, "volume")}, {detail}
              {isNow && row?.shape.kind === "tower" && ` · ${t("days.downCore")}`}
              {isNow && row && ` · ${t("days.finger", { depth: quantity(fingerCm(row.shape), "length") })}`}
              {!isNow &&
                ` · ${isDone(task) ? `✓ ${t("days.done")}` : t("days.from", { day: day(task.from) })}`}
            </li>
          );
        })}
      </ul>
      {wants.length > 0 && <Caution>{t("cautions.water")}</Caution>}
    </section>
  );
}
