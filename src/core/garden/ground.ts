import { type Ground, unitsOf } from "../course";
import { HALVES, whereOf } from "../placement";
import type { Setting } from "../setting";
import { crownM2, LEAN_CM, type Part, soilShare } from "../placement";
import { halfOf } from "../plan";
import type { BagShape } from "../bag";
import type { Occupant } from "./occupant";
import type { Patch } from "./positions";

const partOf = ({ planting }: Occupant): Part => halfOf(planting) ?? whereOf(planting.surface);

/** How much of what stands in `theirs` stands in `own`, 0 to 1. */
function within(own: Part, theirs: Part): number {
  if (own === theirs || (own === "top" && HALVES.some((half) => half === theirs))) return 1;
  return theirs === "top" && HALVES.some((half) => half === own) ? 0.5 : 0;
}

/** Crowns of a planting side by side, m²: what it would cover if nobody pressed it. */
function crownsM2({ goal, planting }: Occupant, patch: Patch | undefined): number {
  if (goal.stand.type === "dense") return (patch?.areaCm2 ?? 0) / 10_000;
  return ((planting.plants ?? 0) * Math.PI * (goal.widthCm / 100) ** 2) / 4;
}

/** Litres that a planting would have if nobody pressed it. */
const soilWantedL = ({ goal, planting }: Occupant): number =>
  goal.stand.type === "plants" ? (planting.plants ?? 0) * goal.stand.soilL.good : 0;

/** What a bag has for those that stand in it. */
interface BagGround {
  readonly shape: BagShape;
  readonly soilL: number;
  readonly patchOf: (occupant: Occupant) => Patch | undefined;
  /** Share of its crowns' light that is left to the bag among all bags of the floor, see `openFloor`. */
  readonly open: number;
}

/** What a planting has of light and soil, shared with what stands in the same part of the bag by how long they stand together and how large they are. */
export function groundFor(own: Occupant, others: readonly Occupant[], bag: BagGround): Ground {
  const part = partOf(own);
  const days = own.course.to - own.course.from + 1;
  const shareOf = (want: (o: Occupant) => number) => {
    const mine = want(own);
    const theirs = others.reduce((sum, other) => {
      const from = Math.max(own.course.from, other.course.from);
      const to = Math.min(own.course.to, other.course.to);
      return sum + within(part, partOf(other)) * want(other) * Math.max(0, (to - from + 1) / days);
    }, 0);
    return mine > 0 ? mine / (mine + theirs) : 1;
  };
  const units = unitsOf(own.goal, { plants: own.planting.plants, areaCm2: bag.patchOf(own)?.areaCm2 });
  const lightShare = shareOf((o) => crownsM2(o, bag.patchOf(o)));
  return {
    units,
    lightM2: bag.open * crownM2(bag.shape, part, own.goal.widthCm) * lightShare,
    soilL: units > 0 ? (bag.soilL * soilShare(bag.shape, part) * shareOf(soilWantedL)) / units : 0,
  };
}

/**
 * Share of their light that crowns keep when all bags stand together on a floor, 0 to 1: no floor catches light twice. Over
 * the rail they lean out as over a rim.
 */
export function openFloor(shapes: readonly BagShape[], { floor, floorM2 }: Setting): number {
  const crowns = shapes.reduce((sum, shape) => sum + crownM2(shape, "top", 2 * LEAN_CM), 0);
  const there = floor ? (floor.lengthCm * (floor.widthCm + LEAN_CM)) / 10_000 : floorM2;
  return crowns > there ? there / crowns : 1;
}
