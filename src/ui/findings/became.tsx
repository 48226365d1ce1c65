"use client";

import { useCallback } from "react";
import { type End, ENDS, type GoalReport } from "@/core/findings";
import { Chart } from "@/ui/draw/chart";
import { chartInk } from "@/ui/draw/chart-ink";
import { shareAxes } from "@/ui/draw/share-axes";
import { FactTable } from "@/ui/primitives/fact-table";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

/** What became of plantings, day by day: picked, lost or pulled, each shutting out the others; and the table behind it. */
export function Became({
  became: { steps, plantings, open },
}: {
  became: NonNullable<GoalReport["became"]>;
}) {
  const { number, percent } = useWords();
  const last = steps.at(-1);
  const share = (end: End) => last?.shares[end] ?? 0;
  const option = useCallback(() => {
    const inks = chartInk();
    const { ink, beet, leaf, marigold, "soil-light": soil } = inks;
    const fill: Record<End, string> = {
      picked: leaf,
      "lost-young": marigold,
      "lost-grown": beet,
      pulled: soil,
    };
    return {
      animation: false,
      textStyle: inks.text,
      // Told apart by texture too, in black and white.
      aria: { enabled: true, decal: { show: true } },
      ...shareAxes(inks, t("findings.daysAfter")),
      legend: { show: false },
      series: ENDS.map((end) => ({
        name: t(`findings.ends.${end}`),
        type: "line",
        step: "end",
        stack: "ends",
        symbol: "none",
        lineStyle: { width: 1, color: ink },
        itemStyle: { color: fill[end] },
        areaStyle: { opacity: 0.55 },
        data: [[0, 0], ...steps.map(({ day, shares }) => [day, 100 * (shares[end] ?? 0)])],
      })),
    };
  }, [steps]);
  const told = ENDS.filter((end) => share(end) > 0);
  return (
    <section aria-label={t("findings.became")} className="min-w-0">
      <h3 className="font-bold">{t("findings.became")}</h3>
      <p className="text-note">
        {t("findings.becameSays", {
          day: number(last?.day ?? 0),
          ends: told.map((end) => `${percent(share(end))} ${t(`findings.ends.${end}`)}`).join(", "),
          ...{ plantings, open },
        })}
      </p>
      <Chart option={option} height={170} label={t("findings.becameChart", { count: steps.length })} />
      <p className="text-fine text-muted">
        {t("findings.becameLegend", { ends: ENDS.map((end) => t(`findings.ends.${end}`)).join(", ") })}
      </p>
      <details>
        <summary className="cursor-pointer py-1 text-note font-semibold">{t("shared.table")}</summary>
        <FactTable
          head={[t("findings.day"), ...ENDS.map((end) => t(`findings.ends.${end}`))]}
          rows={steps.map(({ day, shares }) => [
            number(day),
            ...ENDS.map((end) => percent(shares[end] ?? 0)),
          ])}
        />
      </details>
    </section>
  );
}
