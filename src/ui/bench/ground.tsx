"use client";

import { useMemo, useRef, useState, useSyncExternalStore } from "react";
import { lightOn, sunHoursOn } from "@/core/course";
import { addMonths, type Day, dayNumber } from "@/core/day";
import { doorBox, type Fault, groundOf } from "@/core/floor";
import type { BagThing } from "@/core/plan";
import type { Garden } from "@/core/garden";
import type { Setting } from "@/core/setting";
import { SunYear } from "@/ui/draw/sun-year";
import { Button } from "@/ui/primitives/button";
import { Caution } from "@/ui/primitives/caution";
import { useWords } from "@/ui/words/use-words";
import { GroundBag, type Nudge } from "./ground-bag";
import type { Selection } from "./row-frame";
import { known } from "@/core/known";
import { t } from "./words";

interface GroundProps {
  readonly garden: Garden;
  readonly setting: Setting;
  readonly today: Day;
  readonly selection: Selection | undefined;
  readonly onSelect: (selection: Selection) => void;
  readonly onBag: (id: string, change: Partial<BagThing>) => void;
  /** A bag is moved from where it stands by some cm, or turned where it stands. */
  readonly onNudge: (id: string, by: Nudge) => void;
  readonly onFindSpots: () => void;
}

const NARROW = "(max-width: 639px)";

function onWidth(changed: () => void): () => void {
  const media = window.matchMedia(NARROW);
  media.addEventListener("change", changed);
  return () => media.removeEventListener("change", changed);
}

