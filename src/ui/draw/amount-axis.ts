import type { chartInk } from "./chart-ink";

/** The upright axis of a chart of amounts: few lines, each with its unit, written inside so that the chart keeps its width. */
export const amountAxis = (
  { muted, line, page }: ReturnType<typeof chartInk>,
  unitOf: (value: number) => string,
) => ({
  type: "value",
  splitNumber: 2,
  axisLabel: {
    color: muted,
    inside: true,
    verticalAlign: "bottom",
    // Where a bar stands behind it, it is read all the same.
    backgroundColor: page,
    padding: [1, 2],
    formatter: unitOf,
    showMinLabel: false,
  },
  splitLine: { lineStyle: { color: line } },
  z: 3,
});
