import { type BagShape, type Outline, sideHoles, topOutline } from "@/core/bag";
import type { Patch } from "@/core/garden";
import type { Planting } from "@/core/plan";
import { inHalf, partingRadius, type Point, type SidePoint } from "@/core/placement";
import { t } from "./words";

const SIZE = 104;
const SMALL_SIZE = 66;

type Surface = Planting["surface"];

export interface TopPlanting {
  readonly id: string;
  readonly top: readonly Point[];
  readonly sides: readonly SidePoint[];
  /** Spacing that each plant wants, cm; 0 for a stand sown dense. */
  readonly spacingCm: number;
  /** Its part of the top, when it is sown dense: side by side with others along the length. */
  readonly patch?: Patch;
  readonly ground?: readonly Point[];
  readonly selected: boolean;
}

/** A crop that is let go this near the rim, as a share of the way from the middle, goes round the edge. */
const RIM = 0.86;

/** A bag from above as it is drawn: its outline, and how many px a cm takes. */
function frameOf(shape: BagShape) {
  const outline = topOutline(shape);
  const length = outline.type === "rectangle" ? outline.lengthCm : 2 * outline.radiusCm;
  const width = outline.type === "rectangle" ? outline.widthCm : 2 * outline.radiusCm;
  const holes = sideHoles(shape);
  return { outline, length, width, holes, scale: (SIZE - (holes > 0 ? 22 : 6)) / Math.max(length, width) };
}

/** The part of a bag's top that a place in its drawing belongs to. @param at shares of the drawing's width and height */
export function partOfTop(shape: BagShape, at: Point): Surface {
  const { outline, length, width, holes, scale } = frameOf(shape);
  const p = { x: ((at.x - 0.5) * SIZE) / scale, y: ((at.y - 0.5) * SIZE) / scale };
  const out =
    outline.type === "rectangle"
      ? Math.max(Math.abs(p.x) / (length / 2), Math.abs(p.y) / (width / 2))
      : Math.hypot(p.x, p.y) / outline.radiusCm;
  if (out > 1 && holes > 0) return "side";
  return out > RIM ? "edge" : inHalf(outline, "first-half", p) ? "first-half" : "second-half";
}

interface TopProps {
  readonly shape: BagShape;
  readonly plantings: readonly TopPlanting[];
  /** The part that a crop which is carried over it would go to. */
  readonly mark?: Surface;
  readonly isSmall: boolean;
}

/** The bag from above, to its own scale, with each plant where it stands and the room that it wants. */
export function BagTop({ shape, plantings, mark, isSmall }: TopProps) {
  const { outline, length, width, scale } = frameOf(shape);
  const at = (p: Point) => ({ cx: SIZE / 2 + p.x * scale, cy: SIZE / 2 + p.y * scale });
  const box = {
    x: SIZE / 2 - (length * scale) / 2,
    y: SIZE / 2 - (width * scale) / 2,
    width: length * scale,
    height: width * scale,
  };
  const plants = plantings.reduce((sum, p) => sum + p.top.length + p.sides.length, 0);
  return (
    <svg
      width={isSmall ? SMALL_SIZE : SIZE}
      height={isSmall ? SMALL_SIZE : SIZE}
      viewBox={`0 0 ${SIZE} ${SIZE}`}
      role="img"
      aria-label={t("draw.topOf", { plants })}
      className="shrink-0"
    >
      {outline.type === "rectangle" ? (
        <rect
          {...box}
          rx={shape.kind === "flat" ? 6 : 0}
          fill="var(--card)"
          stroke="var(--ink)"
          strokeWidth="2"
        />
      ) : (
        <circle
          cx={SIZE / 2}
          cy={SIZE / 2}
          r={outline.radiusCm * scale}
          fill="var(--card)"
          stroke="var(--ink)"
          strokeWidth="2"
        />
      )}
      {outline.type === "annulus" && (
        <circle cx={SIZE / 2} cy={SIZE / 2} r={outline.coreCm * scale} fill="var(--muted)" />
      )}
      {plantings.map((p) => (
        <g
          key={p.id}
          stroke={p.selected ? "var(--beet)" : "var(--leaf)"}
          fill={p.selected ? "var(--beet)" : "var(--leaf)"}
        >
          {p.ground?.map((q, i) => (
            <circle key={i} {...at(q)} r="1.4" stroke="none" />
          ))}
          {p.patch && p.patch.index > 0 && !p.patch.half && (
            <line
              x1={box.x + (box.width * p.patch.index) / p.patch.of}
              x2={box.x + (box.width * p.patch.index) / p.patch.of}
              y1={box.y + 3}
              y2={box.y + box.height - 3}
              strokeDasharray="3 3"
            />
          )}
          {p.top.map((q, i) => (
            <g key={i}>
              {p.top.length <= 40 && (
                <circle {...at(q)} r={(p.spacingCm / 2) * scale} fill="none" strokeDasharray="2.5 2.5" />
              )}
              <circle {...at(q)} r={Math.max(1.2, Math.min(4, (p.spacingCm * scale) / 5))} stroke="none" />
            </g>
          ))}
          {p.sides.map((q, i) => {
            const r = (length / 2) * scale + 6;
            return (
              <circle
                key={i}
                cx={SIZE / 2 + r * Math.cos(q.angle)}
                cy={SIZE / 2 + r * Math.sin(q.angle)}
                r="2.2"
                stroke="none"
              />
            );
          })}
        </g>
      ))}
      {mark && <PartMark part={mark} outline={outline} scale={scale} box={box} />}
    </svg>
  );
}

/** Marks the part of a top that a dragged crop would go to. */
function PartMark({
  part,
  outline,
  scale,
  box,
}: {
  part: Surface;
  outline: Outline;
  scale: number;
  box: { x: number; y: number; width: number; height: number };
}) {
  const mark = { fill: "none", stroke: "var(--beet)", strokeWidth: 3 };
  const middle = SIZE / 2;
  if (outline.type === "rectangle") {
    if (part === "edge") return <rect {...box} {...mark} strokeDasharray="5 4" />;
    return (
      <rect
        x={box.x + (part === "second-half" ? box.width / 2 : 0)}
        y={box.y}
        width={box.width / 2}
        height={box.height}
        {...mark}
      />
    );
  }
  const radius = outline.radiusCm * scale;
  const parting = partingRadius(outline) * scale;
  if (part === "second-half")
    return (
      <circle
        cx={middle}
        cy={middle}
        r={(radius + parting) / 2}
        {...mark}
        strokeWidth={radius - parting}
        opacity={0.4}
      />
    );
  return (
    <circle
      cx={middle}
      cy={middle}
      r={part === "first-half" ? parting : part === "side" ? radius + 6 : radius}
      {...mark}
      strokeDasharray={part === "first-half" ? undefined : "5 4"}
    />
  );
}
