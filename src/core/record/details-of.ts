import type { RecordKind } from "./kinds";

/** Why plants were lost, as far as somebody can tell. */
export const REASONS = [
  "slugs",
  "caterpillars",
  "birds",
  "animals",
  "disease",
  "frost",
  "heat",
  "dry",
  "wet",
  "broken",
  "unknown",
] as const;
/** How good a pick is, and where it went. */
export const QUALITIES = ["good", "fair", "poor"] as const;
export const WENT = ["eaten", "sold", "given", "stored"] as const;
/** What somebody noted of the weather. */
export const WEATHERS = ["frost", "cold", "heat", "dry", "rain", "hail", "storm"] as const;
/** How a bag is. */
export const CONDITIONS = ["sound", "worn", "torn"] as const;

/** What else a record may say. */
export type DetailKey =
  | "variety"
  | "lot"
  | "packetDays"
  | "part"
  | "reason"
  | "quality"
  | "went"
  | "weather"
  | "condition"
  | "settledCm"
  | "photo";

/** What each kind of record may say beside its day, amount and note. */
export const DETAILS_OF: Record<RecordKind, readonly DetailKey[]> = {
  sown: ["variety", "lot", "packetDays", "part", "photo"],
  up: ["part", "photo"],
  thinned: ["part"],
  moved: ["part", "photo"],
  staked: [],
  lost: ["reason", "part", "photo"],
  fed: [],
  pest: ["part", "photo"],
  picked: ["quality", "went", "part", "photo"],
  priced: [],
  ended: ["photo"],
  filled: ["settledCm"],
  "topped-up": ["settledCm"],
  watered: [],
  covered: [],
  checked: ["condition", "settledCm", "photo"],
  emptied: ["condition"],
  weather: ["weather", "photo"],
  note: ["photo"],
  struck: [],
};