/** The place from above, to scale: bags where they stand, moved by pointer or arrow keys, with their sun in any month, and what is wrong. */
export function GroundPlan({
  garden,
  setting,
  today,
  selection,
  onSelect,
  onBag,
  onNudge,
  onFindSpots,
}: GroundProps) {
  const { units, bag: bagName, quantity, number, mol, month } = useWords();
  const [months, setMonths] = useState(0);
  const ahead = useMemo(() => Array.from({ length: 12 }, (_, i) => addMonths(today, i)), [today]);
  const day = ahead[months] ?? today;
  const ground = useMemo(() => groundOf(garden, setting, day), [garden, setting, day]);
  const svg = useRef<SVGSVGElement>(null);
  const narrow = useSyncExternalStore(
    onWidth,
    () => window.matchMedia(NARROW).matches,
    () => false,
  );
  const { floor, sky, climate } = setting;
  if (!floor || !ground) return null;

  // Letters and margins keep their size on the screen, whatever the floor measures and however narrow the screen is.
  const unit = floor.lengthCm / (narrow ? 34 : 62);
  const edge = 2.6 * unit;
  const door = doorBox(floor);
  const standing = garden.rows.map((row, i) => ({ row, number: i + 1 })).filter(({ row }) => row.load);
  const loose = standing.filter(({ row }) => !row.bag.spot);
  const faultsBy = new Map<string, Fault[]>();
  for (const fault of ground.faults) faultsBy.set(fault.bagId, [...(faultsBy.get(fault.bagId) ?? []), fault]);
  const nameOf = (id: string) => {
    const found = standing.find(({ row }) => row.bag.id === id);
    return found ? `${found.number} ${bagName(found.row.bag.kindId)}` : "";
  };
  const say = (fault: Fault) =>
    t(`ground.faults.${fault.code}`, {
      bag: nameOf(fault.bagId),
      other: fault.code === "overlaps" ? nameOf(fault.otherId) : "",
      load: fault.code === "too-heavy-here" ? quantity(fault.kgM2, "load") : "",
    });

  /** How many cm a px is: the drawing keeps its figure and stands in the middle of its box. */
  const cmPerPx = () => {
    const box = known(svg.current).getBoundingClientRect();
    return Math.max((floor.lengthCm + 2 * edge) / box.width, (floor.widthCm + 2 * edge) / box.height);
  };

  return (
    <section aria-labelledby="ground" className="border-t-rule border-ink px-4 py-3 lg:px-6">
      <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
        <h2 id="ground" className="text-lg font-bold">
          {t("ground.title")}
        </h2>
        <label className="flex items-center gap-2 text-note print:hidden">
          {t("ground.month")}
          <input
            type="range"
            min={0}
            max={11}
            value={months}
            aria-valuetext={month(day)}
            onChange={(e) => setMonths(Number(e.target.value))}
            className="h-8 w-36 accent-(--beet)"
          />
          <b className="w-10">{month(day)}</b>
        </label>
        <p className="text-note">
          {sky
            ? t("ground.sun", {
                hours: number(sunHoursOn(setting, dayNumber(day))),
                now: number(setting.sunHours),
                light: mol(lightOn(setting, dayNumber(day))),
              })
            : t("ground.facesUnknown", { hours: number(setting.sunHours) })}
        </p>
        {loose.length > 0 && (
          <Button onClick={onFindSpots}>{t("ground.findSpots", { count: loose.length })}</Button>
        )}
      </div>
      <svg
        ref={svg}
        viewBox={`${-edge} ${-edge} ${floor.lengthCm + 2 * edge} ${floor.widthCm + 2 * edge}`}
        role="group"
        aria-label={t("ground.drawing", {
          length: quantity(floor.lengthCm, "length"),
          width: quantity(floor.widthCm, "length"),
        })}
        className="mt-2 max-h-80 w-full print:max-h-40"
      >
        <rect
          x={0}
          y={0}
          width={floor.lengthCm}
          height={floor.widthCm}
          fill="var(--card)"
          stroke="var(--line)"
          strokeWidth={unit / 6}
        />
        <line x1={0} x2={floor.lengthCm} y1={0} y2={0} stroke="var(--ink)" strokeWidth={unit / 1.6} />
        <text x={0} y={-0.8 * unit} fontSize={unit} fill="var(--muted)">
          {t("draw.wall")}
        </text>
        <text x={0} y={floor.widthCm + 1.6 * unit} fontSize={unit} fill="var(--muted)">
          {t("ground.openSide", {
            length: quantity(floor.lengthCm, "length"),
            width: quantity(floor.widthCm, "length"),
          })}
        </text>
        {door && (
          <>
            <rect
              x={door.x0}
              y={0}
              width={door.x1 - door.x0}
              height={Math.min(door.y1, floor.widthCm)}
              fill="none"
              stroke="var(--muted)"
              strokeWidth={unit / 8}
              strokeDasharray={unit / 2}
            />
            <line x1={door.x0} x2={door.x1} y1={0} y2={0} stroke="var(--paper)" strokeWidth={unit / 1.6} />
            <text
              x={(door.x0 + door.x1) / 2}
              y={1.8 * unit}
              fontSize={unit}
              textAnchor="middle"
              fill="var(--muted)"
            >
              {t("ground.door")}
            </text>
          </>
        )}
        {standing.map(({ row, number: n }) => (
          <GroundBag
            key={row.bag.id}
            row={row}
            number={n}
            name={nameOf(row.bag.id)}
            unit={unit}
            hours={ground.sun.get(row.bag.id)}
            isWrong={faultsBy.has(row.bag.id)}
            isChosen={selection?.rowId === row.row.id}
            cmPerPx={cmPerPx}
            onSelect={() => onSelect({ rowId: row.row.id })}
            onSpot={(spot) => onBag(row.bag.id, { spot })}
            onNudge={(by) => onNudge(row.bag.id, by)}
          />
        ))}
      </svg>
      <p className="text-sm text-muted print:hidden">{t("ground.hint", { units })}</p>
      {ground.faults.length > 0 && (
        <ul className="mt-1 grid gap-1" aria-label={t("ground.wrong")}>
          {ground.faults.map((fault, i) => (
            <li key={i} className="font-semibold text-beet">
              ▲ {say(fault)}
            </li>
          ))}
        </ul>
      )}
      {sky && (
        <details className="mt-2 border-t border-line pt-1.5 print:hidden" open>
          <summary className="cursor-pointer font-semibold">{t("draw.sunYear")}</summary>
          <SunYear
            sky={sky}
            latitude={climate.latitude}
            hoursOn={(d) => sunHoursOn(setting, dayNumber(d))}
            months={ahead}
            chosen={months}
            onChoose={setMonths}
          />
          <p className="text-sm text-muted">{t("ground.sunYearHint")}</p>
        </details>
      )}
      <div className="mt-2 grid gap-1">
        <Caution>{t("cautions.floor")}</Caution>
        <Caution>{t("cautions.wayOut")}</Caution>
      </div>
    </section>
  );
}
