import { type BagShape, innerHeightCm, sideHoles, topOutline, widthOf } from "../bag";
import { type Half, HALVES } from "./half";

/** The part of a bag that a planting has: its top, a half of it, or the side holes. */
export type Part = "top" | "side" | Half;

/** Crowns lean out over a rim by at most this much, cm. Assumption, no source. */
export const LEAN_CM = 15;
/** Of a wall with holes this share has the sun on it, the rest its back to it. Assumption, no source. */
const LIT_WALL = 0.4;
/** A top over side holes leaves them this share of the mix. Common practice: the top takes what stands. */
const SIDE_SHARE = 0.75;

const isHalf = (part: Part): part is Half => HALVES.some((half) => half === part);

/** What crowns of a width can catch light on over a part of a bag, m²: its top or the lit part of its wall, and as far out as they lean. */
export function crownM2(shape: BagShape, part: Part, widthCm: number): number {
  const lean = Math.min(LEAN_CM, widthCm / 2);
  if (part === "side")
    return (LIT_WALL * Math.PI * (widthOf(shape) + 2 * lean) * (wallCm(shape) + lean)) / 10_000;
  const top = topOutline(shape);
  const cm2 =
    top.type === "rectangle"
      ? (top.lengthCm + 2 * lean) * (top.widthCm + 2 * lean)
      : Math.PI * (top.radiusCm + lean) ** 2;
  return cm2 / 10_000 / (isHalf(part) ? 2 : 1);
}

const wallCm = (shape: BagShape): number => innerHeightCm(shape) * (shape.kind === "tiers" ? shape.tiers : 1);

/** The share of a bag's mix that belongs to a part of it. */
export function soilShare(shape: BagShape, part: Part): number {
  if (isHalf(part)) return 0.5;
  if (sideHoles(shape) === 0) return 1;
  return part === "side" ? SIDE_SHARE : 1 - SIDE_SHARE;
}
