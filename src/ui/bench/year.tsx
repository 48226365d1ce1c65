"use client";

import { type ReactNode, useCallback } from "react";
import type { Day } from "@/core/day";
import { NO_WANTS, weeklyWantG } from "@/core/food";
import type { Setting } from "@/core/setting";
import { foodByKind, foodByWeek, type Span, type Sums, tooThirsty } from "@/core/year";
import { amountAxis } from "@/ui/draw/amount-axis";
import { Chart } from "@/ui/draw/chart";
import { chartInk } from "@/ui/draw/chart-ink";
import { useWords } from "@/ui/words/use-words";
import { ROW_COLUMNS } from "./row-frame";
import { t } from "./words";

interface YearProps {
  readonly sums: Sums;
  readonly setting: Setting;
  /** The time that the rows above are drawn on, and that these are drawn on too. */
  readonly span: Span;
  readonly today: Day;
  readonly waterLDay: number | null;
}

/** The year week by week under the rows, on their own time: food against what is wanted, and water against what can be carried. */
export function Year({ sums, setting, span, today, waterLDay }: YearProps) {
  const { day, money, quantity, harvest, shown, number, percent } = useWords();
  const { economy, water, waterMost: most, hours, busiest } = sums;
  const want = Object.values(
    weeklyWantG(setting.wants ?? NO_WANTS, setting.people ?? { adults: 2, children: 0 }),
  ).reduce((a, b) => a + b, 0);
  const limit = waterLDay === null ? undefined : 7 * waterLDay;
  const over = limit === undefined ? undefined : tooThirsty(sums, limit);
  const byKind = foodByKind(economy);

  /** What both charts share: the rows' time from edge to edge, and amounts in one unit. */
  const frame = useCallback(
    (unitOf: (value: number) => string) => {
      const inks = chartInk();
      const { ink, beet } = inks;
      return {
        animation: false,
        textStyle: inks.text,
        grid: { left: 0, right: 0, top: 8, bottom: 4 },
        xAxis: {
          type: "time",
          min: span.from,
          max: span.to,
          axisLabel: { show: false },
          axisTick: { show: false },
          splitLine: { show: false },
          axisLine: { lineStyle: { color: ink } },
        },
        yAxis: amountAxis(inks, unitOf),
        mark: {
          silent: true,
          symbol: "none",
          label: { show: false },
          lineStyle: { color: beet, width: 2, type: "solid" },
          data: [{ xAxis: today }],
        },
      };
    },
    [span, today],
  );

  const food = useCallback(() => {
    const { ink, leaf } = chartInk();
    const weeks = foodByWeek(economy);
    const { mark, ...base } = frame((g) => quantity(g / 1000, "mass"));
    const line = (name: string, data: unknown[], more: object) => ({
      type: "line",
      name,
      symbol: "none",
      data,
      ...more,
    });
    return {
      ...base,
      tooltip: { trigger: "axis", valueFormatter: (v: unknown) => quantity(Number(v) / 1000, "mass") },
      series: [
        line(
          t("year.low"),
          weeks.map((w) => [w.from, Math.round(w.low)]),
          { stack: "range", lineStyle: { opacity: 0 } },
        ),
        line(
          t("year.spread"),
          weeks.map((w) => [w.from, Math.round(w.high - w.low)]),
          {
            stack: "range",
            lineStyle: { opacity: 0 },
            areaStyle: { color: leaf, opacity: 0.25 },
          },
        ),
        line(
          t("year.likely"),
          weeks.map((w) => [w.from, Math.round(w.likely)]),
          { color: leaf, lineStyle: { width: 2 }, markLine: mark },
        ),
        line(
          t("year.want"),
          [
            [span.from, Math.round(want)],
            [span.to, Math.round(want)],
          ],
          { color: ink, lineStyle: { type: "dashed", width: 1.5 } },
        ),
      ],
    };
  }, [economy, want, span, frame, quantity]);

  const drawn = useCallback(() => {
    const { beet, water: blue } = chartInk();
    const { mark, ...base } = frame((l) => quantity(l, "volume"));
    return {
      ...base,
      tooltip: { trigger: "axis", valueFormatter: (v: unknown) => quantity(Number(v), "volume") },
      series: [
        {
          type: "bar",
          name: t("year.water"),
          color: blue,
          barCategoryGap: "15%",
          data: water.map((w) => [w.from, Math.round(w.l)]),
          markLine: mark,
        },
        ...(limit === undefined
          ? []
          : [
              {
                type: "line",
                name: t("year.carried"),
                color: beet,
                symbol: "none",
                lineStyle: { type: "dashed", width: 1.5 },
                data: [
                  [span.from, limit],
                  [span.to, limit],
                ],
              },
            ]),
      ],
    };
  }, [water, limit, span, frame, quantity]);

  return (
    <section aria-labelledby="year" className="border-t-rule border-ink">
      <Line
        title={
          <h2 id="year" className="text-lg font-bold">
            {t("year.foodWeek")}
          </h2>
        }
        chart={
          <Chart option={food} height={112} label={t("year.foodChart", { food: harvest(economy.harvest) })} />
        }
      >
        <p>
          {t("year.foodKey")} {t("year.wantKey", { want: quantity(want / 1000, "mass") })}
        </p>
        <p>
          {byKind
            .map(
              ({ group, g }) =>
                `${t(`foodGroups.${group}`)} ${shown(g / 1000, "mass").amount} ${shown(g / 1000, "mass").unit}`,
            )
            .join(" · ")}
        </p>
      </Line>
      <Line
        title={<h3 className="text-lg font-bold">{t("year.waterWeek")}</h3>}
        chart={
          <Chart
            option={drawn}
            height={92}
            label={t("year.waterChart", { water: quantity(most.l, "volume") })}
          />
        }
      >
        <p>
          {most.l > 0
            ? t("year.waterMost", { water: quantity(most.l, "volume"), day: day(most.from) })
            : t("water.none")}
        </p>
        {over && limit !== undefined && (
          <p className="font-semibold text-beet">
            ▲{" "}
            {t("year.waterOver", {
              limit: quantity(limit, "volume"),
              day: day(over.from),
              share: percent(over.share),
            })}
          </p>
        )}
      </Line>
      <p className="border-t border-line px-4 py-2 text-note lg:px-6">
        {t("year.food", {
          food: harvest(economy.harvest),
          low: money(economy.worthMinor.low),
          high: money(economy.worthMinor.high),
          want: quantity(want / 1000, "mass"),
        })}{" "}
        {economy.paidBack
          ? t("year.paidBack", {
              day: day(economy.paidBack),
              late: economy.paidBackLate ? day(economy.paidBackLate) : t("bench.paidNever"),
            })
          : t("year.neverPaid")}{" "}
        {economy.sold && setting.wants?.sell
          ? t("year.sold", {
              food: t(`foodGroups.${setting.wants.sell.group}`),
              kg: harvest(economy.sold.kg),
              low: money(economy.sold.minor.low),
              high: money(economy.sold.minor.high),
            })
          : ""}{" "}
        {economy.bagsASeasonMinor > 0 && t("year.bags", { money: money(economy.bagsASeasonMinor) })}{" "}
        {t("year.work", { hours: number(hours), most: number(busiest.hours), day: day(busiest.from) })}
      </p>
    </section>
  );
}

/** One sum of the year: what it is at the left, and its chart under the rows' seasons. */
function Line({ title, chart, children }: { title: ReactNode; chart: ReactNode; children: ReactNode }) {
  return (
    <div className={`px-4 pt-2 lg:pr-0 lg:pl-6 ${ROW_COLUMNS}`}>
      <div className="mb-1 text-fine text-muted [&_h2]:text-ink [&_h3]:text-ink">
        {title}
        {children}
      </div>
      {chart}
    </div>
  );
}
