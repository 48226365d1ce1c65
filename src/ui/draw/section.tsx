"use client";

import { type BagShape, innerHeightCm, sideRings } from "@/core/bag";
import type { GoalKind } from "@/core/crop";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

const WIDTH = 160;
const HEIGHT = 104;
/** Rulers go by the reader's own units. */
const CM_PER_INCH = 2.54;
/** A small drawing is this share of a large one. */
const SMALL = 0.62;
const BASE = HEIGHT - 6;
const LEFT = 34;

export interface SectionPlant {
  readonly goalId: string;
  readonly kind: GoalKind;
  readonly count: number;
  /** Roots wanted, and height grown, cm. */
  readonly rootCm: number;
  readonly heightCm: number;
  readonly side: boolean;
}

/** Widths of a bag at its rim and its base, cm. */
function widths(shape: BagShape): { rim: number; base: number } {
  switch (shape.kind) {
    case "tub":
    case "flat":
      return { rim: shape.lengthCm, base: shape.lengthCm };
    case "pot":
      return { rim: shape.topCm, base: shape.baseCm };
    default:
      return { rim: shape.diameterCm, base: shape.diameterCm };
  }
}

/** The bag cut through its middle, as a plain technical figure: depth ruler, soil line, core, roots and tops. */
export function BagSection({
  shape,
  depthCm,
  plants,
  isSmall,
}: {
  shape: BagShape;
  depthCm: number;
  plants: readonly SectionPlant[];
  /** Small drawings leave out the figures of the ruler. */
  isSmall: boolean;
}) {
  const { quantity, units } = useWords();
  const tiers = shape.kind === "tiers" ? shape.tiers : 1;
  const tierCm = innerHeightCm(shape);
  const heightCm = tierCm * tiers;
  /** Where the soil ends above the ground: in the top tier, where there are tiers. */
  const soilCm = heightCm - tierCm + depthCm;
  const { rim, base } = widths(shape);
  const tops = plants.filter((p) => !p.side);
  const tallest = Math.max(8, ...tops.map((p) => Math.min(p.heightCm, heightCm)));
  // Bags of one size are drawn alike, whatever stands in them.
  const scale = Math.min((WIDTH - LEFT - 26) / Math.max(rim, base), (HEIGHT - 8) / (heightCm * 1.5));
  const middle = LEFT + (WIDTH - LEFT) / 2 - 6;
  const half = (cm: number) => ((base + ((rim - base) * cm) / heightCm) * scale) / 2;
  const y = (cm: number) => BASE - cm * scale;
  const inch = units === "us" ? CM_PER_INCH : 1;
  const step = (units === "us" ? 4 : 10) * (heightCm > 45 ? 2 : 1) * inch;
  const marks = Array.from({ length: Math.floor(heightCm / step) + 1 }, (_, i) => i * step);
  const places = tops.flatMap((p) => Array.from({ length: Math.min(p.count, 7) }, () => p));
  const spot = (i: number) => middle + half(soilCm) * 2 * ((i + 0.5) / places.length - 0.5);
  return (
    <svg
      width={WIDTH * (isSmall ? SMALL : 1)}
      height={HEIGHT * (isSmall ? SMALL : 1)}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={t("draw.sectionOf", {
        depth: quantity(depthCm, "length"),
        height: quantity(heightCm, "length"),
      })}
      className="shrink-0"
    >
      <g stroke="var(--muted)" fill="var(--muted)" fontSize="10">
        <line x1="22" x2="22" y1={BASE} y2={y(heightCm)} />
        {marks.map((cm, i) => (
          <g key={cm}>
            <line x1="22" x2="27" y1={y(cm)} y2={y(cm)} />
            {i % 2 === 0 && !isSmall && (
              <text x="18" y={y(cm) + 3.5} textAnchor="end" stroke="none">
                {units === "us" ? Math.round(cm / CM_PER_INCH) : cm}
              </text>
            )}
          </g>
        ))}
      </g>
      <path
        d={`M${middle - half(soilCm)} ${y(soilCm)} H${middle + half(soilCm)} L${middle + half(0)} ${BASE} H${middle - half(0)} Z`}
        fill="var(--soil-light)"
      />
      {shape.kind === "tower" && shape.coreCm > 0 && (
        <Stones middle={middle} half={(shape.coreCm * scale) / 2} top={y(soilCm)} />
      )}
      {places.map((p, i) => {
        const root = y(soilCm - Math.min(depthCm, p.rootCm));
        return (
          <PlantFigure
            key={i}
            x={spot(i)}
            soil={y(soilCm)}
            root={root}
            top={y(soilCm + Math.min(p.heightCm, tallest) * 0.5)}
            kind={p.kind}
          />
        );
      })}
      <path
        d={`M${middle - half(heightCm)} ${y(heightCm)} L${middle - half(0)} ${BASE} H${middle + half(0)} L${middle + half(heightCm)} ${y(heightCm)}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="2.2"
      />
      <line
        x1={middle - half(soilCm)}
        x2={middle + half(soilCm)}
        y1={y(soilCm)}
        y2={y(soilCm)}
        stroke="var(--soil)"
        strokeWidth="1.5"
        strokeDasharray="5 3"
      />
      {Array.from({ length: tiers - 1 }, (_, i) => (
        <line
          key={i}
          x1={middle - half(0)}
          x2={middle + half(0)}
          y1={y(tierCm * (i + 1))}
          y2={y(tierCm * (i + 1))}
          stroke="var(--ink)"
          strokeWidth="1.5"
        />
      ))}
      {sideRings(shape).map((ring) => (
        <g
          key={ring.heightCm}
          stroke={plants.some((p) => p.side) ? "var(--leaf)" : "var(--ink)"}
          fill="none"
          strokeWidth="1.8"
        >
          <path d={`M${middle - half(0)} ${y(ring.heightCm)} q-8 4 -12 -7`} />
          <path d={`M${middle + half(0)} ${y(ring.heightCm)} q8 4 12 -7`} />
        </g>
      ))}
    </svg>
  );
}

function Stones({ middle, half, top }: { middle: number; half: number; top: number }) {
  const rows = Math.floor((BASE - top) / 6);
  return (
    <g fill="var(--muted)">
      {Array.from({ length: rows * 2 }, (_, i) => (
        <circle
          key={i}
          cx={middle + (i % 2 ? 1 : -1) * half * 0.5}
          cy={BASE - 4 - Math.floor(i / 2) * 6}
          r={Math.min(2.6, half * 0.45)}
        />
      ))}
    </g>
  );
}

const THICK_ROOT = new Set<GoalKind>(["root", "bulb", "tuber"]);

/** A plant in section: its root down to `root` and its top up to `top`, px; thick where that is what is pulled. */
export function PlantFigure({
  x,
  soil,
  root,
  top,
  kind,
}: {
  x: number;
  soil: number;
  root: number;
  top: number;
  kind: GoalKind;
}) {
  const reach = root - soil;
  return (
    <g fill="none">
      {THICK_ROOT.has(kind) ? (
        <path
          d={`M${x - 3.5} ${soil + 2} q3.5 ${-4} 7 0 q0 ${reach * 0.4} -3.5 ${reach * 0.8} q-3.5 ${-reach * 0.4} -3.5 ${-reach * 0.8}`}
          fill="var(--marigold)"
          stroke="var(--soil)"
        />
      ) : (
        <path
          d={`M${x} ${soil} v${reach} M${x} ${soil + 3} q-7 ${reach * 0.3} -4 ${reach * 0.75} M${x} ${soil + 3} q7 ${reach * 0.3} 4 ${reach * 0.75}`}
          stroke="var(--soil)"
          strokeWidth="1.2"
        />
      )}
      <path
        d={`M${x} ${soil} V${top} M${x} ${(soil + top) / 2} q-7 -9 -10 -3 M${x} ${(soil + top) / 2} q7 -9 10 -3`}
        stroke="var(--leaf)"
        strokeWidth="1.8"
      />
    </g>
  );
}
