import type { BagShape } from "./shape";
import { soilVolumeL } from "./soil";

/** A label and the bag's own measures may differ by this share before it is said: seams and bulging explain less. */
const TOLERANCE = 0.12;

export interface LabelCheck {
  readonly nominalL: number;
  readonly measuredL: number;
  /** Measured over nominal. */
  readonly ratio: number;
  readonly agrees: boolean;
}

/** Holds the volume on the label against the volume by measure, full to the rim; undefined when either is missing. */
export function checkLabel(shape: BagShape): LabelCheck | undefined {
  if (shape.kind === "flat" || !("nominalL" in shape) || shape.nominalL === undefined) return undefined;
  const measuredL = soilVolumeL(shape, 0);
  const ratio = measuredL / shape.nominalL;
  return { nominalL: shape.nominalL, measuredL, ratio, agrees: Math.abs(ratio - 1) <= TOLERANCE };
}
