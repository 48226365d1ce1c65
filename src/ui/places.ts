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
  { path: "/notes", word: "notes" },
] as const;

/** Who is taught together, what they write, and who may do what. */
const PEOPLE_PLACES = [
  { path: "/groups", word: "groups" },
  { path: "/messages", word: "messages" },
  { path: "/people", word: "access" },
] as const;

/** What holds for the programme's town: its weather, its ways, its prices. */
const TOWN_PLACES = [
  { path: "/climate", word: "climate" },
  { path: "/schools", word: "schools" },
  { path: "/mixes", word: "mixes" },
  { path: "/prices", word: "prices" },
] as const;

/** Places of the programme that have places of their own below them. */
export const FLOORS = { households: HOUSEHOLD_PLACES, people: PEOPLE_PLACES, town: TOWN_PLACES } as const;

/** A household's own places, in working order. */
export const HOUSE_PLACES = ["doorstep", "match", "bench", "kit", "steps", "days", "log", "garden"] as const;
export type HousePlace = (typeof HOUSE_PLACES)[number];

/** What a household itself goes to. */
export const OWN_PLACES = ["garden", "days", "steps", "log"] as const;
