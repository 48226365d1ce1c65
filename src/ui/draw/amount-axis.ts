import type { chartInk } from "./chart-ink";

/** The upright axis of a chart of amounts: few lines, each with its unit, written inside so that the chart keeps its width. */
export const amountAxis = (
  { muted, line }: ReturnType<typeof chartInk>,
  unitOf: (value: number) => string,
) => ({
  type: "value",
  splitNumber: 2,
  axisLabel: {
    color: muted,
    inside: true,
    verticalAlign: "bottom",
    padding: [0, 0, 2, 0],
    formatter: unitOf,
    showMinLabel: false,
  },
  splitLine: { lineStyle: { color: line } },
  z: 3,
});
