import type { Task } from "@/core/days";
import type { Lesson } from "@/core/teaching";
import { fillingOf, plantSteps, sowSteps } from "@/core/steps";
import { type Sizes } from "@/core/mix";
import type { Setting } from "@/core/setting";
import { cautionsOfTask } from "@/core/caution";
import { itemWords } from "@/ui/kit/item-words";
import { fillStepWords, sowStepWords } from "@/ui/steps/step-words";
import { taskWords } from "@/ui/days/task-words";
import { Caution } from "@/ui/primitives/caution";
import { Link } from "@/ui/primitives/link";
import type { wordsFor } from "@/ui/words/words-for";
import { t } from "./words";

interface LessonsProps {
  readonly lessons: readonly Lesson[];
  /** What each household is judged against, by its id. */
  readonly settings: Readonly<Record<string, Setting>>;
  readonly sizes: Sizes;
  readonly words: ReturnType<typeof wordsFor>;
}

/** A course of five lessons from a group's own plans: what to bring, what to show on which bag, what went wrong since, and what to hand out. */
export function Lessons({ lessons, settings, sizes, words }: LessonsProps) {
  const { longDay, crop, bag, caution } = words;
  return (
    <section aria-labelledby="lessons">
      <h2 id="lessons" className="border-t-rule border-ink pt-1.5 text-xl font-bold">
        {t("groups.lessons")}
      </h2>
      <ol className="grid gap-x-10 lg:grid-cols-2 print:block">
        {lessons.map(({ name, on, bring, shown, households, amiss }, i) => (
          <li key={name} className="break-inside-avoid border-t border-line py-3">
            <h3 className="text-lg font-bold">
              {i + 1}. {t(`groups.lessonNames.${name}`)}
            </h3>
            <p className="text-note font-semibold">{longDay(on)}</p>
            <p className="text-note text-muted">
              {t(`groups.lessonLead.${name}`)} {t("groups.around", { count: households })}.
            </p>
            <h4 className="mt-2 font-head font-bold">{t("groups.bring")}</h4>
            {bring.length === 0 ? (
              <p className="text-note text-muted">{t("groups.bringNothing")}</p>
            ) : (
              <ul className="columns-2 text-note">
                {bring.map((want) => {
                  const { name: what, amount } = itemWords(want, words);
                  return (
                    <li key={want.item} className="break-inside-avoid">
                      <b className="tabular-nums">{amount}</b> {what}
                    </li>
                  );
                })}
              </ul>
            )}
            <h4 className="mt-2 font-head font-bold">{t("groups.show")}</h4>
            {shown ? (
              <>
                <p className="text-note">
                  <Link href={`/house/${shown.householdId}/steps`} className="font-semibold hover:underline">
                    {t("groups.showOn", {
                      what: taskWords(shown.task, words).title,
                      name: shown.name,
                      row: `${shown.task.row} ${bag(shown.row.bag.kindId)}`,
                    })}
                  </Link>
                </p>
                <ol className="list-decimal pl-5 text-note">
                  {stepsOf(shown, settings[shown.householdId], sizes, words).map((step) => (
                    <li key={step}>{step}</li>
                  ))}
                </ol>
                {cautionsOfTask(shown.task, shown.row).map((fact) => (
                  <Caution key={fact.code} grave={fact.isGrave}>
                    {caution(fact)}
                  </Caution>
                ))}
              </>
            ) : (
              <p className="text-note text-muted">{t("groups.showNone")}</p>
            )}
            <h4 className="mt-2 font-head font-bold">{t("groups.amiss")}</h4>
            {amiss.length === 0 ? (
              <p className="text-note text-muted">{t("groups.amissNone")}</p>
            ) : (
              <ul className="text-note">
                {amiss.map(({ kind, late, goalIds }) => (
                  <li key={kind}>
                    {t("groups.amissLine", {
                      kind: t(`taskKinds.${kind as "sow"}`),
                      late,
                      crops: goalIds.slice(0, 5).map(crop).join(", ") || "–",
                    })}
                  </li>
                ))}
              </ul>
            )}
            <p className="mt-2 text-note">
              <b>{t("groups.handOut")}</b>: {t("groups.handOutSheet")}
            </p>
          </li>
        ))}
      </ol>
    </section>
  );
}

/** How what is shown is done, step by step. */
function stepsOf(
  { row, task }: NonNullable<Lesson["shown"]>,
  setting: Setting | undefined,
  sizes: Sizes,
  words: ReturnType<typeof wordsFor>,
): string[] {
  if (task.kind === "fill")
    return fillingOf(row, task.row, task).steps.map((step) => fillStepWords(step, words, sizes));
  const view = row.plantings.find(({ planting }) => planting.id === (task as Task).plantingId);
  if (!view || !setting) return [taskWords(task, words).detail].filter(Boolean);
  if (task.kind === "sow") return sowSteps(view, row, setting).map((step) => sowStepWords(step, words));
  if (task.kind === "move") return plantSteps(view, row).map((step) => sowStepWords(step, words));
  return [taskWords(task, words).detail].filter(Boolean);
}
