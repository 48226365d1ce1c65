/** Ways of doing on which growers differ, the usual one first. */
export const SCHOOLS = {
  start: ["usual", "direct", "raised"],
  density: ["full", "crowded"],
  bagSize: ["smallest", "one-up"],
  core: ["stones", "none"],
  brassicaDepth: ["deep", "level"],
  colour: ["dark", "light"],
  water: ["deep", "often"],
  feed: ["organic", "mineral"],
  gardenSoil: ["welcome", "never"],
  lime: ["lime", "ash", "neither"],
  refresh: ["renew", "feed-only"],
  onions: ["plenty", "little"],
} as const;

export type SchoolName = keyof typeof SCHOOLS;
export const SCHOOL_NAMES = Object.keys(SCHOOLS) as SchoolName[];
