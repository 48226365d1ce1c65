import { type BagShape, outlineArea, plantingTop, sideRings } from "../bag";
import { placeAlongEdge, placeAmong, placeAround, placeSides, type Point, type SidePoint } from "../placement";
import { apartOn, daysTogether } from "./crowd";
import { type Draft, overlaps } from "./draft";

/** Where a planting's plants stand: on the top in cm from the middle, or among side holes; and its part of the top when it is sown thick. */
export interface Standing {
  readonly top: readonly Point[];
  readonly sides: readonly SidePoint[];
  readonly patch?: Patch;
}

/** One of `of` equal parts of a top, side by side along its length. */
export interface Patch {
  readonly index: number;
  readonly of: number;
  /** Soil that it is sown on, cm²; plants that stand in it take theirs. */
  readonly areaCm2: number;
}

const NOWHERE: Standing = { top: [], sides: [] };

/** Furthest apart that two plantings want to be on any day together, cm. */
export const wantApart = (a: Draft, b: Draft): number => Math.max(0, ...daysTogether(a, b).map((day) => apartOn(a, b, day)));

const isThick = (d: Draft) => d.goal.stand.type === "thick";

/** Soil that single plants keep from a stand sown round them, cm². */
const keptBy = ({ goal, planting }: Draft) =>
  goal.stand.type === "plants" && planting.surface !== "side" ? (planting.plants ?? 0) * Math.PI * (goal.stand.spacingCm.least / 2) ** 2 : 0;

function patchOf(draft: Draft, drafts: readonly Draft[], shape: BagShape): Patch {
  const beside = drafts.filter((d) => isThick(d) && (d === draft || overlaps(d, draft)));
  const others = drafts.filter((d) => !isThick(d) && overlaps(d, draft));
  const whole = outlineArea(plantingTop(shape)) - others.reduce((sum, d) => sum + keptBy(d), 0);
  return { index: beside.indexOf(draft), of: beside.length, areaCm2: Math.max(0, whole) / beside.length };
}

/**
 * Where every planting of a row stands. Those along the edge come first, then by the day they come in; each finds its
 * place around those that stand at the same time.
 */
export function standingsOf(drafts: readonly Draft[], shape: BagShape): Map<Draft, Standing> {
  const found = new Map<Draft, Standing>();
  const top = plantingTop(shape);
  const order = [...drafts].sort((a, b) => Number(b.planting.surface === "edge") - Number(a.planting.surface === "edge") || a.stay.from.localeCompare(b.stay.from));
  for (const draft of order) {
    const { planting, goal } = draft;
    const n = planting.plants ?? 0;
    if (planting.surface === "side") found.set(draft, { top: [], sides: placeSides(sideRings(shape), n) });
    else if (goal.stand.type === "thick") found.set(draft, { ...NOWHERE, patch: patchOf(draft, drafts, shape) });
    else {
      const there = [...found.keys()].filter((d) => overlaps(d, draft) && found.get(d)!.top.length > 0);
      const points = there.flatMap((d) => found.get(d)!.top);
      const clearCm = Math.max(1, ...there.map((d) => wantApart(draft, d)));
      const spacingCm = goal.stand.spacingCm.good;
      const own =
        planting.surface === "edge" ? placeAlongEdge(top, n, goal.insetCm)
        : there.every((d) => d.planting.surface === "edge") ? placeAround(top, n, spacingCm, goal.insetCm, points, clearCm)
        : placeAmong(top, n, spacingCm, goal.insetCm, points, clearCm);
      found.set(draft, { top: own, sides: [] });
    }
  }
  return found;
}
