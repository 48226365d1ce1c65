import { outlineArea } from "./outline";
import type { BagShape } from "./shape";
import { topOutline } from "./surfaces";

/**
 * How far below the rim filling stops when nobody says otherwise, so that water stands instead of running off.
 * Common practice: 5 to 8 cm; small pots and trays less, since they are watered by the cup.
 */
export function usualGapCm(shape: BagShape): number {
  switch (shape.kind) {
    case "flat":
      return 0;
    case "tiers":
      return 2;
    case "pot":
      return shape.heightCm < 25 ? Math.min(2, shape.heightCm / 4) : 5;
    case "tub":
      return shape.heightCm < 20 ? Math.min(2, shape.heightCm / 4) : 5;
    default:
      return 5;
  }
}

/** Greatest height that soil can stand to, in cm. A laid-flat bag is as deep as its volume spreads over its floor; of tiers each has its own. */
export function innerHeightCm(shape: BagShape): number {
  if (shape.kind === "tiers") return shape.tierHeightCm;
  return shape.kind === "flat" ? (shape.nominalL * 1000) / (shape.lengthCm * shape.widthCm) : shape.heightCm;
}

/** Soil depth in cm when filling stops `gapCm` below the rim; never under 0. */
export function soilDepthCm(shape: BagShape, gapCm = usualGapCm(shape)): number {
  return Math.max(0, innerHeightCm(shape) - gapCm);
}

/** Litres of mix that stand in the bag when filling stops `gapCm` below the rim. A tower's stone core is left out. */
export function soilVolumeL(shape: BagShape, gapCm = usualGapCm(shape)): number {
  const depth = soilDepthCm(shape, gapCm);
  if (shape.kind === "pot") {
    const base = shape.baseCm / 2;
    const surface = base + ((shape.topCm / 2 - base) * depth) / shape.heightCm;
    return (Math.PI * depth * (base ** 2 + base * surface + surface ** 2)) / 3 / 1000;
  }
  return ((outlineArea(topOutline(shape)) * depth) / 1000) * (shape.kind === "tiers" ? shape.tiers : 1);
}

/** Litres of stones in a tower's core; 0 for every other bag. */
export function coreVolumeL(shape: BagShape, gapCm = usualGapCm(shape)): number {
  return shape.kind === "tower" ? (Math.PI * (shape.coreCm / 2) ** 2 * soilDepthCm(shape, gapCm)) / 1000 : 0;
}
