"use client";

import { useCallback } from "react";
import type { Calibrated } from "@/core/findings";
import { Chart } from "@/ui/draw/chart";
import { chartInk } from "@/ui/draw/chart-ink";
import { FactTable } from "@/ui/primitives/fact-table";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

const ABOUT = ["up", "pick", "harvest"] as const;
const SYMBOLS = { up: "circle", pick: "rect", harvest: "triangle" };

export interface CalibrationProps {
  readonly calibration: Readonly<Record<(typeof ABOUT)[number], Calibrated>>;
}

/** Whether ranges hold as often as they promise: what is expected, held against what came. */
export function Calibration({ calibration }: CalibrationProps) {
  const { percent, number } = useWords();
  const option = useCallback(() => {
    const { text, ink, muted, line, beet, leaf, water } = chartInk();
    const inks = { up: leaf, pick: beet, harvest: water };
    const axis = (name: string) => ({
      ...{ type: "value", min: 0, max: 100, interval: 25, name, nameLocation: "middle", nameGap: 28 },
      axisLabel: { color: muted, formatter: "{value} %" },
      splitLine: { lineStyle: { color: line } },
    });
    return {
      animation: false,
      textStyle: text,
      grid: { left: 56, right: 12, top: 30, bottom: 44 },
      legend: { top: 0, left: 0, textStyle: { color: ink } },
      xAxis: axis(t("findings.promised")),
      yAxis: axis(t("findings.held")),
      series: [
        {
          type: "line",
          symbol: "none",
          data: [
            [0, 0],
            [100, 100],
          ],
          lineStyle: { color: muted, type: "dashed", width: 1 },
          silent: true,
        },
        ...ABOUT.filter((about) => calibration[about].held.length > 0).map((about) => ({
          type: "line",
          name: t(`findings.about.${about}`),
          symbol: SYMBOLS[about],
          symbolSize: 9,
          itemStyle: { color: inks[about] },
          lineStyle: { color: inks[about], width: 1.5 },
          data: calibration[about].held.map((h) => [100 * h.promised, 100 * h.held.value]),
        })),
      ],
    };
  }, [calibration]);
  const shown = ABOUT.filter((about) => calibration[about].held.length > 0);
  return (
    <section aria-label={t("findings.calibration")} className="min-w-0">
      <h2 className="border-t-rule border-ink pt-1.5 text-lg font-bold">{t("findings.calibration")}</h2>
      {shown.length === 0 ? (
        <p className="text-muted">{t("findings.noCalibration")}</p>
      ) : (
        <>
          <p className="text-note">
            {shown
              .map((about) => {
                const { widen } = calibration[about];
                const held = calibration[about].held.find(({ promised }) => promised === 0.8);
                return held
                  ? `${t("findings.calibrationSays", {
                      about: t(`findings.about.${about}`),
                      held: percent(held.held.value),
                      ...{ low: percent(held.held.low), high: percent(held.held.high), n: number(held.n) },
                    })}${widen > 1 ? ` ${t("findings.widen", { times: number(Math.round(10 * widen) / 10) })}` : ""}`
                  : "";
              })
              .join(" ")}
          </p>
          <Chart option={option} height={260} label={t("findings.calibration")} />
          <details>
            <summary className="cursor-pointer py-1 text-note font-semibold">{t("shared.table")}</summary>
            <FactTable
              head={[t("findings.of"), t("findings.promised"), t("findings.held"), "n"]}
              rows={shown.flatMap((about) =>
                calibration[about].held.map((h) => [
                  t(`findings.about.${about}`),
                  percent(h.promised),
                  `${percent(h.held.value)} (${percent(h.held.low)}–${percent(h.held.high)})`,
                  number(h.n),
                ]),
              )}
            />
          </details>
        </>
      )}
    </section>
  );
}
