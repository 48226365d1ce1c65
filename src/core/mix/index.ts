/** What is the bag filled with? A growing mix and what it weighs. */
export interface Mix {
  readonly id: string;
  /** Bulk density as it is filled in, kg/L. */
  readonly dryKgL: number;
  /** Bulk density when soaked and drained, kg/L: what a floor has to carry. */
  readonly wetKgL: number;
}
