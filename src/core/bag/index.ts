/** What does a bag hold, where can it be planted, and what does it weigh? Geometry of each kind of bag. */
export { coverFor } from "./cover";
export { checkLabel, type LabelCheck } from "./label";
export { BagMake } from "./make";
export { bagMass } from "./mass";
export { type Outline, outlineArea } from "./outline";
export { BagShape } from "./shape";
export { coreVolumeL, innerHeightCm, soilDepthCm, soilVolumeL, usualGapCm } from "./soil";
export {
  footprint,
  plantingTop,
  rolledTo,
  sideHoles,
  sideReachCm,
  type SideRing,
  sideRings,
  topOutline,
  widthOf,
} from "./surfaces";
