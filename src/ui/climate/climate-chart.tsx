"use client";

import { useCallback } from "react";
import type { Climate } from "@/core/climate";
import { addMonths } from "@/core/day";
import { Chart } from "@/ui/draw/chart";
import { chartInk } from "@/ui/draw/chart-ink";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

/** Lines that growers go by, °C: frost, nights for warm crops, days at which lettuce bolts. */
const LINES = [
  { c: 0, word: "frostLine" },
  { c: 15.5, word: "warmLine" },
  { c: 24, word: "boltLine" },
] as const;

/** The twelve months as they usually are, lowest to highest of the day, with the lines that growers go by. */
export function ClimateChart({ climate, year }: { climate: Pick<Climate, "lowC" | "highC">; year: string }) {
  const { month, shown, quantity } = useWords();
  const { lowC, highC } = climate;
  const option = useCallback(() => {
    const { text, ink, muted, line, leaf, beet } = chartInk();
    const degrees = (c: number) => Number(shown(c, "temperature").amount.replace("−", "-"));
    const months = lowC.map((_, i) => month(addMonths(`${year}-01-15`, i)));
    return {
      animation: false,
      textStyle: text,
      grid: { left: 34, right: 6, top: 10, bottom: 20 },
      tooltip: { trigger: "axis" },
      xAxis: {
        type: "category",
        data: months,
        axisLabel: { color: muted },
        axisLine: { lineStyle: { color: ink } },
      },
      yAxis: {
        type: "value",
        axisLabel: { color: muted, formatter: (v: number) => `${v}°` },
        splitLine: { lineStyle: { color: line } },
      },
      series: [
        {
          type: "line",
          name: t("climate.nights"),
          color: ink,
          symbol: "none",
          lineStyle: { type: "dotted", width: 2 },
          data: lowC.map(degrees),
        },
        {
          type: "line",
          name: t("climate.days"),
          color: leaf,
          symbol: "none",
          lineStyle: { width: 2.5 },
          data: highC.map(degrees),
        },
        ...LINES.map(({ c, word }) => ({
          type: "line",
          name: t(`climate.${word}`),
          color: beet,
          symbol: "none",
          lineStyle: { type: "dashed", width: 1 },
          data: lowC.map(() => degrees(c)),
        })),
      ],
    };
  }, [lowC, highC, year, month, shown]);
  return (
    <div className="mb-3">
      <Chart
        option={option}
        height={190}
        label={t("climate.chart", {
          least: quantity(Math.min(...lowC), "temperature"),
          most: quantity(Math.max(...highC), "temperature"),
        })}
      />
      <p className="text-fine text-muted">{t("climate.chartKey")}</p>
    </div>
  );
}
