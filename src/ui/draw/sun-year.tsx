"use client";

import type { Day } from "@/core/day";
import { dayLength, type SkyOpening, sunTimesOn } from "@/core/sun";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

const FIRST_H = 4;
const LAST_H = 21;
const COLUMN = 34;
const HOUR = 8;
const HEAD = 16;
const LEFT = 30;

/** The sun of a place by hour through the year: a column a month, from noon to either side; pale while it is day, solid while the sun comes in. */
export function SunYear({
  sky,
  latitude,
  hoursOn,
  months,
  chosen,
  onChoose,
}: {
  sky: readonly SkyOpening[];
  latitude: number;
  /** Hours of direct sun that the place gets on a day. */
  hoursOn: (day: Day) => number;
  months: readonly Day[];
  chosen: number;
  onChoose: (index: number) => void;
}) {
  const { month, number } = useWords();
  const y = (hour: number) => HEAD + (Math.min(LAST_H, Math.max(FIRST_H, hour)) - FIRST_H) * HOUR;
  const width = LEFT + months.length * COLUMN;
  const height = y(LAST_H) + 4;
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      role="group"
      aria-label={t("draw.sunYear")}
      className="mt-2 w-full max-w-xl"
    >
      {[6, 9, 12, 15, 18].map((hour) => (
        <g key={hour}>
          <line
            x1={LEFT}
            x2={width}
            y1={y(hour)}
            y2={y(hour)}
            stroke="var(--line)"
            strokeWidth={hour === 12 ? 1.5 : 0.75}
          />
          <text
            x={LEFT - 4}
            y={y(hour) + 3.5}
            fontSize="10"
            textAnchor="end"
            fill="var(--muted)"
          >{`${hour} h`}</text>
        </g>
      ))}
      {months.map((day, i) => {
        const times = sunTimesOn(sky, latitude, day);
        const half = dayLength(latitude, day) / 2;
        const x = LEFT + i * COLUMN;
        return (
          <g
            key={day}
            role="button"
            tabIndex={0}
            aria-pressed={i === chosen}
            aria-label={t("draw.sunMonth", { month: month(day), hours: number(hoursOn(day)) })}
            className="cursor-pointer"
            onClick={() => onChoose(i)}
            onKeyDown={(e) => {
              if (e.key === "Enter" || e.key === " ") {
                e.preventDefault();
                onChoose(i);
              }
            }}
          >
            <rect x={x} y={0} width={COLUMN} height={height} fill="transparent" />
            <text
              x={x + COLUMN / 2}
              y={11}
              fontSize="10.5"
              textAnchor="middle"
              fontWeight={i === chosen ? 700 : 400}
              fill={i === chosen ? "var(--beet)" : "var(--ink)"}
            >
              {month(day)}
            </text>
            <rect
              x={x + 5}
              width={COLUMN - 10}
              y={y(12 - half)}
              height={y(12 + half) - y(12 - half)}
              fill="none"
              stroke="var(--muted)"
              strokeDasharray="2 2"
            />
            {times.map(({ from, to }) => (
              <rect
                key={from}
                x={x + 5}
                width={COLUMN - 10}
                y={y(from)}
                height={y(to) - y(from)}
                fill="var(--marigold)"
                stroke="var(--ink)"
              />
            ))}
          </g>
        );
      })}
    </svg>
  );
}
