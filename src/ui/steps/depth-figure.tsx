import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

const WIDTH = 96;
const HEIGHT = 96;
const SURFACE = 20;

/** How deep a piece lies, to scale: the surface, the piece below it, and the depth between. @param depthCm of its upper side */
export function DepthFigure({ depthCm }: { depthCm: number }) {
  const { quantity } = useWords();
  const deep = Math.min(HEIGHT - SURFACE - 18, 5 * depthCm);
  const piece = SURFACE + deep + 6;
  return (
    <svg
      width={WIDTH}
      height={HEIGHT}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={t("steps.drawing.depth", { depth: quantity(depthCm, "length") })}
      className="shrink-0"
    >
      <rect x="0" y={SURFACE} width={WIDTH} height={HEIGHT - SURFACE} fill="var(--soil-light)" />
      <line x1="0" x2={WIDTH} y1={SURFACE} y2={SURFACE} stroke="var(--soil)" strokeWidth="2" />
      <ellipse cx="34" cy={piece} rx="11" ry="7" fill="var(--card)" stroke="var(--ink)" strokeWidth="1.6" />
      <g stroke="var(--ink)" fill="var(--ink)" fontSize="11">
        <line x1="56" x2="56" y1={SURFACE} y2={SURFACE + deep} />
        <line x1="52" x2="60" y1={SURFACE} y2={SURFACE} />
        <line x1="52" x2="60" y1={SURFACE + deep} y2={SURFACE + deep} />
        <text x="62" y={SURFACE + deep / 2 + 4} stroke="none">
          {quantity(depthCm, "length")}
        </text>
      </g>
    </svg>
  );
}
