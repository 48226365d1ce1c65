import { Circle, G, Line, Path, Rect, Svg } from "@react-pdf/renderer";
import { innerHeightCm, sideRings, topOutline } from "@/core/bag";
import type { PlantingView, RowView } from "@/core/garden";

const INK = "#1D1A17";
const SOIL = "#D9CFBE";

/** Marks by which up to four plantings of a bag are told apart without colour: full, ring, square, cross. */
export const MARKS = ["full", "ring", "square", "cross"] as const;
export type Mark = (typeof MARKS)[number];

/** One mark at a place. */
export function MarkAt({ mark, x, y, r }: { mark: Mark; x: number; y: number; r: number }) {
  switch (mark) {
    case "full":
      return <Circle cx={x} cy={y} r={r} fill={INK} />;
    case "ring":
      return <Circle cx={x} cy={y} r={r} fill="#fff" stroke={INK} strokeWidth={1} />;
    case "square":
      return <Rect x={x - r} y={y - r} width={2 * r} height={2 * r} fill={INK} />;
    case "cross":
      return (
        <G stroke={INK} strokeWidth={1.2}>
          <Line x1={x - r} y1={y - r} x2={x + r} y2={y + r} />
          <Line x1={x - r} y1={y + r} x2={x + r} y2={y - r} />
        </G>
      );
  }
}

/** A bag from above, to its own scale, each plant where the plan has it; side holes round it. */
export function TopDrawing({
  view,
  plantings,
  size,
}: {
  view: RowView;
  plantings: readonly PlantingView[];
  size: number;
}) {
  const outline = topOutline(view.shape);
  const [length, width] =
    outline.type === "rectangle"
      ? [outline.lengthCm, outline.widthCm]
      : [2 * outline.radiusCm, 2 * outline.radiusCm];
  const holes = sideRings(view.shape).length > 0;
  const scale = (size - (holes ? 16 : 4)) / Math.max(length, width);
  const middle = size / 2;
  const at = ({ x, y }: { x: number; y: number }) => ({ x: middle + x * scale, y: middle + y * scale });
  return (
    <Svg width={size} height={size} viewBox={`0 0 ${size} ${size}`}>
      {outline.type === "rectangle" ? (
        <Rect
          x={middle - (length * scale) / 2}
          y={middle - (width * scale) / 2}
          width={length * scale}
          height={width * scale}
          fill="#fff"
          stroke={INK}
          strokeWidth={1.4}
        />
      ) : (
        <Circle
          cx={middle}
          cy={middle}
          r={outline.radiusCm * scale}
          fill="#fff"
          stroke={INK}
          strokeWidth={1.4}
        />
      )}
      {outline.type === "annulus" && (
        <Circle
          cx={middle}
          cy={middle}
          r={outline.coreCm * scale}
          fill={SOIL}
          stroke={INK}
          strokeWidth={0.8}
        />
      )}
      {plantings.map((planting, i) => {
        const mark = MARKS[i % MARKS.length] ?? "full";
        const r = planting.top.length > 12 ? 1.4 : 2.4;
        const around = (length / 2) * scale + 4;
        return (
          <G key={planting.planting.id}>
            {planting.ground?.map((point, k) => (
              <MarkAt key={k} mark={mark} {...at(point)} r={0.9} />
            ))}
            {planting.top.map((point, k) => (
              <MarkAt key={k} mark={mark} {...at(point)} r={r} />
            ))}
            {planting.sides.map(({ angle }, k) => (
              <MarkAt
                key={k}
                mark={mark}
                x={middle + around * Math.cos(angle)}
                y={middle + around * Math.sin(angle)}
                r={1.3}
              />
            ))}
          </G>
        );
      })}
    </Svg>
  );
}

/** A bag cut through, to its own scale: its soil line, and the core and rings of a tower. */
export function SectionDrawing({ view, size }: { view: RowView; size: number }) {
  const { shape, depthCm } = view;
  const tierCm = innerHeightCm(shape);
  const heightCm = tierCm * (shape.kind === "tiers" ? shape.tiers : 1);
  const widthCm =
    "diameterCm" in shape ? shape.diameterCm : "lengthCm" in shape ? shape.lengthCm : shape.topCm;
  const scale = (size - 6) / Math.max(heightCm, widthCm);
  const [left, right] = [size / 2 - (widthCm * scale) / 2, size / 2 + (widthCm * scale) / 2];
  const y = (cm: number) => size - 3 - cm * scale;
  const soil = y(heightCm - tierCm + depthCm);
  return (
    <Svg width={size} height={size} viewBox={`0 0 ${size} ${size}`}>
      <Rect x={left} y={soil} width={right - left} height={y(0) - soil} fill={SOIL} />
      {shape.kind === "tower" && shape.coreCm > 0 && (
        <Rect
          x={size / 2 - (shape.coreCm * scale) / 2}
          y={soil}
          width={shape.coreCm * scale}
          height={y(0) - soil}
          fill="#fff"
          stroke={INK}
          strokeWidth={0.6}
        />
      )}
      {sideRings(shape).map(({ heightCm: ring }) => (
        <G key={ring}>
          <Circle cx={left} cy={y(ring)} r={1.5} fill={INK} />
          <Circle cx={right} cy={y(ring)} r={1.5} fill={INK} />
        </G>
      ))}
      <Path
        d={`M${left} ${y(heightCm)} V${y(0)} H${right} V${y(heightCm)}`}
        fill="none"
        stroke={INK}
        strokeWidth={1.4}
      />
    </Svg>
  );
}
