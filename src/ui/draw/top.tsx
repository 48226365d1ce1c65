"use client";

import { type BagShape, sideHoles, topOutline } from "@/core/bag";
import type { Patch } from "@/core/garden";
import type { Point, SidePoint } from "@/core/placement";
import { useWords } from "@/ui/words/use-words";

const SIZE = 104;

export interface TopPlanting {
  readonly id: string;
  readonly top: readonly Point[];
  readonly sides: readonly SidePoint[];
  /** Spacing that each plant wants, cm; 0 for a stand sown thick. */
  readonly spacingCm: number;
  /** Its part of the top, when it is sown thick: side by side with others along the length. */
  readonly patch?: Patch;
  readonly ground?: readonly Point[];
  readonly selected: boolean;
}

/** The bag from above, to its own scale, with each plant where it stands and the room that it wants. */
export function BagTop({ shape, plantings }: { shape: BagShape; plantings: readonly TopPlanting[] }) {
  const { t } = useWords();
  const outline = topOutline(shape);
  const length = outline.type === "rectangle" ? outline.lengthCm : 2 * outline.radiusCm;
  const width = outline.type === "rectangle" ? outline.widthCm : 2 * outline.radiusCm;
  const holes = sideHoles(shape);
  const scale = (SIZE - (holes > 0 ? 22 : 6)) / Math.max(length, width);
  const at = (p: Point) => ({ cx: SIZE / 2 + p.x * scale, cy: SIZE / 2 + p.y * scale });
  const box = { x: SIZE / 2 - (length * scale) / 2, y: SIZE / 2 - (width * scale) / 2, width: length * scale, height: width * scale };
  const plants = plantings.reduce((sum, p) => sum + p.top.length + p.sides.length, 0);
  return (
    <svg width={SIZE} height={SIZE} viewBox={`0 0 ${SIZE} ${SIZE}`} role="img" aria-label={t("bench.topOf", { plants })} className="shrink-0">
      {outline.type === "rectangle" ? (
        <rect {...box} rx={shape.kind === "flat" ? 6 : 0} fill="var(--card)" stroke="var(--ink)" strokeWidth="2" />
      ) : (
        <circle cx={SIZE / 2} cy={SIZE / 2} r={outline.radiusCm * scale} fill="var(--card)" stroke="var(--ink)" strokeWidth="2" />
      )}
      {outline.type === "annulus" && <circle cx={SIZE / 2} cy={SIZE / 2} r={outline.coreCm * scale} fill="var(--muted)" />}
      {plantings.map((p) => (
        <g key={p.id} stroke={p.selected ? "var(--beet)" : "var(--leaf)"} fill={p.selected ? "var(--beet)" : "var(--leaf)"}>
          {p.ground?.map((q, i) => <circle key={i} {...at(q)} r="1.4" stroke="none" />)}
          {p.patch && p.patch.index > 0 && !p.patch.half && <line x1={box.x + (box.width * p.patch.index) / p.patch.of} x2={box.x + (box.width * p.patch.index) / p.patch.of} y1={box.y + 3} y2={box.y + box.height - 3} strokeDasharray="3 3" />}
          {p.top.map((q, i) => (
            <g key={i}>
              {p.top.length <= 40 && <circle {...at(q)} r={(p.spacingCm / 2) * scale} fill="none" strokeDasharray="2.5 2.5" />}
              <circle {...at(q)} r={Math.max(1.2, Math.min(4, (p.spacingCm * scale) / 5))} stroke="none" />
            </g>
          ))}
          {p.sides.map((q, i) => {
            const r = (length / 2) * scale + 6;
            return <circle key={i} cx={SIZE / 2 + r * Math.cos(q.angle)} cy={SIZE / 2 + r * Math.sin(q.angle)} r="2.2" stroke="none" />;
          })}
        </g>
      ))}
    </svg>
  );
}
