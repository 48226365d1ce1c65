import { type BagShape, footprint, outlineArea, plantingTop, sideHoles } from "../bag";
import type { Half } from "../placement";

/** The wall of a tower, tiers or a pocket bag sees the sun for half the day. Assumption, no source. */
const WALL_SUN = 0.5;

/** Soil or holed wall of a part of a bag that the air draws from, cm²: its top, a half of that, or its side. */
export function openCm2(shape: BagShape, part: "top" | "side" | Half = "top"): number {
  const top = plantingTop(shape);
  if (part === "top") return outlineArea(top);
  if (part !== "side") return outlineArea(top) / 2;
  if (sideHoles(shape) === 0) return 0;
  const ground = footprint(shape) ?? top;
  const round =
    ground.type === "rectangle" ? 2 * (ground.lengthCm + ground.widthCm) : 2 * Math.PI * ground.radiusCm;
  const height =
    shape.kind === "tiers" ? shape.tierHeightCm * shape.tiers : "heightCm" in shape ? shape.heightCm : 0;
  return WALL_SUN * round * height;
}
