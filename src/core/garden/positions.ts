import { type BagShape, outlineArea, plantingTop, sideRings } from "../bag";
import type { Goal } from "../crop";
import {
  type Half,
  inHalf,
  placeAlongEdge,
  placeAmong,
  placeAround,
  placeHalf,
  placeSides,
  type Point,
  type SidePoint,
  spread,
} from "../placement";
import { apartOn, daysTogether } from "./crowd";
import { type Draft, overlaps } from "./draft";
import { halfOf } from "./plan";

/** Where a planting's plants stand: on the top in cm from the middle, or among side holes; and its part of the top when it is sown thick. */
export interface Standing {
  readonly top: readonly Point[];
  readonly sides: readonly SidePoint[];
  readonly patch?: Patch;
  /** Points spread evenly over the patch, so that shade on it can be told. */
  readonly ground?: readonly Point[];
}

/** One of `of` equal parts of a top or of a half of it, side by side along its length. */
export interface Patch {
  readonly half?: Half;
  readonly index: number;
  readonly of: number;
  /** Soil that it is sown on, cm²; plants that stand in it take theirs. */
  readonly areaCm2: number;
}

const NOWHERE: Standing = { top: [], sides: [] };

/** Furthest apart that two plantings want to be on any day together, cm. */
export const wantApart = (a: Draft, b: Draft): number =>
  Math.max(0, ...daysTogether(a, b).map((day) => apartOn(a, b, day)));

const isThick = (d: Draft) => d.goal.stand.type === "thick";

/** Soil that single plants keep from a stand sown round them, cm². */
const keptBy = ({ goal, planting }: Draft) =>
  goal.stand.type === "plants" && planting.surface !== "side"
    ? (planting.plants ?? 0) * Math.PI * (goal.stand.spacingCm.least / 2) ** 2
    : 0;

function patchOf(draft: Draft, drafts: readonly Draft[], shape: BagShape): Patch {
  const half = halfOf(draft.planting);
  // What keeps to the other half takes nothing of this one.
  const near = drafts.filter(
    (d) =>
      overlaps(d, draft) &&
      (half === undefined || halfOf(d.planting) === undefined || halfOf(d.planting) === half),
  );
  const beside = drafts.filter((d) => isThick(d) && (d === draft || near.includes(d)));
  const others = near.filter((d) => !isThick(d));
  const whole =
    outlineArea(plantingTop(shape)) / (half ? 2 : 1) - others.reduce((sum, d) => sum + keptBy(d), 0);
  return {
    half,
    index: beside.indexOf(draft),
    of: beside.length,
    areaCm2: Math.max(0, whole) / beside.length,
  };
}

/** Enough points to tell a tenth of a patch. */
const SPREAD = 120;

/** Points of a top that lie in a patch of it. */
function groundOf({ half, index, of }: Patch, shape: BagShape): Point[] {
  const top = plantingTop(shape);
  const own = spread(top, SPREAD).filter((p) => half === undefined || inHalf(top, half, p));
  const [least, most] = [Math.min(...own.map((p) => p.x)), Math.max(...own.map((p) => p.x))];
  return own.filter(
    (p) => Math.min(of - 1, Math.floor(((p.x - least) / Math.max(1e-9, most - least)) * of)) === index,
  );
}

/** Where a goal stands that keeps to a half, whatever stands beside it. */
export function standingInHalf(shape: BagShape, goal: Goal, half: Half, plants: number | null): Standing {
  if (goal.stand.type === "thick")
    return { ...NOWHERE, ground: groundOf({ half, index: 0, of: 1, areaCm2: 0 }, shape) };
  const { spacingCm } = goal.stand;
  return {
    top: placeHalf(plantingTop(shape), half, plants ?? 0, spacingCm.good, goal.insetCm, spacingCm.least / 2),
    sides: [],
  };
}

/** What keeps to a part of the top finds its place before what goes round it. */
const turnOf = ({ planting }: Draft) => (planting.surface === "edge" ? 0 : halfOf(planting) ? 1 : 2);

/**
 * Where every planting of a row stands. Those along the edge come first, then those that keep to a half, then by the day
 * they come in; each of the others finds its place around those that stand at the same time.
 */
export function standingsOf(drafts: readonly Draft[], shape: BagShape): Map<Draft, Standing> {
  const found = new Map<Draft, Standing>();
  const top = plantingTop(shape);
  const order = [...drafts].sort((a, b) => turnOf(a) - turnOf(b) || a.stay.from.localeCompare(b.stay.from));
  for (const draft of order) {
    const { planting, goal } = draft;
    const n = planting.plants ?? 0;
    const half = halfOf(planting);
    if (planting.surface === "side") {
      found.set(draft, { top: [], sides: placeSides(sideRings(shape), n) });
    } else if (goal.stand.type === "thick") {
      const patch = patchOf(draft, drafts, shape);
      found.set(draft, { ...NOWHERE, patch, ground: groundOf(patch, shape) });
    } else if (half) {
      found.set(draft, standingInHalf(shape, goal, half, n));
    } else {
      const there = [...found.keys()].filter((d) => overlaps(d, draft) && found.get(d)!.top.length > 0);
      const points = there.flatMap((d) => found.get(d)!.top);
      const clearCm = Math.max(1, ...there.map((d) => wantApart(draft, d)));
      const spacingCm = goal.stand.spacingCm.good;
      const own =
        planting.surface === "edge"
          ? placeAlongEdge(top, n, goal.insetCm)
          : there.every((d) => d.planting.surface === "edge")
            ? placeAround(top, n, spacingCm, goal.insetCm, points, clearCm)
            : placeAmong(top, n, spacingCm, goal.insetCm, points, clearCm);
      found.set(draft, { top: own, sides: [] });
    }
  }
  return found;
}
