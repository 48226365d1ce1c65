import { type BagShape, footprint, outlineArea, plantingTop, sideHoles } from "../bag";

/** The wall of a tower, tiers or a pocket bag sees the sun for half the day. Memory. */
const WALL_SUN = 0.5;

/** Soil and holed wall that the air draws from, cm². */
export function openCm2(shape: BagShape): number {
  const top = plantingTop(shape);
  if (sideHoles(shape) === 0) return outlineArea(top);
  const ground = footprint(shape) ?? top;
  const round =
    ground.type === "rectangle" ? 2 * (ground.lengthCm + ground.widthCm) : 2 * Math.PI * ground.radiusCm;
  const height =
    shape.kind === "tiers" ? shape.tierHeightCm * shape.tiers : "heightCm" in shape ? shape.heightCm : 0;
  return outlineArea(top) + WALL_SUN * round * height;
}
