import { type LoadGrade, loadOn } from "../load";
import { type Box, boxOf, doorBox, type Placed, shared, TOUCH_CM2 } from "./floor";
import type { Floor } from "../place";
import { outOfReach } from "./reach";

/** What is wrong with where a bag stands. */
export type Fault =
  | { readonly code: "off-floor" | "before-door" | "out-of-reach"; readonly bagId: string }
  | { readonly code: "overlaps"; readonly bagId: string; readonly otherId: string }
  | { readonly code: "too-heavy-here"; readonly bagId: string; readonly kgM2: number };

/** A single load counts over a square of 2.5 ft: ASCE 7, section 4.4 (from memory); so do all bags that stand on it together. */
const SQUARE_CM = 76.2;

/** The square round a bag on which its load counts, kept on the floor where the bag stands at its edge. */
export function squareRound(floor: Floor, { spot }: Placed): Box {
  const side = (length: number) => Math.min(SQUARE_CM, length);
  const start = (at: number, length: number) =>
    Math.min(Math.max(0, at - side(length) / 2), length - side(length));
  const [x0, y0] = [start(spot.xCm, floor.lengthCm), start(spot.yCm, floor.widthCm)];
  return { x0, x1: x0 + side(floor.lengthCm), y0, y1: y0 + side(floor.widthCm) };
}

/** The part of a bag that stands on a square, kg. */
export function kgOn(square: Box, bag: Placed): number {
  const box = boxOf(bag.shape, bag.spot);
  return box ? bag.wetKg * (shared(box, square) / ((box.x1 - box.x0) * (box.y1 - box.y0))) : 0;
}

/** Area of a box, m². */
export const areaM2 = (box: Box): number => ((box.x1 - box.x0) * (box.y1 - box.y0)) / 10_000;

/** Load on the square round a bag, with its part of every bag that stands on it. */
export function loadRound(
  floor: Floor,
  bag: Placed,
  bags: readonly Placed[],
  limitKgM2?: number,
): { kgM2: number; grade: LoadGrade } {
  const square = squareRound(floor, bag);
  const kg = bags.reduce((sum, other) => sum + kgOn(square, other), 0);
  const { kgM2, grade } = loadOn(kg, areaM2(square), limitKgM2);
  return { kgM2, grade };
}

/** Everything that is wrong with where bags stand: off the floor, on each other, before the door, too heavy together, or out of reach. */
export function faultsOf(floor: Floor, bags: readonly Placed[], limitKgM2?: number): Fault[] {
  const door = doorBox(floor);
  const boxes = bags
    .map((bag) => ({ bag, box: boxOf(bag.shape, bag.spot) }))
    .filter((b): b is { bag: Placed; box: Box } => b.box !== undefined);
  const outside = ({ x0, x1, y0, y1 }: Box) =>
    x0 < -0.5 || y0 < -0.5 || x1 > floor.lengthCm + 0.5 || y1 > floor.widthCm + 0.5;
  return [
    ...boxes
      .filter(({ box }) => outside(box))
      .map(({ bag }): Fault => ({ code: "off-floor", bagId: bag.id })),
    ...boxes.flatMap(({ bag, box }, i) =>
      boxes
        .slice(i + 1)
        .filter((other) => shared(box, other.box) > TOUCH_CM2)
        .map((other): Fault => ({ code: "overlaps", bagId: bag.id, otherId: other.bag.id })),
    ),
    ...(door
      ? boxes
          .filter(({ box }) => shared(box, door) > TOUCH_CM2)
          .map(({ bag }): Fault => ({ code: "before-door", bagId: bag.id }))
      : []),
    ...boxes.flatMap(({ bag }): Fault[] => {
      const load = loadRound(floor, bag, bags, limitKgM2);
      return load.grade === "over" ? [{ code: "too-heavy-here", bagId: bag.id, kgM2: load.kgM2 }] : [];
    }),
    ...outOfReach(floor, bags).map((bagId): Fault => ({ code: "out-of-reach", bagId })),
  ];
}
