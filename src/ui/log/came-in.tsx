"use client";

import { useCallback } from "react";
import type { Day } from "@/core/day";
import { amountAxis } from "@/ui/draw/amount-axis";
import { Chart } from "@/ui/draw/chart";
import { chartInk } from "@/ui/draw/chart-ink";
import { useWords } from "@/ui/words/use-words";

interface Week {
  readonly from: Day;
  readonly kg: number;
}

/** The chart of what came in, in the reader's words and units. */
function chartOf(weeks: readonly Week[], { t, quantity, day }: ReturnType<typeof useWords>) {
  const inks = chartInk();
  const { ink, muted, leaf } = inks;
  return {
    animation: false,
    textStyle: { fontFamily: "inherit", color: ink },
    grid: { left: 4, right: 4, top: 10, bottom: 20 },
    tooltip: { trigger: "axis", valueFormatter: (v: unknown) => quantity(Number(v), "mass") },
    xAxis: {
      type: "category",
      data: weeks.map((w) => day(w.from)),
      axisLabel: { color: muted, hideOverlap: true },
      axisLine: { lineStyle: { color: ink } },
    },
    yAxis: amountAxis(inks, (kg) => quantity(kg, "mass")),
    series: [
      { type: "bar", name: t("log.cameIn"), color: leaf, barMaxWidth: 24, data: weeks.map((w) => w.kg) },
    ],
  };
}

/** What was picked and weighed, week by week. */
export function CameIn({ weeks }: { weeks: readonly Week[] }) {
  const words = useWords();
  const { t, quantity } = words;
  const kg = weeks.reduce((sum, week) => sum + week.kg, 0);
  const option = useCallback(() => chartOf(weeks, words), [weeks, words]);
  return (
    <section aria-label={t("log.cameIn")} className="mb-4">
      <h2 className="text-lg font-bold">{t("log.cameIn")}</h2>
      <Chart
        option={option}
        height={110}
        label={t("log.cameInChart", { kg: quantity(kg, "mass"), weeks: weeks.length })}
      />
    </section>
  );
}
