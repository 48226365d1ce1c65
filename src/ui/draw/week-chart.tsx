"use client";

import { useCallback } from "react";
import { everyWeek, type PickedWeek } from "@/core/record";
import { useWords } from "@/ui/words/use-words";
import { amountAxis } from "./amount-axis";
import { Chart } from "./chart";
import { chartInk } from "./chart-ink";
import { t } from "./words";

/** What was picked and weighed, week by week, weeks without a pick too. */
export function WeekChart({
  weeks,
  height,
  label,
}: {
  weeks: readonly PickedWeek[];
  /** px */
  height: number;
  /** What it shows, for those who hear the page. */
  label: string;
}) {
  const { quantity, day } = useWords();
  const option = useCallback(() => {
    const inks = chartInk();
    const { ink, muted, leaf } = inks;
    const all = everyWeek(weeks);
    return {
      animation: false,
      textStyle: inks.text,
      grid: { left: 4, right: 16, top: 10, bottom: 20 },
      tooltip: { trigger: "axis", valueFormatter: (v: unknown) => quantity(Number(v), "mass") },
      xAxis: {
        type: "category",
        data: all.map((w) => day(w.from)),
        axisLabel: { color: muted, hideOverlap: true },
        axisLine: { lineStyle: { color: ink } },
      },
      yAxis: amountAxis(inks, (kg) => quantity(kg, "mass")),
      series: [
        { type: "bar", name: t("draw.cameIn"), color: leaf, barMaxWidth: 24, data: all.map((w) => w.kg) },
      ],
    };
  }, [weeks, quantity, day]);
  return <Chart option={option} height={height} label={label} />;
}
