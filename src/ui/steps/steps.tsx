"use client";

import { useRouter } from "next/navigation";
import { type ReactNode, useMemo, useState } from "react";
import { type Caution, cautionsOfFilling, cautionsOfPlanting } from "@/core/caution";
import { startsFromSeed } from "@/core/crop";
import { addDays, type Day } from "@/core/day";
import { stateOn, type Task, tasksOf } from "@/core/days";
import { assessGarden, type RowView } from "@/core/garden";
import { USUAL_SIZES } from "@/core/mix";
import type { Setting } from "@/core/setting";
import { type Filling, fillingOf, plantSteps, sowSteps } from "@/core/steps";
import type { GardenProps } from "@/ui/garden-props";
import { doneRecord } from "@/ui/days/done-record";
import { heldBackWords, trialWords } from "@/ui/days/task-words";
import { topPlanting } from "@/ui/draw/plantings";
import { BagTop } from "@/ui/draw/top";
import { post, type Store, useOutbox } from "@/ui/offline/outbox";
import { Button, buttonClass } from "@/ui/primitives/button";
import { Link } from "@/ui/primitives/link";
import { Only, useRights } from "@/ui/rights";
import { useJudged } from "@/ui/use-judged";
import { CautionLines } from "@/ui/verdict/caution-lines";
import { useWords } from "@/ui/words/use-words";
import { DepthFigure } from "./depth-figure";
import { FillFigure } from "./fill-figure";
import { fillStepWords, sowStepWords } from "./step-words";
import { Timer } from "./timer";
import { useTicks } from "./use-ticks";
import { t } from "./words";

export interface StepsProps extends GardenProps {
  readonly householdId: string;
  readonly title: string;
  readonly store: Store;
}

/** Cards are shown so far ahead. */
const AHEAD_DAYS = 28;

/** One step of a card. */
interface CardStep {
  readonly id: string;
  readonly said: string;
  /** Minutes to wait after it. */
  readonly minutes?: number;
}

/** Bags to fill, seed to sow and seedlings to plant, each on a card with its own amounts, drawing and cautions; a finished card is written down. */
export function Steps({
  householdId,
  title,
  today,
  plan,
  setting: plain,
  overrides,
  records,
  weather,
  store,
}: StepsProps) {
  const router = useRouter();
  const { setting } = useJudged(plain, overrides);
  const garden = useMemo(() => assessGarden(plan, setting), [plan, setting]);
  const cards = useMemo(
    () =>
      tasksOf(garden, records, { setting, today, weather }).filter(
        ({ kind, from }) =>
          (kind === "fill" || kind === "sow" || kind === "move") && from <= addDays(today, AHEAD_DAYS),
      ),
    [garden, records, setting, today, weather],
  );
  // Cards keep their places while they are worked through.
  const [first] = useState(cards);
  const { seesAll, writes } = useRights();
  const { waiting } = useOutbox();
  const [written, setWritten] = useState<ReadonlySet<string>>(new Set());
  const current = new Set(cards.map(({ id }) => id));
  const known = new Set(first.map(({ id }) => id));
  const waits = new Set(waiting.map(({ record }) => `${record.plantingId ?? record.rowId} ${record.kind}`));
  const finish = async (task: Task) => {
    const record = doneRecord(task, today);
    if (!record) return;
    setWritten(new Set([...written, task.id]));
    await post(householdId, record, store);
    router.refresh();
  };
  return (
    <div className="px-4 py-4 lg:px-6">
      <h1 className="text-title font-bold">{title}</h1>
      <p className="mb-3 text-muted">{t(writes ? "steps.lead" : "rights.reads")}</p>
      {plan.rows.length === 0 ? (
        seesAll && (
          <Link href={`/house/${householdId}/match`} className={buttonClass("solid")}>
            {t("shared.toMatch")}
          </Link>
        )
      ) : first.length === 0 ? (
        <p>{t("steps.none")}</p>
      ) : (
        <ol className="grid gap-x-10 lg:grid-cols-2">
          {[...first, ...cards.filter(({ id }) => !known.has(id))].map((task) => {
            const row = garden.rows.find((r) => r.row.id === task.rowId);
            const kept = doneRecord(task, today);
            const isDone =
              !current.has(task.id) ||
              written.has(task.id) ||
              (kept !== undefined && waits.has(`${kept.plantingId ?? kept.rowId} ${kept.kind}`));
            return (
              row && (
                <CardFor
                  key={task.id}
                  task={task}
                  row={row}
                  setting={setting}
                  today={today}
                  isDone={isDone}
                  onDone={() => void finish(task)}
                />
              )
            );
          })}
        </ol>
      )}
    </div>
  );
}

interface CardForProps {
  readonly task: Task;
  readonly row: RowView;
  readonly setting: Setting;
  readonly today: Day;
  readonly isDone: boolean;
  readonly onDone: () => void;
}

