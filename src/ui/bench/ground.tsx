"use client";

import {
  type KeyboardEvent,
  type PointerEvent,
  useMemo,
  useRef,
  useState,
  useSyncExternalStore,
} from "react";
import { footprint } from "@/core/bag";
import { sunHoursOn } from "@/core/course";
import { addMonths, type Day, dayNumber } from "@/core/day";
import { doorBox, type Fault, groundOf, type Spot } from "@/core/floor";
import type { BagThing } from "@/core/plan";
import type { Garden } from "@/core/garden";
import type { Setting } from "@/core/setting";
import { SunYear } from "@/ui/draw/sun-year";
import { Button } from "@/ui/primitives/button";
import { Caution } from "@/ui/primitives/caution";
import { useWords } from "@/ui/words/use-words";
import type { Selection } from "./row";
import { known } from "@/core/known";

interface GroundProps {
  readonly garden: Garden;
  readonly setting: Setting;
  readonly today: Day;
  readonly selection: Selection | undefined;
  readonly onSelect: (selection: Selection) => void;
  readonly onBag: (id: string, change: Partial<BagThing>) => void;
  /** A bag is moved from where it stands by some cm, or turned where it stands. */
  readonly onNudge: (id: string, by: readonly [xCm: number, yCm: number] | "turn") => void;
  readonly onFindSpots: () => void;
}

/** Bags come to rest on marks this far apart, cm. */
const SNAP_CM = 5;
const KEYS: Record<string, readonly [x: number, y: number]> = {
  ArrowLeft: [-SNAP_CM, 0],
  ArrowRight: [SNAP_CM, 0],
  ArrowUp: [0, -SNAP_CM],
  ArrowDown: [0, SNAP_CM],
};

const NARROW = "(max-width: 639px)";

function onWidth(changed: () => void): () => void {
  const media = window.matchMedia(NARROW);
  media.addEventListener("change", changed);
  return () => media.removeEventListener("change", changed);
}

