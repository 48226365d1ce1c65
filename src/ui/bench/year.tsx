"use client";

import { useCallback, useMemo } from "react";
import { addDays, type Day } from "@/core/day";
import { FOOD_GROUPS, NO_WANTS, weeklyWantG } from "@/core/food";
import { economyOf, type Garden, hoursByWeek, type Setting, weeklyThirst } from "@/core/garden";
import { Chart, chartInk } from "@/ui/draw/chart";
import { useWords } from "@/ui/words/use-words";

const WEEKS = 52;
const WATER_EVERY = 2;

/** The year week by week: food by kind against what is wanted, and water against what can be carried. */
export function Year({ garden, setting, today, waterLDay }: { garden: Garden; setting: Setting; today: Day; waterLDay: number | null }) {
  const { t, day, month, money, quantity, shown, number } = useWords();
  const economy = useMemo(() => economyOf(garden, setting, today, WEEKS), [garden, setting, today]);
  const water = useMemo(
    () => Array.from({ length: WEEKS / WATER_EVERY }, (_, i) => ({ from: addDays(today, 7 * WATER_EVERY * i), l: weeklyThirst(garden, addDays(today, 7 * WATER_EVERY * i + 7), setting) })),
    [garden, setting, today],
  );
  const want = Object.values(weeklyWantG(setting.wants ?? NO_WANTS, setting.people ?? { adults: 2, children: 0 })).reduce((a, b) => a + b, 0);
  const hours = useMemo(() => hoursByWeek(garden, setting, today, WEEKS), [garden, setting, today]);
  const busiest = Math.max(...hours);
  const most = water.reduce((a, b) => (b.l > a.l ? b : a));
  const limit = waterLDay === null ? undefined : 7 * waterLDay;
  const over = limit === undefined ? undefined : water.find((w) => w.l > limit);

  const food = useCallback(() => {
    const { ink, muted, line, beet, leaf, marigold, soil, soilLight, water: blue } = chartInk();
    const colours = [leaf, blue, soil, marigold, beet, soilLight];
    return {
      aria: { enabled: true, decal: { show: true } },
      animation: false,
      textStyle: { fontFamily: "inherit", color: ink },
      grid: { left: 44, right: 8, top: 58, bottom: 22 },
      legend: { top: 0, left: 0, itemWidth: 16, itemHeight: 12, textStyle: { color: ink, fontSize: 12 } },
      tooltip: { trigger: "axis", valueFormatter: (v: unknown) => quantity(Number(v) / 1000, "mass") },
      xAxis: { type: "category", data: economy.weeks.map((w) => day(w.from)), axisLabel: { color: muted, interval: 4, formatter: (_: string, i: number) => month(economy.weeks[i]!.from) }, axisLine: { lineStyle: { color: ink } } },
      yAxis: { type: "value", axisLabel: { color: muted, formatter: (v: number) => shown(v / 1000, "mass").amount }, splitLine: { lineStyle: { color: line } } },
      series: [
        ...FOOD_GROUPS.map((group, i) => ({ type: "bar", stack: "food", name: t(`foodGroups.${group}`), color: colours[i], barCategoryGap: "15%", data: economy.weeks.map((w) => Math.round(w.g[group] ?? 0)) })),
        { type: "line", name: t("year.want"), color: ink, symbol: "none", lineStyle: { type: "dashed", width: 1.5 }, data: economy.weeks.map(() => Math.round(want)) },
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
      xAxis: { type: "category", data: water.map((w) => day(w.from)), axisLabel: { color: muted, interval: 2, formatter: (_: string, i: number) => month(water[i]!.from) }, axisLine: { lineStyle: { color: ink } } },
      yAxis: { type: "value", axisLabel: { color: muted, formatter: (v: number) => shown(v, "volume").amount }, splitLine: { lineStyle: { color: line } } },
      series: [
        { type: "bar", name: t("year.water"), color: blue, barCategoryGap: "15%", data: water.map((w) => Math.round(w.l)) },
        ...(limit === undefined ? [] : [{ type: "line", name: t("year.carried"), color: beet, symbol: "none", lineStyle: { type: "dashed", width: 1.5 }, data: water.map(() => limit) }]),
      ],
    };
  }, [water, limit, t, day, month, quantity, shown]);

  return (
    <section aria-labelledby="year" className="border-t-[1.5px] border-ink px-4 py-3 lg:px-6">
      <h2 id="year" className="text-lg font-bold">
        {t("year.title")}
      </h2>
      <p className="mb-2 text-[0.9375rem]">
        {t("year.food", { food: quantity(economy.totalG / 1000, "mass"), worth: money(economy.worthMinor), want: quantity(want / 1000, "mass") })}{" "}
        {economy.bagsASeasonMinor > 0 && t("year.bags", { money: money(economy.bagsASeasonMinor) })}
      </p>
      <Chart option={food} height={240} label={t("year.foodChart", { food: quantity(economy.totalG / 1000, "mass") })} />
      <p className="mt-2 mb-1 text-[0.9375rem]">
        {most.l > 0 ? t("year.waterMost", { water: quantity(most.l, "volume"), day: day(most.from) }) : t("bench.waterNone")}{" "}
        {over && limit !== undefined && <b className="text-beet">▲ {t("year.waterOver", { limit: quantity(limit, "volume"), day: day(over.from), share: number((100 * most.l) / limit) })}</b>}
      </p>
      <p className="mb-1 text-[0.9375rem]">{t("year.work", { hours: number(hours.reduce((a, b) => a + b, 0) / WEEKS), most: number(busiest), day: day(addDays(today, 7 * hours.indexOf(busiest))) })}</p>
      <Chart option={drawn} height={120} label={t("year.waterChart", { water: quantity(most.l, "volume") })} />
    </section>
  );
}
