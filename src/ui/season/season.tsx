"use client";

import { type ReactNode, useCallback } from "react";
import type { Day } from "@/core/day";
import type { PlaceKind } from "@/core/place";
import { type Counted, type Detail, kgOf, type Weighing } from "@/core/record";
import { causeOfLate, type LateStep } from "@/core/trouble";
import { FactTable } from "@/ui/primitives/fact-table";
import { amountAxis } from "@/ui/draw/amount-axis";
import { Chart } from "@/ui/draw/chart";
import { chartInk } from "@/ui/draw/chart-ink";
import { WeekChart } from "@/ui/draw/week-chart";
import { buttonClass } from "@/ui/primitives/button";
import { JudgingSince } from "@/ui/primitives/judging-since";
import { useWords } from "@/ui/words/use-words";
import { type Weigh, Weighings } from "./weighings";
import { t } from "./words";

interface Amounts {
  readonly kg: number;
  readonly pieces: number;
  readonly bunches: number;
}
interface Week extends Amounts {
  readonly from: Day;
  readonly households: number;
}
interface Crop extends Amounts {
  readonly goalId: string;
  readonly households: number;
  /** The part of `kg` that was counted, and weighed by what one weighs; and what is left that nobody can weigh. */
  readonly countedKg: number;
  readonly left: Readonly<Record<Counted, number>>;
}
interface Loss {
  readonly goalId: string;
  readonly reason: NonNullable<Detail["reason"]> | null;
  readonly plants: number;
  readonly households: number;
}

export interface SeasonProps {
  readonly since: Day;
  /** Left out where nothing was picked. */
  readonly thisWeek?: Week;
  readonly lastWeek?: Week;
  readonly weeks: readonly Week[];
  readonly crops: readonly Crop[];
  readonly weighings: readonly Weighing[];
  /** Left out for those who may not. */
  readonly weigh?: Weigh;
  readonly places: readonly {
    readonly kind: PlaceKind;
    readonly households: number;
    readonly pickers: number;
    readonly kg: number;
    /** For each that picked; left out where nothing was weighed. */
    readonly eachKg?: number;
  }[];
  readonly losses: readonly Loss[];
  readonly late: readonly LateStep[];
  /** When the queue added up what was picked, where it did. */
  readonly madeAt?: string;
  readonly judgingSince?: string;
}

/** So many kinds stand on the chart; the table below has all. */
const CHARTED = 12;

/** What came in: by week, by crop and by kind of place; what waits too long and what was lost, with what is likely behind it. */
export function Season({
  since,
  thisWeek,
  lastWeek,
  weeks,
  crops,
  weighings,
  weigh,
  places,
  losses,
  late,
  madeAt,
  judgingSince,
}: SeasonProps) {
  const words = useWords();
  const { clock, day, quantity } = words;
  return (
    <div className="px-4 py-4 lg:px-6">
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
        <div>
          <h1 className="text-title font-bold">{t("season.title")}</h1>
          <p className="text-muted">{t("season.lead", { since: day(since) })}</p>
          {madeAt && <p className="text-sm">{t("season.madeAt", { time: clock(madeAt) })}</p>}
          <JudgingSince since={judgingSince} />
        </div>
        <div className="ml-auto flex flex-wrap gap-2">
          <a href="/records.csv" download className={buttonClass("open")}>
            {t("shared.recordsCsv")}
          </a>
          <a href="/records.zip" download className={buttonClass("open")}>
            {t("season.package")}
          </a>
        </div>
      </div>
      <p className="my-3 text-lg font-semibold">
        {t("season.sums", {
          week: words.picked(thisWeek ?? {}) || t("season.nothing"),
          last: words.picked(lastWeek ?? {}) || t("season.nothing"),
          all: quantity(kgOf(weeks), "mass"),
        })}
      </p>
      {weeks.length === 0 ? (
        <p className="border-t border-line py-6">{t("season.none")}</p>
      ) : (
        <div className="grid gap-x-10 gap-y-8 lg:grid-cols-2">
          <ByWeek weeks={weeks} />
          <ByCrop crops={crops} />
          <Part title={t("season.byPlace")}>
            <FactTable
              head={[
                t("season.place"),
                t("season.households"),
                t("season.pickers"),
                t("season.kg"),
                t("season.each"),
              ]}
              rows={places.map((p) => [
                t(`places.${p.kind}`),
                String(p.households),
                String(p.pickers),
                p.kg > 0 ? quantity(p.kg, "mass") : "–",
                p.eachKg === undefined ? "–" : quantity(p.eachKg, "mass"),
              ])}
            />
          </Part>
          <Trouble late={late} losses={losses} />
          {weigh && crops.some((c) => c.pieces + c.bunches > 0) && (
            <Part title={t("season.weighings")}>
              <Weighings crops={crops} weighings={weighings} weigh={weigh} />
            </Part>
          )}
        </div>
      )}
    </div>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section aria-label={title} className="min-w-0">
      <h2 className="border-t-rule border-ink pt-1.5 text-lg font-bold">{title}</h2>
      {children}
    </section>
  );
}

