/** What can be on record of a planting, and of a bag through its season. */
export const PLANTING_KINDS = [
  "sown",
  "up",
  "thinned",
  "moved",
  "staked",
  "lost",
  "fed",
  "pest",
  "picked",
  "priced",
  "ended",
] as const;
const ROW_KINDS = ["filled", "topped-up", "watered", "covered", "checked", "emptied"] as const;
export type RowKind = (typeof ROW_KINDS)[number];

/** All of it, weather that somebody noted, a note about anything, and the striking out of another record. */
export const RECORD_KINDS = [...PLANTING_KINDS, ...ROW_KINDS, "weather", "note", "struck"] as const;
export type RecordKind = (typeof RECORD_KINDS)[number];

/** Whether a kind of record is of a whole bag, and not of a planting in it. */
export const isOfRow = (kind: RecordKind): kind is RowKind => (ROW_KINDS as readonly string[]).includes(kind);

/** What an amount counts. Mass in kg, volume in L, a price in the programme's currency for a kg, the rest in pieces. */
export const MEASURES = ["count", "pieces", "bunches", "mass", "volume", "price"] as const;
export type Measure = (typeof MEASURES)[number];

/** The measures that each kind of record can carry; none for a kind that has no amount. */
export const MEASURES_OF: Record<RecordKind, readonly Measure[]> = {
  sown: ["count"],
  up: ["count"],
  thinned: ["count"],
  staked: [],
  filled: ["volume"],
  "topped-up": ["volume"],
  watered: ["volume"],
  covered: [],
  checked: [],
  emptied: [],
  pest: [],
  weather: [],
  moved: ["count"],
  lost: ["count"],
  fed: ["volume", "mass"],
  picked: ["mass", "pieces", "bunches"],
  priced: ["price"],
  ended: [],
  note: [],
  struck: [],
};