const snap = (cm: number) => Math.round(cm / SNAP_CM) * SNAP_CM;

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
  const { t, bag: bagName, quantity, number, month } = useWords();
  const [months, setMonths] = useState(0);
  const ahead = useMemo(() => Array.from({ length: 12 }, (_, i) => addMonths(today, i)), [today]);
  const day = ahead[months] ?? today;
  const ground = useMemo(() => groundOf(garden, setting, day), [garden, setting, day]);
  const svg = useRef<SVGSVGElement>(null);
  const drag = useRef<{ id: string; dx: number; dy: number } | null>(null);
  const [ghost, setGhost] = useState<{ id: string; spot: Spot }>();
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

  const toFloor = (event: PointerEvent) => {
    const box = known(svg.current).getBoundingClientRect();
    // The drawing keeps its figure and stands in the middle of its box.
    const scale = Math.max((floor.lengthCm + 2 * edge) / box.width, (floor.widthCm + 2 * edge) / box.height);
    return {
      x: (event.clientX - box.left - box.width / 2) * scale + floor.lengthCm / 2,
      y: (event.clientY - box.top - box.height / 2) * scale + floor.widthCm / 2,
    };
  };
  const grab = (event: PointerEvent<SVGGElement>, id: string, spot: Spot) => {
    const at = toFloor(event);
    drag.current = { id, dx: spot.xCm - at.x, dy: spot.yCm - at.y };
    event.currentTarget.setPointerCapture(event.pointerId);
  };
  const move = (event: PointerEvent<SVGGElement>, turned: boolean) => {
    if (!drag.current) return;
    const at = toFloor(event);
    setGhost({
      id: drag.current.id,
      spot: { xCm: snap(at.x + drag.current.dx), yCm: snap(at.y + drag.current.dy), turned },
    });
  };
  const drop = () => {
    if (drag.current && ghost) onBag(ghost.id, { spot: ghost.spot });
    drag.current = null;
    setGhost(undefined);
  };
  const key = (event: KeyboardEvent, id: string) => {
    const step = KEYS[event.key];
    if (step) onNudge(id, step);
    else if (event.key.toLowerCase() === "t") onNudge(id, "turn");
    else return;
    event.preventDefault();
  };

  return (
    <section aria-labelledby="ground" className="border-t-rule border-ink px-4 py-3 lg:px-6">
      <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
        <h2 id="ground" className="text-lg font-bold">
          {t("ground.title")}
        </h2>
        <label className="flex items-center gap-2 text-note">
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
        {sky && (
          <p className="text-note">
            {setting.faces === undefined
              ? t("ground.facesUnknown")
              : t("ground.sun", {
                  hours: number(sunHoursOn(setting, dayNumber(day))),
                  now: number(setting.sunHours),
                })}
          </p>
        )}
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
        className="mt-2 max-h-80 w-full touch-none"
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
          {t("ground.wall")}
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
        {standing.map(({ row, number: n }) => {
          const spot = ghost?.id === row.bag.id ? ghost.spot : row.bag.spot;
          const shape = footprint(row.shape);
          if (!spot || !shape) return null;
          const wrong = (faultsBy.get(row.bag.id)?.length ?? 0) > 0;
          const on = selection?.rowId === row.row.id;
          // On a small bag there is room for its number only.
          const small =
            (shape.type === "rectangle" ? Math.min(shape.lengthCm, shape.widthCm) / 2 : shape.radiusCm) <
            2 * unit;
          const hours = small ? undefined : ground.sun.get(row.bag.id);
          return (
            <g key={row.bag.id} transform={`translate(${spot.xCm} ${spot.yCm})`}>
              <g
                role="button"
                tabIndex={0}
                aria-label={t("ground.bag", {
                  bag: nameOf(row.bag.id),
                  sun: hours === undefined ? "" : t("ground.bagSun", { hours: number(hours) }),
                  x: quantity(spot.xCm, "length"),
                  y: quantity(spot.yCm, "length"),
                })}
                transform={`rotate(${spot.turned ? 90 : 0})`}
                className="cursor-grab outline-offset-2"
                onPointerDown={(e) => grab(e, row.bag.id, spot)}
                onPointerMove={(e) => move(e, spot.turned)}
                onPointerUp={drop}
                onClick={() => onSelect({ rowId: row.row.id })}
                onKeyDown={(e) => key(e, row.bag.id)}
              >
                {shape.type === "rectangle" ? (
                  <rect
                    x={-shape.lengthCm / 2}
                    y={-shape.widthCm / 2}
                    width={shape.lengthCm}
                    height={shape.widthCm}
                    fill="var(--soil-light)"
                    stroke={wrong || on ? "var(--beet)" : "var(--ink)"}
                    strokeWidth={(on ? 0.4 : 0.2) * unit}
                    strokeDasharray={wrong ? unit / 2 : undefined}
                  />
                ) : (
                  <circle
                    r={shape.radiusCm}
                    fill="var(--soil-light)"
                    stroke={wrong || on ? "var(--beet)" : "var(--ink)"}
                    strokeWidth={(on ? 0.4 : 0.2) * unit}
                    strokeDasharray={wrong ? unit / 2 : undefined}
                  />
                )}
              </g>
              <g textAnchor="middle" pointerEvents="none" aria-hidden="true">
                <text
                  y={(hours === undefined ? 0.5 : -0.1) * unit}
                  fontSize={1.4 * unit}
                  fontWeight="700"
                  fill="var(--ink)"
                >
                  {wrong ? "▲ " : ""}
                  {n}
                </text>
                {hours !== undefined && (
                  <text y={1.1 * unit} fontSize={unit} fill="var(--ink)">
                    {number(hours)} h
                  </text>
                )}
              </g>
            </g>
          );
        })}
      </svg>
      <p className="text-sm text-muted">{t("ground.hint")}</p>
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
        <details className="mt-2 border-t border-line pt-1.5" open>
          <summary className="cursor-pointer font-semibold">{t("ground.sunYear")}</summary>
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
