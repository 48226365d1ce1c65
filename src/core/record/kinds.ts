/** What can be on record of a planting. */
export const RECORD_KINDS = [
  "sown",
  "up",
  "moved",
  "lost",
  "fed",
  "picked",
  "ended",
  "note",
  "struck",
] as const;
export type RecordKind = (typeof RECORD_KINDS)[number];

/** What an amount counts. Mass in kg, volume in L, the rest in pieces. */
export const MEASURES = ["count", "pieces", "bunches", "mass", "volume"] as const;
export type Measure = (typeof MEASURES)[number];

/** The measures that each kind of record can carry; none for a kind that has no amount. */
export const MEASURES_OF: Record<RecordKind, readonly Measure[]> = {
  sown: ["count"],
  up: ["count"],
  moved: ["count"],
  lost: ["count"],
  fed: ["volume", "mass"],
  picked: ["mass", "pieces", "bunches"],
  ended: [],
  note: [],
  struck: [],
};
