import type { Outline } from "../bag";
import { capacityIn, placeIn } from "./place";
import type { Point } from "./region";

/** The halves of a top that two plantings keep to side by side: a rectangle's left and right, a round top's middle and the ring round it. */
export const HALVES = ["first-half", "second-half"] as const;
export type Half = (typeof HALVES)[number];

/** The half of a bag that a half leaves. */
export const otherHalf = (half: Half): Half => (half === "first-half" ? "second-half" : "first-half");

/** Radius that parts a round top into a middle and a ring of equal area, cm. */
export function partingRadius(top: Extract<Outline, { radiusCm: number }>): number {
  const coreCm = top.type === "annulus" ? top.coreCm : 0;
  return Math.sqrt((top.radiusCm ** 2 + coreCm ** 2) / 2);
}

/** Whether a point of a top lies in a half of it. Points are cm from the middle. */
export function inHalf(top: Outline, half: Half, p: Point): boolean {
  const first = top.type === "rectangle" ? p.x < 0 : Math.hypot(p.x, p.y) < partingRadius(top);
  return first === (half === "first-half");
}

/** Distances in a half of a top, cm: between plants, from the edge, and from the other half. */
export interface HalfRoom {
  readonly spacingCm: number;
  readonly insetCm: number;
  readonly borderCm: number;
}

interface Room {
  readonly outline: Outline;
  /** Its middle, cm right of the top's. */
  readonly atX: number;
}

/** Where stems of a half may stand: `insetCm` from the edge, `borderCm` from the other half. */
function roomOf(top: Outline, half: Half, insetCm: number, borderCm: number): Room | undefined {
  if (top.type === "rectangle") {
    const lengthCm = top.lengthCm / 2 - insetCm - borderCm;
    const widthCm = top.widthCm - 2 * insetCm;
    if (lengthCm < 0 || widthCm < 0) return undefined;
    const middle = insetCm + lengthCm / 2 - top.lengthCm / 2;
    return {
      outline: { type: "rectangle", lengthCm, widthCm },
      atX: half === "first-half" ? middle : -middle,
    };
  }
  const parting = partingRadius(top);
  const coreCm = half === "second-half" ? parting + borderCm : top.type === "annulus" ? top.coreCm : 0;
  const radiusCm =
    half === "second-half" ? top.radiusCm - insetCm : Math.min(parting - borderCm, top.radiusCm - insetCm);
  if (radiusCm < coreCm) return undefined;
  return {
    outline: coreCm > 0 ? { type: "annulus", radiusCm, coreCm } : { type: "circle", radiusCm },
    atX: 0,
  };
}

/** How many plants fit in a half of a top, each `spacingCm` from the next, `insetCm` from the edge and `borderCm` from the other half. */
export function halfCapacity(top: Outline, half: Half, { spacingCm, insetCm, borderCm }: HalfRoom): number {
  const room = roomOf(top, half, insetCm, borderCm);
  return room ? capacityIn(room.outline, spacingCm) : 0;
}

/** Where n plants stand in a half of a top, as even as can be; none where the half has no room. */
export function placeHalf(
  top: Outline,
  half: Half,
  n: number,
  { spacingCm, insetCm, borderCm }: HalfRoom,
): Point[] {
  const room = roomOf(top, half, insetCm, borderCm);
  return room ? placeIn(room.outline, n, spacingCm).map((p) => ({ x: p.x + room.atX, y: p.y })) : [];
}