function CardFor({ task, row, setting, ...card }: CardForProps) {
  const words = useWords();
  const { bag, crop } = words;
  const sizes = setting.sizes ?? USUAL_SIZES;
  const where = { n: task.row, bag: bag(row.bag.kindId) };
  if (task.kind === "fill") {
    const filling = fillingOf(row, task.row, task);
    return (
      <Card
        {...card}
        task={task}
        name={t(task.isRefresh ? "steps.refreshCard" : "steps.fillCard", where)}
        figure={<FillFigure filling={filling} />}
        steps={filling.steps.map((step) => ({
          id: step.code,
          said: fillStepWords(step, words, sizes),
          minutes: step.code === "soak" ? step.minutes : undefined,
        }))}
        cautions={cautionsOfFilling(filling)}
        note={notes(trialWords(task), manureNote(filling, words))}
      />
    );
  }
  const view = row.plantings.find(({ planting }) => planting.id === task.plantingId);
  if (!view) return null;
  const isSowing = task.kind === "sow";
  const steps = isSowing ? sowSteps(view, row, setting) : plantSteps(view, row);
  const isSown = isSowing && startsFromSeed(view.method.method);
  const name = t(isSown ? "steps.sowCard" : "steps.plantCard", { ...where, crop: crop(view.goal.id) });
  return (
    <Card
      {...card}
      task={task}
      name={name}
      figure={
        <>
          <BagTop shape={row.shape} plantings={[topPlanting(view)]} isSmall={false} />
          {DEEP.has(view.method.method) && <DepthFigure depthCm={view.method.depthCm} />}
        </>
      }
      steps={steps.map((step, i) => ({ id: `${step.code} ${i}`, said: sowStepWords(step, words) }))}
      cautions={cautionsOfPlanting(view, "start")}
      note={notes(trialWords(task), task.heldBack && heldBackWords(task.heldBack, words))}
    />
  );
}

const notes = (...all: readonly (string | undefined)[]) => all.filter(Boolean).join(" ") || undefined;

/** What is laid so deep that its depth is worth a drawing. */
const DEEP = new Set(["tubers", "sets", "cuttings"]);

const manureNote = ({ rawManureUntil, row }: Filling, { day }: ReturnType<typeof useWords>) =>
  rawManureUntil && row.mix.recipe.some(({ part }) => part === "aged-manure")
    ? t("steps.manureUntil", { day: day(rawManureUntil) })
    : undefined;

/** One card: its drawing, its steps to tick, and the button that writes it down. */
function Card({
  task,
  name,
  figure,
  steps,
  cautions,
  note,
  today,
  isDone,
  onDone,
}: {
  task: Task;
  name: string;
  figure: ReactNode;
  steps: readonly CardStep[];
  cautions: readonly Caution[];
  note?: string;
  today: Day;
  isDone: boolean;
  onDone: () => void;
}) {
  const { day } = useWords();
  const { ticked, toggle, clear } = useTicks(task.id);
  const isLate = stateOn(task, today) === "late";
  const done = steps.filter(({ id }) => ticked.has(id)).length;
  return (
    <li className="break-inside-avoid border-t-rule border-ink py-3">
      <div className="flex flex-wrap items-baseline justify-between gap-x-3">
        <h2 className={`text-lg font-bold ${isDone ? "text-muted line-through" : ""}`}>{name}</h2>
        <p className={`text-note ${isLate && !isDone ? "font-semibold text-beet" : "text-muted"}`}>
          {isLate
            ? `▲ ${t("steps.late", { day: day(task.until) })}`
            : t("steps.by", { day: day(task.until) })}
        </p>
      </div>
      {isDone ? (
        <p role="status" className="font-semibold">
          ✓ {t("steps.written")}
        </p>
      ) : (
        <div className="flex flex-wrap gap-x-5 gap-y-2 sm:flex-nowrap">
          <div className="shrink-0">{figure}</div>
          <div className="min-w-0 grow">
            <ol>
              {steps.map(({ id, said, minutes }, i) => (
                <li key={id} className="border-t border-line first:border-t-0">
                  <label className="flex min-h-11 items-start gap-3 py-1.5">
                    <input
                      type="checkbox"
                      className="mt-1 size-5 shrink-0 accent-ink"
                      checked={ticked.has(id)}
                      onChange={() => toggle(id)}
                    />
                    <span className={ticked.has(id) ? "text-muted" : ""}>
                      <b className="mr-1.5 font-head">{i + 1}</b>
                      {said}
                    </span>
                  </label>
                  {minutes !== undefined && <Timer minutes={minutes} />}
                </li>
              ))}
            </ol>
            {note && <p className="text-note font-semibold">{note}</p>}
            <CautionLines cautions={cautions} />
            <p className="mt-2 flex flex-wrap items-center gap-3 print:hidden">
              <Only may="writes">
                <Button
                  look="solid"
                  className="min-h-11"
                  onClick={() => {
                    clear();
                    onDone();
                  }}
                >
                  {t("steps.done")}
                  <span className="sr-only"> {name}</span>
                </Button>
              </Only>
              <span className="text-note text-muted">{t("steps.stepOf", { done, all: steps.length })}</span>
            </p>
          </div>
        </div>
      )}
    </li>
  );
}
