"use client";

import type { Goal } from "@/core/crop";
import { PlantFigure } from "@/ui/draw/section";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

const HEIGHT = 150;
const WIDTH = 300;
const GROUND = 84;

/** What a crop takes of a bag, drawn to one scale: its plants at the distance that is good, the least inside it, and the soil under them. */
export function RoomFigure({ goal }: { goal: Goal }) {
  const { quantity } = useWords();
  const apart = goal.stand.type === "plants" ? goal.stand.spacingCm : undefined;
  const wideCm = 2 * (apart?.good ?? goal.widthCm);
  const scale = Math.min(
    (GROUND - 16) / goal.heightCm,
    (HEIGHT - GROUND - 14) / goal.depthCm.good,
    200 / wideCm,
  );
  const deep = (cm: number) => GROUND + cm * scale;
  const gap = (apart?.good ?? goal.widthCm) * scale;
  const middle = 125;
  const plants = [middle - gap / 2, middle + gap / 2];
  const [left, right] = [middle - gap - 12, middle + gap + 12];
  return (
    <svg
      width={WIDTH}
      height={HEIGHT}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={t("library.roomFigure", {
        apart: apart ? quantity(apart.good, "length") : t("library.closed"),
        depth: quantity(goal.depthCm.good, "length"),
        height: quantity(goal.heightCm, "length"),
      })}
      className="max-w-full"
    >
      <rect
        x={left}
        width={right - left}
        y={GROUND}
        height={deep(goal.depthCm.good) - GROUND}
        fill="var(--soil-light)"
      />
      <line x1={left} x2={right} y1={GROUND} y2={GROUND} stroke="var(--soil)" strokeWidth="2" />
      <line
        x1={left}
        x2={right}
        y1={deep(goal.depthCm.least)}
        y2={deep(goal.depthCm.least)}
        stroke="var(--soil)"
        strokeWidth="1.5"
        strokeDasharray="5 3"
      />
      {plants.map((x) => (
        <g key={x}>
          <PlantFigure
            x={x}
            soil={GROUND}
            root={deep(goal.depthCm.good) - 3}
            top={GROUND - goal.heightCm * scale}
            kind={goal.kind}
          />
          <rect
            x={x - (goal.widthCm * scale) / 2}
            width={goal.widthCm * scale}
            y={GROUND - goal.heightCm * scale}
            height={goal.heightCm * scale}
            fill="none"
            stroke="var(--leaf)"
            strokeDasharray="2 3"
          />
        </g>
      ))}
      <g fill="var(--ink)" fontSize="11">
        <text x={right + 6} y={GROUND - (goal.heightCm * scale) / 2 + 4}>
          ↕ {quantity(goal.heightCm, "length")}
        </text>
        <text
          x={right + 6}
          y={Math.min(deep(goal.depthCm.least) + 4, deep(goal.depthCm.good) - 8)}
          fill="var(--muted)"
        >
          {quantity(goal.depthCm.least, "length")}
        </text>
        <text x={right + 6} y={deep(goal.depthCm.good) + 4} fontWeight="bold">
          {quantity(goal.depthCm.good, "length")}
        </text>
        {apart && (
          <text x={middle} y={Math.min(HEIGHT - 3, deep(goal.depthCm.good) + 13)} textAnchor="middle">
            <tspan fontWeight="bold">↔ {quantity(apart.good, "length")}</tspan>
            <tspan fill="var(--muted)">
              {" "}
              ({t("values.least")} {quantity(apart.least, "length")})
            </tspan>
          </text>
        )}
      </g>
    </svg>
  );
}

/** When a crop is picked, on a line of days from its sowing or planting: the range of the first pick, then how long it is picked, in the seasons' textures. */
export function DaysFigure({ goal }: { goal: Goal }) {
  const { number } = useWords();
  const { window: first, from } = goal.days;
  const lasts = goal.picking.window;
  const all = Math.max(first.high, first.likely + lasts.high) * 1.04;
  const at = (days: number) => `${((100 * days) / all).toFixed(2)}%`;
  const step = [1, 2, 5, 7, 14, 28, 56, 91, 182, 364].find((days) => all / days <= 9) ?? 728;
  const marks = Array.from({ length: Math.floor(all / step) + 1 }, (_, i) => i * step);
  const range = ({ low, likely, high }: typeof first) =>
    t("library.days", { low: number(low), likely: number(likely), high: number(high) });
  return (
    <figure className="min-w-0 flex-1 self-end">
      <figcaption className="text-note">
        {t(from === "sowing" ? "library.fromSowing" : "library.fromPlanting", { days: range(first) })}{" "}
        {lasts.high > 0 && t("library.pickedFor", { days: range(lasts) })}
      </figcaption>
      <div aria-hidden="true" className="relative mt-2 h-9">
        <div
          className="absolute inset-y-0 left-0 border border-ink stage-growing"
          style={{ width: at(first.likely) }}
        />
        <div
          className="absolute inset-y-0 border border-ink stage-picking"
          style={{ left: at(first.likely), width: at(Math.max(lasts.likely, all / 200)) }}
        />
        <Whisker from={at(first.low)} to={at(first.high)} />
        {lasts.high > 0 && <Whisker from={at(first.likely + lasts.low)} to={at(first.likely + lasts.high)} />}
      </div>
      <div aria-hidden="true" className="relative h-5 overflow-hidden text-fine text-muted">
        {marks.map((days) => (
          <span key={days} className="absolute border-l border-line pl-1" style={{ left: at(days) }}>
            {days}
          </span>
        ))}
      </div>
    </figure>
  );
}

/** A range as a line with ends, as wide as it is. */
const Whisker = ({ from, to }: { from: string; to: string }) => (
  <div
    className="absolute top-1/2 border-x-2 border-t-2 border-beet pb-2"
    style={{ left: from, width: `calc(${to} - ${from})` }}
  />
);
