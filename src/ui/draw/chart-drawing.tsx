"use client";

import { BarChart, LineChart, ScatterChart } from "echarts/charts";
import {
  AriaComponent,
  GridComponent,
  LegendComponent,
  MarkAreaComponent,
  MarkLineComponent,
  TooltipComponent,
} from "echarts/components";
import { type EChartsCoreOption, init, use as register } from "echarts/core";
import { SVGRenderer } from "echarts/renderers";
import { useEffect, useRef } from "react";
import { known } from "@/core/known";

register([
  BarChart,
  LineChart,
  ScatterChart,
  GridComponent,
  LegendComponent,
  MarkAreaComponent,
  MarkLineComponent,
  TooltipComponent,
  AriaComponent,
  SVGRenderer,
]);

/** A chart drawn as SVG, that fills its box. */
export function ChartDrawing({ option }: { option: () => EChartsCoreOption }) {
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const host = known(box.current);
    const chart = init(host, undefined, { renderer: "svg" });
    // Paper is narrower than the screen for which it was drawn: there it is scaled.
    const scalable = () =>
      host.querySelector("svg")?.setAttribute("viewBox", `0 0 ${chart.getWidth()} ${chart.getHeight()}`);
    const draw = () => {
      chart.setOption(option(), true);
      scalable();
    };
    draw();
    const sized = new ResizeObserver(() => {
      chart.resize();
      scalable();
    });
    sized.observe(host);
    const theme = window.matchMedia("(prefers-color-scheme: dark)");
    theme.addEventListener("change", draw);
    return () => {
      theme.removeEventListener("change", draw);
      sized.disconnect();
      chart.dispose();
    };
  }, [option]);
  // A box that grew with its drawing would not become narrower again, as when a phone is turned.
  return (
    <div ref={box} className="size-full contain-size print:[&_svg]:size-full print:[&>div]:size-full!" />
  );
}
