/** What the whole programme works with. */
export const PROGRAMME_PLACES = [
  { path: "/", word: "households" },
  { path: "/proposals", word: "proposals" },
  { path: "/kit", word: "kitAll" },
  { path: "/nursery", word: "nursery" },
  { path: "/days", word: "daysAll" },
  { path: "/groups", word: "people" },
  { path: "/library", word: "reference" },
  { path: "/climate", word: "town" },
] as const;

/** How far each household is, and what all of them brought in. */
const HOUSEHOLD_PLACES = [
  { path: "/", word: "start" },
  { path: "/season", word: "season" },
  { path: "/findings", word: "findings" },
  { path: "/side-by-sides", word: "sideBySides" },
  { path: "/notes", word: "notes", changes: true },
] as const;

/** Who is taught together, what they write, and who may do what. */
const PEOPLE_PLACES = [
  { path: "/groups", word: "groups" },
  { path: "/messages", word: "messages" },
  { path: "/people", word: "access", changes: true },
] as const;

/** What holds for the programme's town: its weather, its ways, its prices. */
const TOWN_PLACES = [
  { path: "/climate", word: "climate" },
  { path: "/schools", word: "schools" },
  { path: "/mixes", word: "mixes" },
  { path: "/prices", word: "prices" },
] as const;

interface Place {
  readonly path: string;
  readonly word: (typeof HOUSEHOLD_PLACES | typeof PEOPLE_PLACES | typeof TOWN_PLACES)[number]["word"];
  /** For those alone who may change the programme. */
  readonly changes?: boolean;
}

/** Places of the programme that have places of their own below them. */
export const FLOORS: Readonly<Record<"households" | "people" | "town", readonly Place[]>> = {
  households: HOUSEHOLD_PLACES,
  people: PEOPLE_PLACES,
  town: TOWN_PLACES,
};

/** What somebody comes to of a floor. @param changes whether they may change the programme */
export const placesOn = (floor: keyof typeof FLOORS, changes: boolean): readonly Place[] =>
  FLOORS[floor].filter((place) => changes || !place.changes);

/** A household's own places, in working order. */
export const HOUSE_PLACES = ["doorstep", "match", "bench", "kit", "steps", "days", "log", "garden"] as const;
export type HousePlace = (typeof HOUSE_PLACES)[number];

/** What a household itself goes to. */
export const OWN_PLACES = ["garden", "days", "steps", "log"] as const;
