"use client";

import { useMemo, useState } from "react";
import { addDays } from "@/core/day";
import { stateOn, type Task, tasksOf } from "@/core/days";
import { assessGarden, nextMeal } from "@/core/garden";
import { rowThirst, spanOf, wateringDays } from "@/core/year";
import type { GardenProps } from "@/ui/garden-props";
import { ROW_COLUMNS, type Selection } from "@/ui/bench/row-frame";
import { sectionPlant } from "@/ui/draw/plantings";
import { StillRow } from "@/ui/bench/still-row";
import { taskWords } from "@/ui/days/task-words";
import { BagSection } from "@/ui/draw/section";
import { SeasonAxis, SeasonLegend } from "@/ui/draw/strip";
import type { Outcome } from "@/core/problem";
import { Sharing } from "./sharing";
import { Caution } from "@/ui/primitives/caution";
import { buttonClass } from "@/ui/primitives/button";
import { Link } from "@/ui/primitives/link";
import { useJudged } from "@/ui/use-judged";
import { Dates } from "@/ui/verdict/dates";
import { RipenessLine } from "@/ui/verdict/ripeness";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

interface OwnGardenProps extends GardenProps {
  readonly householdId: string;
  readonly name: string;
  /** What the whole programme picked; left out while too few did for it to say nothing of one of them. */
  readonly shared?: { readonly households: number; readonly kg: number };
  /** Whether its own harvest counts in that, and what changes it; left out for those who may not. */
  readonly sharing?: {
    readonly isShared: boolean;
    readonly share: (isShared: boolean) => Promise<Outcome<null>>;
  };
}

/** What comes within this many days is worth a card, or a line. */
const WEEK_DAYS = 7;
const SOON_DAYS = 21;

/** A household's own garden, to look at and not to change: what is next, how much water each bag takes, and every bag's season. */
export function OwnGarden({
  householdId,
  name,
  shared,
  sharing,
  today,
  plan,
  setting: plain,
  overrides,
  records,
}: OwnGardenProps) {
  const words = useWords();
  const { crop, day, quantity } = words;
  const { setting } = useJudged(plain, overrides);
  const garden = useMemo(() => assessGarden(plan, setting), [plan, setting]);
  const span = useMemo(() => spanOf(garden, today), [garden, today]);
  const [selection, setSelection] = useState<Selection>();
  const meal = nextMeal(garden, today);
  const chosen = garden.rows.find((r) => r.row.id === selection?.rowId);
  const planting = chosen?.plantings.find((p) => p.planting.id === selection?.plantingId);
  const coming = useMemo(
    () => tasksOf(garden, records, { setting, today }).filter((task) => task.kind !== "water"),
    [garden, records, setting, today],
  );
  const thisWeek = coming.filter((task) => task.from <= addDays(today, WEEK_DAYS));
  const soon = coming.filter(
    (task) => task.from > addDays(today, WEEK_DAYS) && task.from <= addDays(today, SOON_DAYS),
  );
  const told = (task: Task) => {
    const { title, detail } = taskWords(task, words);
    return (
      <>
        {title} <span className="text-muted">({t("shared.row", { n: task.row })})</span>
        {detail && <span className="block text-note text-muted">{detail}</span>}
      </>
    );
  };
  return (
    <div className="mx-auto max-w-4xl pb-8 print:max-w-none print:[zoom:0.7] print:[&_section_svg]:h-20 print:[&_section_svg]:w-auto">
      <div className="px-4 pt-3">
        <h1 className="text-title font-bold">{t("own.title")}</h1>
        <p className="text-muted">{t("own.lead", { name })}</p>
        {meal && (
          <p className="mt-2 text-lg font-semibold">
            {t(meal.first ? "meals.first" : "meals.next", { crop: crop(meal.goalId) })}: {day(meal.day)}
          </p>
        )}
        {shared && (
          <p className="text-muted">
            {t("own.shared", { kg: quantity(shared.kg, "mass"), households: shared.households })}
          </p>
        )}
        {sharing && <Sharing {...sharing} />}
        <Link href={`/house/${householdId}/log`} className={`${buttonClass("solid")} mt-2 min-h-11`}>
          {t("shared.writeDown")}
        </Link>
        <h2 className="mt-4 border-t-rule border-ink pt-2 text-lg font-bold">{t("own.week")}</h2>
        {thisWeek.length === 0 && <p className="text-muted">{t("own.nothingWeek")}</p>}
        <ul className="grid gap-3 sm:grid-cols-2 print:grid-cols-3 print:gap-1.5 print:text-note print:[&_svg]:hidden">
          {thisWeek.map((task) => {
            const row = garden.rows.find((r) => r.row.id === task.rowId);
            const state = stateOn(task, today);
            return (
              <li
                key={task.id}
                className="flex items-end gap-3 border-rule border-ink bg-card p-3 print:p-1.5"
              >
                {row && (
                  <BagSection
                    shape={row.shape}
                    depthCm={row.depthCm}
                    isSmall={false}
                    plants={row.plantings
                      .filter((p) => p.planting.id === task.plantingId)
                      .map((p) => sectionPlant(p, row))}
                  />
                )}
                <div>
                  <b className="block font-head text-lg">
                    {state === "late"
                      ? `▲ ${t("own.since", { day: day(task.from) })}`
                      : state === "due"
                        ? t("due.until", { day: day(task.until) })
                        : day(task.from)}
                  </b>
                  {told(task)}
                </div>
              </li>
            );
          })}
        </ul>
        {soon.length > 0 && <h2 className="mt-4 text-lg font-bold">{t("own.soon")}</h2>}
        <ul className="print:columns-2 print:text-note">
          {soon.map((task) => (
            <li key={task.id} className="flex gap-3 border-t border-line py-1.5">
              <b className="w-16 shrink-0">{day(task.from)}</b>
              <span>{told(task)}</span>
            </li>
          ))}
        </ul>
        <h2 className="mt-4 mb-1 border-t-rule border-ink pt-2 text-lg font-bold">{t("own.bags")}</h2>
      </div>
      {garden.rows.length > 0 && (
        <div className={`px-4 lg:pl-6 ${ROW_COLUMNS}`}>
          <SeasonLegend />
          <SeasonAxis span={span} today={today} />
        </div>
      )}
      {garden.rows.map((view, i) => {
        const daily = rowThirst(view, today, setting);
        const every = wateringDays(view, today, setting);
        return (
          <div key={view.row.id}>
            <StillRow
              view={view}
              number={i + 1}
              span={span}
              today={today}
              selection={selection}
              onSelect={setSelection}
              isLarge
            />
            <p className="px-4 pb-2 text-note">
              {daily > 0
                ? t("water.row", {
                    day: quantity(daily, "volume"),
                    days:
                      every < 1 ? t("water.twiceADay") : t("water.everyDays", { days: Math.floor(every) }),
                  })
                : t("water.none")}
            </p>
            {planting && chosen === view && (
              <div className="mx-4 mb-3 border-l-4 border-beet bg-card p-3">
                <h3 className="font-head text-lg font-bold">{crop(planting.goal.id)}</h3>
                <Dates stages={planting.season.stages} />
                <RipenessLine goal={planting.goal} />
                {planting.goal.cautions.map((caution) => (
                  <Caution key={caution}>{t(`cautions.${caution}`)}</Caution>
                ))}
              </div>
            )}
          </div>
        );
      })}
      <div className="grid gap-2 px-4">
        <Caution>{t("cautions.floor")}</Caution>
        <Caution>{t("cautions.water")}</Caution>
      </div>
    </div>
  );
}
