import { type Box, boxOf, doorBox, type Placed } from "./floor";
import type { Floor } from "../place";

/** A person standing takes a circle of this half width, and reaches this far from its middle, cm. Assumption, no source. */
const BODY_CM = 22;
const REACH_CM = 75;
const GRID_CM = 10;

const distanceTo = (box: Box, x: number, y: number) =>
  Math.hypot(Math.max(box.x0 - x, 0, x - box.x1), Math.max(box.y0 - y, 0, y - box.y1));

/** Places where a person can stand and get to from the door, or from the middle of the wall where no door is known. */
function standingPlaces(floor: Floor, boxes: readonly Box[]): [number, number][] {
  const columns = Math.max(1, Math.floor(floor.lengthCm / GRID_CM));
  const rows = Math.max(1, Math.floor(floor.widthCm / GRID_CM));
  const at = (i: number, j: number): [number, number] => [
    (i + 0.5) * (floor.lengthCm / columns),
    (j + 0.5) * (floor.widthCm / rows),
  ];
  // On a floor narrower than a person, one leans in from the wall.
  const body = Math.min(BODY_CM, floor.widthCm / 2 - 1);
  const free = (i: number, j: number) => {
    const [x, y] = at(i, j);
    return boxes.every((box) => distanceTo(box, x, y) >= body);
  };
  const door = doorBox(floor);
  const startX = door ? (door.x0 + door.x1) / 2 : floor.lengthCm / 2;
  const queue: [number, number][] = [];
  const seen = new Set<number>();
  const visit = (i: number, j: number) => {
    if (i < 0 || j < 0 || i >= columns || j >= rows || seen.has(i * rows + j) || !free(i, j)) return;
    seen.add(i * rows + j);
    queue.push([i, j]);
  };
  // One comes in anywhere along the wall within a step of the door.
  for (let i = 0; i < columns; i++)
    if (Math.abs(at(i, 0)[0] - startX) <= (door ? (door.x1 - door.x0) / 2 + GRID_CM : floor.lengthCm))
      visit(i, 0);
  // The queue grows as it is walked.
  for (const [i, j] of queue) {
    visit(i + 1, j);
    visit(i - 1, j);
    visit(i, j + 1);
    visit(i, j - 1);
  }
  return queue.map(([i, j]) => at(i, j));
}

/** The bags that nobody can reach from where people can stand. */
export function outOfReach(floor: Floor, bags: readonly Placed[]): string[] {
  const boxes = bags.flatMap((bag) => boxOf(bag.shape, bag.spot) ?? []);
  const places = standingPlaces(floor, boxes);
  return bags
    .filter((bag) => {
      const box = boxOf(bag.shape, bag.spot);
      return (
        box &&
        !places.some(
          ([x, y]) =>
            distanceTo(box, x, y) <=
            REACH_CM - Math.min(REACH_CM / 2, Math.min(box.x1 - box.x0, box.y1 - box.y0) / 2),
        )
      );
    })
    .map((bag) => bag.id);
}
