import type { PlaceKind } from "../place";
import type { Range } from "./belief";
import type { Summary } from "./summary";

/** What a planting came to, where it stood, and what was to be expected of it. */
export interface Line extends Summary {
  readonly householdId: string;
  readonly placeKind: PlaceKind | null;
  /** Null where nobody could tell. */
  readonly expectedKg: Range | null;
}
