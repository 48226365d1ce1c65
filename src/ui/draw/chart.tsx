"use client";

import { BarChart, LineChart } from "echarts/charts";
import { AriaComponent, GridComponent, TooltipComponent } from "echarts/components";
import { type EChartsCoreOption, init, use as register } from "echarts/core";
import { SVGRenderer } from "echarts/renderers";
import { useEffect, useRef } from "react";
import { known } from "@/core/known";

register([BarChart, LineChart, GridComponent, TooltipComponent, AriaComponent, SVGRenderer]);

/** The tokens of the theme in force, so that charts follow light and dark. */
export function chartInk() {
  const style = getComputedStyle(document.documentElement);
  const token = (name: string) => style.getPropertyValue(`--${name}`).trim();
  return {
    ink: token("ink"),
    muted: token("muted"),
    line: token("line"),
    paper: token("card"),
    beet: token("beet"),
    leaf: token("leaf"),
    marigold: token("marigold"),
    soil: token("soil"),
    "soil-light": token("soil-light"),
    water: token("water"),
  };
}

/** A chart drawn as SVG, that fills its box. @param label what it shows, for those who hear the page */
export function Chart({
  option,
  label,
  height,
}: {
  option: () => EChartsCoreOption;
  label: string;
  height: number;
}) {
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const host = known(box.current);
    const chart = init(host, undefined, { renderer: "svg" });
    const draw = () => chart.setOption(option(), true);
    draw();
    const sized = new ResizeObserver(() => chart.resize());
    sized.observe(host);
    const theme = window.matchMedia("(prefers-color-scheme: dark)");
    theme.addEventListener("change", draw);
    return () => {
      theme.removeEventListener("change", draw);
      sized.disconnect();
      chart.dispose();
    };
  }, [option]);
  return <div ref={box} role="img" aria-label={label} style={{ height }} className="w-full min-w-0" />;
}
