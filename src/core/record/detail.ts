import * as z from "zod";
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

const Word = z.string().trim().min(1).max(60, { error: "too-long" });

/** What else a record may say, each kind its own. */
export const Detail = z.strictObject({
  /** What was sown: its variety, the number of the packet's lot, and the days to the first pick that the packet promises. */
  variety: Word.optional(),
  lot: Word.optional(),
  packetDays: z.int().min(1).max(900).optional(),
  /** Which ring, pocket or side it was. */
  part: Word.optional(),
  reason: z.enum(REASONS).optional(),
  quality: z.enum(QUALITIES).optional(),
  went: z.enum(WENT).optional(),
  weather: z.enum(WEATHERS).optional(),
  condition: z.enum(CONDITIONS).optional(),
  /** How far the mix has settled below the rim, cm. */
  settledCm: z.number().min(0).max(150).optional(),
  /** A photo came with it. */
  photo: z.literal(true).optional(),
});
export type Detail = z.infer<typeof Detail>;
export type DetailKey = keyof Detail;

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
