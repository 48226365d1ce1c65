/** Where a library value comes from. `assumption`: a figure that nobody has a source for. */
export const SOURCES = [
  "practice",
  "assumption",
  "harrington-1954",
  "cfr-201",
  "fao-56",
  "nass",
  "fooddata",
] as const;
export type SourceId = (typeof SOURCES)[number];
