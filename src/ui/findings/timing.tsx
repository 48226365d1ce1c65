"use client";

import { useCallback } from "react";
import type { Timing as TimingFacts } from "@/core/findings";
import { Chart } from "@/ui/draw/chart";
import { chartInk } from "@/ui/draw/chart-ink";
import { shareAxes } from "@/ui/draw/share-axes";
import { DotRange } from "@/ui/draw/dot-range";
import { useWords } from "@/ui/words/use-words";
import { FactTable } from "@/ui/primitives/fact-table";
import { t } from "./words";

const FEW = 3;

/** Days as a range, or as much of it as is known. */
export const daysText = (
  { half, came }: Pick<TimingFacts, "half" | "came">,
  { number }: Pick<ReturnType<typeof useWords>, "number">,
): string => {
  const whole = (days: number | undefined) => (days === undefined ? undefined : number(Math.round(days)));
  const [day, low, high] = [whole(half.day), whole(half.low), whole(half.high)];
  if (day === undefined) return t("findings.notHalf");
  // So few have no range that means anything.
  if (came < FEW) return t("findings.daysSeldom", { day, came });
  return high === undefined
    ? t("findings.daysOpen", { day, low: low ?? day })
    : t("findings.days", { day, low: low ?? day, high });
};

/** How long something takes: the share for which it has come, day by day; what was promised against what came; and the table behind it. */
export function Timing({ what, timing }: { what: "up" | "pick" | "end"; timing: TimingFacts }) {
  const words = useWords();
  const { number, percent } = words;
  const { steps, half, expected, packetDays, came, waiting, belief } = timing;
  const option = useCallback(() => {
    const inks = chartInk();
    const { ink, muted, beet, leaf } = inks;
    const last = steps.at(-1)?.day ?? 1;
    const points: [number, number][] = [
      [0, 0],
      ...steps.map((s): [number, number] => [s.day, 100 * (1 - s.share)]),
    ];
    const band = (of: (s: (typeof steps)[number]) => number): [number, number][] => [
      [0, 0],
      ...steps.map((s): [number, number] => [s.day, 100 * (1 - of(s))]),
    ];
    const edge = {
      type: "line",
      step: "end",
      symbol: "none",
      lineStyle: { color: muted, type: "dotted", width: 1 },
    };
    return {
      animation: false,
      textStyle: inks.text,
      ...shareAxes(inks, t("findings.daysAfter"), Math.max(last, Math.ceil(expected.high))),
      series: [
        {
          type: "line",
          step: "end",
          symbol: "none",
          data: points,
          lineStyle: { color: ink, width: 2 },
          markArea: {
            silent: true,
            itemStyle: { color: leaf, opacity: 0.16 },
            data: [[{ xAxis: expected.low }, { xAxis: expected.high }]],
          },
          markLine: {
            silent: true,
            symbol: "none",
            label: { show: false },
            data: [
              { xAxis: expected.likely, lineStyle: { color: leaf, type: "solid" } },
              ...(packetDays === undefined
                ? []
                : [{ xAxis: packetDays, lineStyle: { color: beet, type: "dashed" } }]),
            ],
          },
        },
        { ...edge, data: band((s) => s.low) },
        { ...edge, data: band((s) => s.high) },
        {
          // Those that were watched so far and no longer.
          type: "scatter",
          symbol: "rect",
          symbolSize: [2, 12],
          itemStyle: { color: ink },
          data: steps.filter((s) => s.brokeOff > 0).map((s) => [s.day, 100 * (1 - s.share)]),
        },
      ],
    };
  }, [steps, expected, packetDays]);
  const most = Math.max(expected.high, half.high ?? 0, half.day ?? 0, packetDays ?? 0) * 1.1;
  return (
    <section aria-label={t(`findings.timing.${what}`)} className="min-w-0">
      <h3 className="font-bold">{t(`findings.timing.${what}`)}</h3>
      <p className="text-note">
        {t(what === "end" ? "findings.endSays" : "findings.timingSays", {
          days: daysText(timing, words),
          expected: number(Math.round(expected.likely)),
          low: number(Math.round(expected.low)),
          high: number(Math.round(expected.high)),
          ...{ came, waiting },
        })}{" "}
        {packetDays !== undefined && t("findings.packetSays", { days: number(Math.round(packetDays)) })}{" "}
        {!belief && what !== "end" && t("findings.tooFew")}
      </p>
      <DotRange
        real={{ low: half.low, value: half.day, high: half.high }}
        expected={{ low: expected.low, value: expected.likely, high: expected.high }}
        most={most}
        label={t("findings.dotLabel")}
      />
      <Chart option={option} height={190} label={t("findings.chartLabel", { count: steps.length })} />
      <p className="text-fine text-muted">{t("findings.legend")}</p>
      <details>
        <summary className="cursor-pointer py-1 text-note font-semibold">{t("shared.table")}</summary>
        <FactTable
          head={[
            t("findings.day"),
            t("findings.atRisk"),
            t("findings.came"),
            t("findings.brokeOff"),
            t("findings.share"),
          ]}
          rows={steps.map((s) => [
            number(s.day),
            String(s.atRisk),
            String(s.happened),
            String(s.brokeOff),
            `${percent(1 - s.share)} (${percent(1 - s.high)}–${percent(1 - s.low)})`,
          ])}
        />
      </details>
    </section>
  );
}