function ByWeek({ weeks }: { weeks: readonly Week[] }) {
  const words = useWords();
  const { day } = words;
  return (
    <Part title={t("season.byWeek")}>
      <WeekChart weeks={weeks} height={180} label={t("season.byWeekChart", { weeks: weeks.length })} />
      <details>
        <summary className="cursor-pointer py-1 text-note font-semibold">{t("shared.table")}</summary>
        <FactTable
          head={[t("season.week"), t("season.households"), t("season.picked")]}
          rows={[...weeks].reverse().map((w) => [day(w.from), String(w.households), words.picked(w)])}
        />
      </details>
    </Part>
  );
}

function ByCrop({ crops }: { crops: readonly Crop[] }) {
  const words = useWords();
  const { crop } = words;
  const option = useCallback(() => {
    const inks = chartInk();
    const shown = crops.filter((c) => c.kg > 0).slice(0, CHARTED);
    return {
      animation: false,
      textStyle: inks.text,
      tooltip: { trigger: "axis", valueFormatter: (v: unknown) => words.quantity(Number(v), "mass") },
      grid: {
        left: 4,
        right: 12,
        top: 4,
        bottom: 20,
        outerBoundsMode: "same",
        outerBoundsContain: "axisLabel",
      },
      xAxis: { ...amountAxis(inks, (kg) => words.quantity(kg, "mass")), type: "value" },
      yAxis: {
        type: "category",
        inverse: true,
        data: shown.map((c) => words.crop(c.goalId)),
        axisLabel: { color: inks.ink },
        axisLine: { lineStyle: { color: inks.ink } },
        axisTick: { show: false },
      },
      series: [{ type: "bar", color: inks.leaf, barMaxWidth: 14, data: shown.map((c) => c.kg) }],
    };
  }, [crops, words]);
  return (
    <Part title={t("season.byCrop")}>
      <Chart
        option={option}
        height={40 + 22 * Math.min(CHARTED, crops.filter((c) => c.kg > 0).length)}
        label={t("season.byCropChart", { count: crops.length })}
      />
      <details>
        <summary className="cursor-pointer py-1 text-note font-semibold">{t("shared.table")}</summary>
        <FactTable
          head={[t("season.crop"), t("season.households"), t("season.picked")]}
          rows={crops.map((c) => [
            crop(c.goalId),
            String(c.households),
            [
              words.picked({ kg: c.kg, ...c.left }),
              c.countedKg > 0 && t("season.counted", { weight: words.quantity(c.countedKg, "mass") }),
            ]
              .filter(Boolean)
              .join(", "),
          ])}
        />
      </details>
    </Part>
  );
}

/** What waits too long and what was lost, and what is likely behind it. */
function Trouble({ late, losses }: Pick<SeasonProps, "late" | "losses">) {
  const words = useWords();
  const { crop, number } = words;
  return (
    <Part title={t("season.trouble")}>
      {late.length + losses.length === 0 && <p className="text-muted">{t("season.noTrouble")}</p>}
      <ul className="text-note">
        {late.map((step) => {
          const { goalId, task, plantings, households, days } = step;
          return (
            <li key={`${goalId}/${task}`} className="border-t border-line py-1.5">
              <b>{crop(goalId)}</b>: {t(`season.waits.${task}`, { count: plantings, households })}{" "}
              {t("season.waitsFor", { days: number(Math.round(days)) })}
              <span className="block text-muted">{t(`season.causes.${causeOfLate(step)}`, { task })}</span>
            </li>
          );
        })}
        {losses.map(({ goalId, reason, plants, households }) => (
          <li key={`${goalId}/${reason}`} className="border-t border-line py-1.5">
            <b>{crop(goalId)}</b>: {t("season.lost", { plants, households })}{" "}
            {reason ? t(`detail.reasons.${reason}`) : t("season.noReason")}
          </li>
        ))}
      </ul>
    </Part>
  );
}
