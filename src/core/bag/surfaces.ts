import type { Outline } from "./outline";
import type { BagShape } from "./shape";

/** The soil's outline at the top of the bag, seen from above. A tower's core takes its middle. */
export function topOutline(shape: BagShape): Outline {
  switch (shape.kind) {
    case "round":
    case "pocket":
    case "tiers":
      return { type: "circle", radiusCm: shape.diameterCm / 2 };
    case "pot":
      return { type: "circle", radiusCm: shape.topCm / 2 };
    case "tower":
      return shape.coreCm > 0
        ? { type: "annulus", radiusCm: shape.diameterCm / 2, coreCm: shape.coreCm / 2 }
        : { type: "circle", radiusCm: shape.diameterCm / 2 };
    case "tub":
      return { type: "rectangle", lengthCm: shape.lengthCm, widthCm: shape.widthCm };
    case "flat":
      return {
        type: "rectangle",
        lengthCm: shape.lengthCm,
        widthCm: shape.widthCm,
      };
  }
}

/** The part of the top that can be planted: a laid-flat bag's window leaves a rim standing all round. */
export function plantingTop(shape: BagShape): Outline {
  return shape.kind === "flat"
    ? {
        type: "rectangle",
        lengthCm: Math.max(0, shape.lengthCm - 2 * shape.rimCm),
        widthCm: Math.max(0, shape.widthCm - 2 * shape.rimCm),
      }
    : topOutline(shape);
}

/** One ring of planting holes: how high above the base, and how many. */
export interface SideRing {
  readonly heightCm: number;
  readonly holes: number;
}

/** Rings of side holes from the lowest up; none for a bag without holes. Holes left over go to the lower rings. */
export function sideRings(shape: BagShape): SideRing[] {
  if (shape.kind !== "pocket" && shape.kind !== "tower" && shape.kind !== "tiers") return [];
  const holes = shape.kind === "tower" ? shape.holes : shape.pockets;
  const rings = shape.kind === "tiers" ? shape.tiers : shape.rings;
  const each = Math.floor(holes / rings);
  const over = holes - each * rings;
  // A tier's pockets stand at its rim; a bag's rings are spread over its height.
  const heightOf = (ring: number) =>
    shape.kind === "tiers" ? shape.tierHeightCm * (ring + 1) : (shape.heightCm * (ring + 1)) / (rings + 1);
  return Array.from({ length: rings }, (_, ring) => ({
    heightCm: heightOf(ring),
    holes: each + (ring < over ? 1 : 0),
  }));
}

/** Planting holes in the sides of a bag, all rings together. */
export const sideHoles = (shape: BagShape): number =>
  sideRings(shape).reduce((sum, ring) => sum + ring.holes, 0);

/** How far inward roots can run from a side hole, in cm: across the bag, or to the core on its near side. */
export function sideReachCm(shape: BagShape): number {
  if (shape.kind === "pocket") return shape.diameterCm;
  if (shape.kind === "tiers") return shape.diameterCm / 2;
  if (shape.kind === "tower")
    return shape.coreCm > 0 ? (shape.diameterCm - shape.coreCm) / 2 : shape.diameterCm;
  return 0;
}

/** A fabric bag with its wall rolled down to a height; any other bag, and a height over its own, changes nothing. */
export const rolledTo = (shape: BagShape, heightCm: number): BagShape =>
  shape.kind === "round" && heightCm < shape.heightCm
    ? { kind: "round", diameterCm: shape.diameterCm, heightCm }
    : shape;

/** How wide the bag is to carry, cm: its shorter side. */
export function widthOf(shape: BagShape): number {
  const outline = topOutline(shape);
  return outline.type === "rectangle" ? Math.min(outline.lengthCm, outline.widthCm) : 2 * outline.radiusCm;
}

/** What the bag covers of the floor; a hanging bag covers none, and says so with undefined. */
export function footprint(shape: BagShape): Outline | undefined {
  switch (shape.kind) {
    case "pocket":
      return undefined;
    case "pot":
      return { type: "circle", radiusCm: shape.baseCm / 2 };
    case "tower":
      return { type: "circle", radiusCm: shape.diameterCm / 2 };
    default:
      return topOutline(shape);
  }
}
