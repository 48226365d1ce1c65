"use client";

import { useCallback } from "react";
import { FOOD_GROUPS, NO_WANTS, weeklyWantG } from "@/core/food";
import type { Setting } from "@/core/setting";
import { type Sums, tooThirsty } from "@/core/year";
import { Chart } from "@/ui/draw/chart";
import { chartInk } from "@/ui/draw/chart-ink";
import { useWords } from "@/ui/words/use-words";
import { known } from "@/core/known";

/** The ink of each kind of food, in their order. */
const KINDS = ["leaf", "water", "soil", "marigold", "beet", "soil-light"] as const;

/** The year week by week: food by kind against what is wanted, and water against what can be carried. */
export function Year({
  sums,
  setting,
  waterLDay,
}: {
  sums: Sums;
  setting: Setting;
  waterLDay: number | null;
}) {
  const { t, day, month, money, quantity, harvest, shown, number, percent } = useWords();
  const { economy, water, waterMost: most, hours, busiest } = sums;
  const want = Object.values(
    weeklyWantG(setting.wants ?? NO_WANTS, setting.people ?? { adults: 2, children: 0 }),
  ).reduce((a, b) => a + b, 0);
  const limit = waterLDay === null ? undefined : 7 * waterLDay;
  const over = limit === undefined ? undefined : tooThirsty(sums, limit);

  const food = useCallback(() => {
    const inks = chartInk();
    const { ink, muted, line } = inks;
    return {
      aria: { enabled: true, decal: { show: true } },
      animation: false,
      textStyle: { fontFamily: "inherit", color: ink },
      grid: { left: 44, right: 8, top: 10, bottom: 22 },
      tooltip: { trigger: "axis", valueFormatter: (v: unknown) => quantity(Number(v) / 1000, "mass") },
      xAxis: {
        type: "category",
        data: economy.weeks.map((w) => day(w.from)),
        axisLabel: {
          color: muted,
          interval: 4,
          formatter: (_: string, i: number) => month(known(economy.weeks[i]).from),
        },
        axisLine: { lineStyle: { color: ink } },
      },
      yAxis: {
        type: "value",
        axisLabel: { color: muted, formatter: (v: number) => shown(v / 1000, "mass").amount },
        splitLine: { lineStyle: { color: line } },
      },
      series: [
        ...FOOD_GROUPS.map((group, i) => ({
          type: "bar",
          stack: "food",
          name: t(`foodGroups.${group}`),
          color: inks[known(KINDS[i])],
          barCategoryGap: "15%",
          data: economy.weeks.map((w) => Math.round(w.g[group] ?? 0)),
        })),
        {
          type: "line",
          name: t("year.want"),
          color: ink,
          symbol: "none",
          lineStyle: { type: "dashed", width: 1.5 },
          data: economy.weeks.map(() => Math.round(want)),
        },
      ],
    };
  }, [economy, want, t, day, month, quantity, shown]);

  const drawn = useCallback(() => {
    const { ink, muted, line, beet, water: blue } = chartInk();
    return {
      animation: false,
      textStyle: { fontFamily: "inherit", color: ink },
      grid: { left: 44, right: 8, top: 10, bottom: 22 },
      tooltip: { trigger: "axis", valueFormatter: (v: unknown) => quantity(Number(v), "volume") },
      xAxis: {
        type: "category",
        data: water.map((w) => day(w.from)),
        axisLabel: {
          color: muted,
          interval: 2,
          formatter: (_: string, i: number) => month(known(water[i]).from),
        },
        axisLine: { lineStyle: { color: ink } },
      },
      yAxis: {
        type: "value",
        axisLabel: { color: muted, formatter: (v: number) => shown(v, "volume").amount },
        splitLine: { lineStyle: { color: line } },
      },
      series: [
        {
          type: "bar",
          name: t("year.water"),
          color: blue,
          barCategoryGap: "15%",
          data: water.map((w) => Math.round(w.l)),
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
                data: water.map(() => limit),
              },
            ]),
      ],
    };
  }, [water, limit, t, day, month, quantity, shown]);

  return (
    <section aria-labelledby="year" className="border-t-rule border-ink px-4 py-3 lg:px-6">
      <h2 id="year" className="text-lg font-bold">
        {t("year.title")}
      </h2>
      <p className="mb-2 text-note">
        {t("year.food", {
          food: harvest(economy.harvest),
          low: money(economy.worthMinor.low),
          high: money(economy.worthMinor.high),
          want: quantity(want / 1000, "mass"),
        })}{" "}
        {economy.bagsASeasonMinor > 0 && t("year.bags", { money: money(economy.bagsASeasonMinor) })}
      </p>
      <ul aria-hidden="true" className="mb-1 flex flex-wrap gap-x-4 gap-y-1 text-fine">
        {FOOD_GROUPS.map((group, i) => (
          <li key={group} className="flex items-center gap-1.5">
            <i
              className="inline-block h-3 w-4 border border-ink"
              style={{ background: `var(--${KINDS[i]})` }}
            />
            {t(`foodGroups.${group}`)}
          </li>
        ))}
        <li className="flex items-center gap-1.5">
          <i className="inline-block w-5 border-t-rule border-dashed border-ink" />
          {t("year.want")}
        </li>
      </ul>
      <Chart option={food} height={240} label={t("year.foodChart", { food: harvest(economy.harvest) })} />
      <p className="mt-2 mb-1 text-note">
        {most.l > 0
          ? t("year.waterMost", { water: quantity(most.l, "volume"), day: day(most.from) })
          : t("bench.waterNone")}{" "}
        {over && limit !== undefined && (
          <b className="text-beet">
            ▲{" "}
            {t("year.waterOver", {
              limit: quantity(limit, "volume"),
              day: day(over.from),
              share: percent(over.share),
            })}
          </b>
        )}
      </p>
      <p className="mb-1 text-note">
        {t("year.work", { hours: number(hours), most: number(busiest.hours), day: day(busiest.from) })}
      </p>
      <Chart
        option={drawn}
        height={120}
        label={t("year.waterChart", { water: quantity(most.l, "volume") })}
      />
    </section>
  );
}
