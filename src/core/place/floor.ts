/** A place from above, in cm: x along its wall from the left, y from the wall outward. */
export interface Floor {
  readonly lengthCm: number;
  readonly widthCm: number;
  /** A door in the wall, from the left; what is in front of it stays clear. */
  readonly door?: { readonly fromCm: number; readonly widthCm: number };
}
