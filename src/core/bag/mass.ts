import type { Mix } from "../mix";
import type { BagShape } from "./shape";
import { coreVolumeL, soilVolumeL, usualGapCm } from "./soil";

/** Bulk density of a core of clean stones with the gaps between them, kg/L: loose gravel is 1.4 to 1.7. Assumption, no source. */
const STONES_KG_L = 1.6;
/** The empty bag's own mass for each litre that it holds, kg/L. Common practice: fabric is light, tubs a little heavier. */
const EMPTY_KG_L: Record<BagShape["kind"], number> = {
  round: 0.01,
  tub: 0.04,
  pot: 0.04,
  flat: 0.005,
  pocket: 0.03,
  tower: 0.005,
  tiers: 0.05,
};

/** Mass in kg of the filled bag with the mix as sold, and soaked through. Plants come on top and are not in it. */
export function bagMass(
  shape: BagShape,
  mix: Pick<Mix, "dryKgL" | "wetKgL">,
  gapCm = usualGapCm(shape),
): { dryKg: number; wetKg: number } {
  const soilL = soilVolumeL(shape, gapCm);
  const fixed = soilL * EMPTY_KG_L[shape.kind] + coreVolumeL(shape, gapCm) * STONES_KG_L;
  return { dryKg: fixed + soilL * mix.dryKgL, wetKg: fixed + soilL * mix.wetKgL };
}
