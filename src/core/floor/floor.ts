import type { BagShape } from "../bag";
import { footprint } from "../bag";
import type { Floor } from "../place";

export interface Spot {
  readonly xCm: number;
  readonly yCm: number;
  readonly turned: boolean;
}

export interface Box {
  readonly x0: number;
  readonly x1: number;
  readonly y0: number;
  readonly y1: number;
}

/** A bag on its spot. */
export interface Placed {
  readonly id: string;
  readonly shape: BagShape;
  readonly spot: Spot;
  readonly wetKg: number;
  /** Height above the floor of what it and its plants shade with, cm. */
  readonly heightCm: number;
}

/** A door's swing and step: what stays clear in front of it, cm. Common practice; fire rules decide. */
const DOOR_CLEAR_CM = 80;

/** What a bag covers, as a box round it; undefined for one that hangs. */
export function boxOf(shape: BagShape, { xCm, yCm, turned }: Spot): Box | undefined {
  const ground = footprint(shape);
  if (!ground) return undefined;
  const [a, b] =
    ground.type === "rectangle"
      ? [ground.lengthCm / 2, ground.widthCm / 2]
      : [ground.radiusCm, ground.radiusCm];
  const [halfX, halfY] = turned ? [b, a] : [a, b];
  return { x0: xCm - halfX, x1: xCm + halfX, y0: yCm - halfY, y1: yCm + halfY };
}

/** The ground that a door needs to be kept clear, cm; undefined where no door is known. */
export const doorBox = ({ door }: Floor): Box | undefined =>
  door && { x0: door.fromCm, x1: door.fromCm + door.widthCm, y0: 0, y1: DOOR_CLEAR_CM };

/** Area that two boxes share, cm². */
export const shared = (a: Box, b: Box): number =>
  Math.max(0, Math.min(a.x1, b.x1) - Math.max(a.x0, b.x0)) *
  Math.max(0, Math.min(a.y1, b.y1) - Math.max(a.y0, b.y0));

/** Touching is not overlapping: this much is rounding, cm². */
export const TOUCH_CM2 = 4;
