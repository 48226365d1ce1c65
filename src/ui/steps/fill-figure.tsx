import { innerHeightCm, sideRings } from "@/core/bag";
import type { Filling } from "@/core/steps";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

const WIDTH = 190;
const HEIGHT = 150;
const BASE = HEIGHT - 8;
const MIDDLE = 76;

/** A bag cut through as it is filled, to scale: stones, lumpy part, mix with its leaf layers, the rim left free, and the rings of holes by number in planting order. */
export function FillFigure({ filling: { row, steps } }: { filling: Filling }) {
  const { quantity } = useWords();
  const { shape, depthCm, gapCm } = row;
  const tiers = shape.kind === "tiers" ? shape.tiers : 1;
  const heightCm = innerHeightCm(shape) * tiers;
  const widthCm =
    "diameterCm" in shape ? shape.diameterCm : "lengthCm" in shape ? shape.lengthCm : shape.topCm;
  const scale = Math.min((2 * MIDDLE - 12) / widthCm, (HEIGHT - 16) / heightCm);
  const half = (widthCm * scale) / 2;
  const y = (cm: number) => BASE - cm * scale;
  const soilTop = y(heightCm - (innerHeightCm(shape) - depthCm));
  const lumpy = steps.find((step) => step.code === "lumpy");
  const layers = steps.find((step) => step.code === "layers");
  const core = shape.kind === "tower" ? (shape.coreCm * scale) / 2 : 0;
  const labelX = MIDDLE + half + 10;
  return (
    <svg
      width={WIDTH}
      height={HEIGHT}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={t("steps.drawing.fill")}
      className="shrink-0"
    >
      <rect x={MIDDLE - half} y={soilTop} width={2 * half} height={BASE - soilTop} fill="var(--soil-light)" />
      {lumpy && (
        <g>
          <rect
            x={MIDDLE - half}
            y={y(lumpy.cm)}
            width={2 * half}
            height={BASE - y(lumpy.cm)}
            fill="var(--soil)"
          />
          <line x1={MIDDLE - half} x2={labelX - 2} y1={y(lumpy.cm)} y2={y(lumpy.cm)} stroke="var(--ink)" />
          <text x={labelX} y={y(lumpy.cm) + 3.5} fontSize="10" fill="var(--ink)">
            {quantity(lumpy.cm, "length")}
          </text>
        </g>
      )}
      {layers &&
        Array.from({ length: layers.layers }, (_, i) => (
          <line
            key={i}
            x1={MIDDLE - half + 2}
            x2={MIDDLE + half - 2}
            y1={y(layers.everyCm * (i + 1))}
            y2={y(layers.everyCm * (i + 1))}
            stroke="var(--leaf)"
            strokeWidth="2"
            strokeDasharray="7 4"
          />
        ))}
      {core > 0 && (
        <g fill="var(--card)" stroke="var(--ink)">
          <rect x={MIDDLE - core} y={soilTop} width={2 * core} height={BASE - soilTop} />
          {Array.from({ length: Math.floor((BASE - soilTop) / 9) }, (_, i) => (
            <circle
              key={i}
              cx={MIDDLE + (i % 2 === 0 ? -core / 3 : core / 3)}
              cy={BASE - 5 - 9 * i}
              r="3.4"
            />
          ))}
        </g>
      )}
      {sideRings(shape).map((ring, i) => (
        <g key={ring.heightCm} fontSize="10" fill="var(--ink)">
          <circle cx={MIDDLE - half} cy={y(ring.heightCm)} r="3" fill="var(--leaf)" />
          <circle cx={MIDDLE + half} cy={y(ring.heightCm)} r="3" fill="var(--leaf)" />
          <text x={labelX} y={y(ring.heightCm) + 3.5}>
            {i + 1}: {ring.holes}
          </text>
        </g>
      ))}
      <path
        d={`M${MIDDLE - half} ${y(heightCm)} V${BASE} H${MIDDLE + half} V${y(heightCm)}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="2.2"
      />
      {gapCm > 0 && (
        <g stroke="var(--ink)" fill="var(--ink)" fontSize="10">
          <line x1={labelX - 6} x2={labelX - 2} y1={y(heightCm)} y2={y(heightCm)} />
          <line x1={labelX - 6} x2={labelX - 2} y1={soilTop} y2={soilTop} />
          <line x1={labelX - 4} x2={labelX - 4} y1={y(heightCm)} y2={soilTop} />
          {sideRings(shape).length === 0 && (
            <text x={labelX} y={(y(heightCm) + soilTop) / 2 + 3.5} stroke="none">
              {quantity(gapCm, "length")}
            </text>
          )}
        </g>
      )}
    </svg>
  );
}
