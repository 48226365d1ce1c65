import { areaM2, kgOn, squareRound } from "./faults";
import { type Box, boxOf, doorBox, type Placed, shared, type Spot, TOUCH_CM2 } from "./floor";
import type { Floor } from "../place";
import { outOfReach } from "./reach";
import { known } from "../known";

/** Places are tried this far apart, cm. */
const STEP_CM = 5;

/** Places a bag may take, the rail's side first and then nearer the wall, from the left; both ways round where that differs. */
function* places(floor: Floor, shape: Placed["shape"]): Generator<Spot> {
  for (const turned of [false, true]) {
    const box = boxOf(shape, { xCm: 0, yCm: 0, turned });
    if (!box) return;
    const [halfX, halfY] = [box.x1, box.y1];
    for (let y = floor.widthCm - halfY; y >= halfY - 1e-6; y -= STEP_CM) {
      for (let x = halfX; x <= floor.lengthCm - halfX + 1e-6; x += STEP_CM) yield { xCm: x, yCm: y, turned };
    }
  }
}

/** Sums that differ by less are alike, kg/m²: they were added in another order. */
const ALIKE = 1e6;

/**
 * By how much a bag would add to what is over a floor's limit: on the square round itself, and on those round the bags
 * that stand already.
 *
 * @returns of a spot for the bag, kg/m²
 */
function excessBy(floor: Floor, standing: readonly Placed[], limitKgM2: number): (bag: Placed) => number {
  const over = (kg: number, square: Box) => Math.max(0, kg / areaM2(square) - limitKgM2);
  const kgRound = (square: Box) => standing.reduce((sum, bag) => sum + kgOn(square, bag), 0);
  const squares = standing.map((bag) => {
    const square = squareRound(floor, bag);
    const kg = kgRound(square);
    return { square, kg, over: over(kg, square) };
  });
  return (bag) => {
    if (limitKgM2 === Number.POSITIVE_INFINITY) return 0;
    const own = squareRound(floor, bag);
    const beside = squares.reduce(
      (sum, { square, kg, over: was }) => sum + over(kg + kgOn(square, bag), square) - was,
      0,
    );
    return Math.round((over(kgRound(own) + kgOn(own, bag), own) + beside) * ALIKE) / ALIKE;
  };
}

/**
 * Finds a spot for every bag that has none, the largest first, along the open side, off the others, away from the door,
 * so that everything can still be reached, and where it adds least to what is over the floor's limit. A bag for which
 * there is no such spot is left out.
 *
 * @param bags those that stand already, and those to place (without a spot)
 */
export function arrange(
  floor: Floor,
  bags: readonly (Omit<Placed, "spot"> & { readonly spot?: Spot })[],
  limitKgM2 = Number.POSITIVE_INFINITY,
): Map<string, Spot> {
  const door = doorBox(floor);
  const standing = bags.filter((bag): bag is Placed => bag.spot !== undefined);
  const found = new Map<string, Spot>();
  const size = (bag: { shape: Placed["shape"] }) => {
    const box = boxOf(bag.shape, { xCm: 0, yCm: 0, turned: false });
    return box ? (box.x1 - box.x0) * (box.y1 - box.y0) : 0;
  };
  const isClear = (box: Box) =>
    !(door && shared(box, door) > TOUCH_CM2) &&
    standing.every((other) => {
      const theirs = boxOf(other.shape, other.spot);
      return !theirs || shared(box, theirs) <= TOUCH_CM2;
    });
  for (const bag of bags.filter((b) => b.spot === undefined).sort((a, b) => size(b) - size(a))) {
    const clear = [...places(floor, bag.shape)].filter((spot) => isClear(known(boxOf(bag.shape, spot))));
    const excess = excessBy(floor, standing, limitKgM2);
    // Sorting keeps the order of places that are alike, the open side first.
    const byLoad = clear
      .map((spot) => ({ placed: { ...bag, spot }, over: excess({ ...bag, spot }) }))
      .sort((a, b) => a.over - b.over);
    const best = byLoad.find(({ placed }) => outOfReach(floor, [...standing, placed]).length === 0);
    if (!best) continue;
    standing.push(best.placed);
    found.set(bag.id, best.placed.spot);
  }
  return found;
}
