import type { BagShape } from "./shape";

/** A cold cover for a laid-flat bag: an upturned clear tub as large as the bag, since a smaller one lets the cold in at the rim. */
export interface Cover {
  readonly lengthCm: number;
  readonly widthCm: number;
  /** Volume of a usual tub of that size, L. Common practice: 55 L over 1 cu ft, 90 qt (85 L) over 1.5 cu ft. */
  readonly usualL: number;
}

const USUAL_HEIGHT_CM = 28;

/** The least cover for a bag; undefined for bags that are not laid flat. */
export const coverFor = (shape: BagShape): Cover | undefined =>
  shape.kind === "flat"
    ? {
        lengthCm: shape.lengthCm,
        widthCm: shape.widthCm,
        usualL: (shape.lengthCm * shape.widthCm * USUAL_HEIGHT_CM) / 1000,
      }
    : undefined;
