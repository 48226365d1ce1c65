"use client";

import type { SurveyTyped } from "@/core/place";
import { parseQuantity } from "@/core/quantity";
import { t } from "./words";

const WIDTH = 300;
const MOST_HEIGHT = 150;
/** A usual 10 gal bag from above, cm: it shows how large the place is. */
const BAG_CM = 41;

const cm = (text: string) => {
  const read = parseQuantity(text, "length");
  return read.ok && read.value.value > 0 ? read.value.value : undefined;
};

/** The place from above as it is typed, to scale: the wall with its door, the open side and where it faces, and one usual bag. */
export function PlaceDrawing({ typed }: { typed: SurveyTyped }) {
  const [length, width] = [cm(typed.length), cm(typed.width)];
  if (!length || !width) return null;
  const scale = Math.min(WIDTH / length, MOST_HEIGHT / width);
  const [w, h] = [length * scale, width * scale];
  const [doorAt, doorWide] = [cm(typed.doorAt), cm(typed.doorWide)];
  return (
    <svg
      viewBox={`-4 -16 ${w + 8} ${h + 36}`}
      width={w + 8}
      height={h + 36}
      role="img"
      aria-label={t("doorstep.drawing", { length: typed.length, width: typed.width })}
      className="max-w-full"
    >
      <rect width={w} height={h} fill="var(--paper)" stroke="var(--line)" />
      <line x2={w} stroke="var(--ink)" strokeWidth="5" />
      {doorAt !== undefined && doorWide !== undefined && (
        <line
          x1={doorAt * scale}
          x2={Math.min(w, (doorAt + doorWide) * scale)}
          stroke="var(--paper)"
          strokeWidth="5"
        />
      )}
      <circle
        cx={w - (BAG_CM * scale) / 2 - 3}
        cy={h - (BAG_CM * scale) / 2 - 3}
        r={(BAG_CM * scale) / 2}
        fill="var(--card)"
        stroke="var(--ink)"
      />
      <text y="-6" fontSize="11" fill="var(--muted)">
        {t("draw.wall")}
      </text>
      <text y={h + 14} fontSize="11" fill="var(--muted)">
        {typed.length} × {typed.width}
        {typed.faces !== "" && ` · ${t("doorstep.faces")} ${t(`compass.${typed.faces}`)}`}
      </text>
    </svg>
  );
}
