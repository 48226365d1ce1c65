import type { chartInk } from "./chart-ink";

/** Axes of a chart of shares over days: days across, from 0 to 100 % up. @param max the last day; as far as the data where left out */
export const shareAxes = ({ muted, line }: ReturnType<typeof chartInk>, name: string, max?: number) => ({
  grid: { left: 40, right: 12, top: 10, bottom: 36 },
  xAxis: {
    ...{ type: "value", min: 0, max, name, nameLocation: "middle", nameGap: 22 },
    axisLabel: { color: muted },
    splitLine: { show: false },
  },
  yAxis: {
    ...{ type: "value", min: 0, max: 100, interval: 25 },
    axisLabel: { color: muted, formatter: "{value} %" },
    splitLine: { lineStyle: { color: line } },
  },
});
