"use client";

import type { EChartsCoreOption } from "echarts/core";
import dynamic from "next/dynamic";

// The library of charts is larger than all else of a screen: it comes after.
const ChartDrawing = dynamic(async () => (await import("./chart-drawing")).ChartDrawing, { ssr: false });

interface ChartProps {
  readonly option: () => EChartsCoreOption;
  /** What it shows, for those who hear the page. */
  readonly label: string;
  /** px; kept free until the chart is there. */
  readonly height: number;
}

/** A chart as wide as there is room. */
export function Chart({ option, label, height }: ChartProps) {
  return (
    <div role="img" aria-label={label} style={{ height }} className="w-full min-w-0">
      <ChartDrawing option={option} />
    </div>
  );
}
