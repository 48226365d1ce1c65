import type { BagMake, BagShape } from "../bag";
import type { Climate } from "../climate";
import { type Day, dayNumber } from "../day";
import type { SchoolsInForce } from "../school";
import { drawnL, evaporationOn, openCm2, WALL_OVERHANG, wallFactor } from "../water";
import type { Course } from "./course";
import { HALVES, type Part } from "../placement";

/** A planting in a bag, and the part of the bag that it has: its top, a half of it, or the side holes. */
export interface Drinker {
  readonly course: Course;
  readonly units: number;
  readonly part: Part;
}

/** What a bag is to the air: its shape, and what its wall is made of; a make that nobody knows is taken for the thirstiest. */
export interface DrunkFrom {
  readonly shape: BagShape;
  readonly make: BagMake | undefined;
  readonly schools: Pick<SchoolsInForce, "colour" | "onions">;
  /** Under a cover the air is still and damp. */
  readonly isCovered?: boolean;
  /** Straw, grass or leaves lie over its mix. */
  readonly isMulched?: boolean;
}

/** Under a cover leaves lose so much of what they do in the open. Assumption, no source. */
const COVERED = 0.75;
/** Onions that are kept rather dry are given this share of what they would draw. Assumption, no source. */
const LITTLE = 0.7;
const ONION_FAMILY = "Amaryllidaceae";

/**
 * Litres that plantings draw from their bag on a day. Each part of the bag in which something stands counts by itself,
 * so that what plantings in different parts draw adds up; a part in which nothing stands is not watered.
 */
export function drunkL(bag: DrunkFrom, drinkers: readonly Drinker[], day: Day, climate: Climate): number {
  const at = dayNumber(day);
  const there = drinkers.filter(({ course }) => course.leafCm2(at) > 0);
  if (there.length === 0) return 0;
  const mm = evaporationOn(climate, day) * (bag.isCovered ? COVERED : 1);
  const wall = wallFactor(bag.make, bag.schools);
  // Where something has the whole top, what keeps to a half of it shares it.
  const whole = there.some(({ part }) => part === "top");
  const isHalf = (part: Drinker["part"]) => HALVES.some((half) => half === part);
  const partOf = ({ part }: Drinker) => (whole && isHalf(part) ? "top" : part);
  const parts = new Map<Drinker["part"], { leafCm2: number; kc: number }[]>();
  for (const drinker of there) {
    const { course, units } = drinker;
    const isOnion = course.goal.kind === "bulb" && course.crop.family === ONION_FAMILY;
    const isKeptDry = bag.schools.onions === "little" && isOnion;
    const leaves = { leafCm2: units * course.leafCm2(at), kc: course.kc(at) * (isKeptDry ? LITTLE : 1) };
    parts.set(partOf(drinker), [...(parts.get(partOf(drinker)) ?? []), leaves]);
  }
  return [...parts].reduce(
    (sum, [part, leaves]) =>
      sum +
      drawnL(mm, openCm2(bag.shape, part), leaves, {
        wall,
        isMulched: bag.isMulched,
        ...(part === "side" && { overhang: WALL_OVERHANG }),
      }),
    0,
  );
}
