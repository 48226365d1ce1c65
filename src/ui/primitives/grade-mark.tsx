"use client";

import type { Grade } from "@/core/fit";
import { t } from "./words";

/** A pot seen from the side, by how it is filled: half empty, full to its brim, spilling over, struck through. */
const FILL: Record<Grade, { level: number; over: boolean; struck: boolean }> = {
  roomy: { level: 6, over: false, struck: false },
  right: { level: 11, over: false, struck: false },
  tight: { level: 11, over: true, struck: false },
  wrong: { level: 0, over: false, struck: true },
};

export function GradeMark({ grade, labelled = false }: { grade: Grade; labelled?: boolean }) {
  const { level, over, struck } = FILL[grade];
  const tone = grade === "wrong" ? "var(--beet)" : grade === "tight" ? "var(--marigold)" : "var(--leaf)";
  return (
    <span className="inline-flex items-center gap-1.5">
      <svg width="18" height="18" viewBox="0 0 18 18" aria-hidden="true" className="shrink-0">
        <path
          d={`M${4.6 - level * 0.12} ${16 - level} L${13.4 + level * 0.12} ${16 - level} L13.4 16 L4.6 16 Z`}
          fill={tone}
        />
        {over && <path d="M2 5 Q9 -1.5 16 5 Z" fill={tone} />}
        <path d="M3 5 L4.6 16 L13.4 16 L15 5" fill="none" stroke={tone} strokeWidth="1.6" />
        {struck && <path d="M2 3 L16 16 M16 3 L2 16" stroke={tone} strokeWidth="1.8" />}
      </svg>
      <span className={labelled ? "font-semibold" : "sr-only"}>{t(`grades.${grade}`)}</span>
    </span>
  );
}
