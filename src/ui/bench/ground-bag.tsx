import type { KeyboardEvent } from "react";
import { footprint } from "@/core/bag";
import type { Spot } from "@/core/floor";
import type { RowView } from "@/core/garden";
import { useWords } from "@/ui/words/use-words";
import { useMoved, type Way } from "./dragging";
import { t } from "./words";

/** A bag is moved from where it stands by some cm, or turned where it stands. */
export type Nudge = readonly [xCm: number, yCm: number] | "turn";

interface GroundBagProps {
  readonly row: RowView;
  readonly number: number;
  readonly name: string;
  /** Height of a letter in the drawing, cm. */
  readonly unit: number;
  /** Hours of sun where it stands; unknown where nobody has seen the place's. */
  readonly hours: number | undefined;
  readonly isWrong: boolean;
  readonly isChosen: boolean;
  readonly cmPerPx: () => number;
  readonly onSelect: () => void;
  readonly onSpot: (spot: Spot) => void;
  readonly onNudge: (by: Nudge) => void;
}

/** Bags come to rest on marks this far apart, cm. */
const SNAP_CM = 5;
const KEYS: Record<string, Nudge> = {
  ArrowLeft: [-SNAP_CM, 0],
  ArrowRight: [SNAP_CM, 0],
  ArrowUp: [0, -SNAP_CM],
  ArrowDown: [0, SNAP_CM],
  t: "turn",
  T: "turn",
};

const snap = (cm: number) => Math.round(cm / SNAP_CM) * SNAP_CM;

/** A bag on the floor from above: moved by hand or by arrow keys, turned by T. One that has no spot yet is not drawn. */
export function GroundBag({ row, unit, hours: seen, isWrong, isChosen, ...props }: GroundBagProps) {
  const { number: n, name, cmPerPx, onSelect, onSpot, onNudge } = props;
  const { quantity, number } = useWords();
  const { spot: stands } = row.bag;
  const from = (spot: Spot, { x, y }: Way): Spot => ({
    ...spot,
    xCm: snap(spot.xCm + x * cmPerPx()),
    yCm: snap(spot.yCm + y * cmPerPx()),
  });
  const moved = useMoved(`ground ${row.bag.id}`, (px) => stands && onSpot(from(stands, px)));
  const spot = stands && moved.way ? from(stands, moved.way) : stands;
  const shape = footprint(row.shape);
  if (!spot || !shape) return null;
  // On a small bag there is room for its number only.
  const small =
    (shape.type === "rectangle" ? Math.min(shape.lengthCm, shape.widthCm) / 2 : shape.radiusCm) < 2 * unit;
  const hours = small ? undefined : seen;
  const look = {
    fill: "var(--soil-light)",
    stroke: isWrong || isChosen ? "var(--beet)" : "var(--ink)",
    strokeWidth: (isChosen ? 0.4 : 0.2) * unit,
    strokeDasharray: isWrong ? unit / 2 : undefined,
  };
  const key = (event: KeyboardEvent) => {
    const by = KEYS[event.key];
    if (!by) return;
    event.preventDefault();
    onNudge(by);
  };
  return (
    <g transform={`translate(${spot.xCm} ${spot.yCm})`}>
      <g
        ref={(node) => moved.setNode(node as unknown as HTMLElement)}
        {...moved.listeners}
        role="button"
        tabIndex={0}
        aria-label={t("ground.bag", {
          bag: name,
          sun: hours === undefined ? "" : t("ground.bagSun", { hours: number(hours) }),
          x: quantity(spot.xCm, "length"),
          y: quantity(spot.yCm, "length"),
        })}
        transform={`rotate(${spot.turned ? 90 : 0})`}
        className="cursor-grab touch-manipulation outline-offset-2"
        onClick={onSelect}
        onKeyDown={key}
      >
        {shape.type === "rectangle" ? (
          <rect
            x={-shape.lengthCm / 2}
            y={-shape.widthCm / 2}
            width={shape.lengthCm}
            height={shape.widthCm}
            {...look}
          />
        ) : (
          <circle r={shape.radiusCm} {...look} />
        )}
      </g>
      <g textAnchor="middle" pointerEvents="none" aria-hidden="true">
        <text
          y={(hours === undefined ? 0.5 : -0.1) * unit}
          fontSize={1.4 * unit}
          fontWeight="700"
          fill="var(--ink)"
        >
          {isWrong ? "▲ " : ""}
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
}
