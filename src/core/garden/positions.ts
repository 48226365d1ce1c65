import { type BagShape, outlineArea, plantingTop, sideRings } from "../bag";
import type { Goal } from "../crop";
import { halfOf } from "../plan";
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
import { type Occupant, overlaps } from "./occupant";

/** Where a planting's plants stand: on the top in cm from the middle, or among side holes; and its part of the top when it is sown dense. */
export interface Positions {
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

const NOWHERE: Positions = { top: [], sides: [] };

/** Furthest apart that two plantings want to be on any day together, cm. */
export const wantApart = (a: Occupant, b: Occupant): number =>
  Math.max(0, ...daysTogether(a, b).map((day) => apartOn(a, b, day)));

const isDense = (d: Occupant) => d.goal.stand.type === "dense";

/** Soil that single plants keep from a stand sown round them, cm². */
const keptBy = ({ goal, planting }: Occupant) =>
  goal.stand.type === "plants" && planting.surface !== "side"
    ? (planting.plants ?? 0) * Math.PI * (goal.stand.spacingCm.least / 2) ** 2
    : 0;

function patchOf(own: Occupant, occupants: readonly Occupant[], shape: BagShape): Patch {
  const half = halfOf(own.planting);
  // What keeps to the other half takes nothing of this one.
  const near = occupants.filter(
    (d) =>
      overlaps(d, own) &&
      (half === undefined || halfOf(d.planting) === undefined || halfOf(d.planting) === half),
  );
  const beside = occupants.filter((d) => isDense(d) && (d === own || near.includes(d)));
  const others = near.filter((d) => !isDense(d));
  const whole =
    outlineArea(plantingTop(shape)) / (half ? 2 : 1) - others.reduce((sum, d) => sum + keptBy(d), 0);
  return {
    half,
    index: beside.indexOf(own),
    of: beside.length,
    areaCm2: Math.max(0, whole) / beside.length,
  };
}

/** Enough points to tell a tenth of a patch. */
const SPREAD = 120;

/** Points of a top that lie in a patch of it. */
function patchPoints({ half, index, of }: Patch, shape: BagShape): Point[] {
  const top = plantingTop(shape);
  const own = spread(top, SPREAD).filter((p) => half === undefined || inHalf(top, half, p));
  const [least, most] = [Math.min(...own.map((p) => p.x)), Math.max(...own.map((p) => p.x))];
  return own.filter(
    (p) => Math.min(of - 1, Math.floor(((p.x - least) / Math.max(1e-9, most - least)) * of)) === index,
  );
}

/** Where a goal stands that keeps to a half, whatever stands beside it. */
export function positionsInHalf(shape: BagShape, goal: Goal, half: Half, plants: number | null): Positions {
  if (goal.stand.type === "dense")
    return { ...NOWHERE, ground: patchPoints({ half, index: 0, of: 1, areaCm2: 0 }, shape) };
  const { spacingCm } = goal.stand;
  return {
    top: placeHalf(plantingTop(shape), half, plants ?? 0, {
      spacingCm: spacingCm.good,
      insetCm: goal.insetCm,
      borderCm: spacingCm.least / 2,
    }),
    sides: [],
  };
}

/** What keeps to a part of the top finds its place before what goes round it. */
const turnOf = ({ planting }: Occupant) => (planting.surface === "edge" ? 0 : halfOf(planting) ? 1 : 2);

/**
 * Where every planting of a row stands. Those along the edge come first, then those that keep to a half, then by the day
 * they come in; each of the others finds its place around those that stand at the same time.
 */
export function positionsOf(occupants: readonly Occupant[], shape: BagShape): Map<Occupant, Positions> {
  const found = new Map<Occupant, Positions>();
  const order = [...occupants].sort((a, b) => turnOf(a) - turnOf(b) || a.course.from - b.course.from);
  for (const own of order) found.set(own, positionOf(own, { occupants, shape, found }));
  return found;
}

function positionOf(
  own: Occupant,
  {
    occupants,
    shape,
    found,
  }: { occupants: readonly Occupant[]; shape: BagShape; found: ReadonlyMap<Occupant, Positions> },
): Positions {
  const { planting, goal } = own;
  const plants = planting.plants ?? 0;
  const half = halfOf(planting);
  if (planting.surface === "side") return { top: [], sides: placeSides(sideRings(shape), plants) };
  if (goal.stand.type === "dense") {
    const patch = patchOf(own, occupants, shape);
    return { ...NOWHERE, patch, ground: patchPoints(patch, shape) };
  }
  if (half) return positionsInHalf(shape, goal, half, plants);
  const top = plantingTop(shape);
  if (planting.surface === "edge") return { top: placeAlongEdge(top, plants, goal.insetCm), sides: [] };
  const there = [...found].filter(([other, { top: points }]) => overlaps(other, own) && points.length > 0);
  const points = there.flatMap(([, positions]) => positions.top);
  const clearCm = Math.max(1, ...there.map(([other]) => wantApart(own, other)));
  const place = there.every(([other]) => other.planting.surface === "edge") ? placeAround : placeAmong;
  const among = { spacingCm: goal.stand.spacingCm.good, insetCm: goal.insetCm, points, clearCm };
  return { top: place(top, plants, among), sides: [] };
}
