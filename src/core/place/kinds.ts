export const PLACE_KINDS = ["balcony", "roof", "landing", "courtyard", "sill"] as const;
export type PlaceKind = (typeof PLACE_KINDS)[number];

/** Share of the sky that is open over each kind of place: walls, rails and the floor above take the rest. Assumption, no source. */
export const OPEN_SKY: Record<PlaceKind, number> = {
  roof: 0.9,
  courtyard: 0.5,
  balcony: 0.4,
  landing: 0.35,
  sill: 0.3,
};
