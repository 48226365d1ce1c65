import * as z from "zod";

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
} as const;

export type SchoolName = keyof typeof SCHOOLS;
export const SCHOOL_NAMES = Object.keys(SCHOOLS) as SchoolName[];

/** What a programme, a household or a row has chosen; what is left out is as the level above has it. */
export const Schools = z
  .strictObject({
    start: z.enum(SCHOOLS.start),
    density: z.enum(SCHOOLS.density),
    bagSize: z.enum(SCHOOLS.bagSize),
    core: z.enum(SCHOOLS.core),
    brassicaDepth: z.enum(SCHOOLS.brassicaDepth),
    colour: z.enum(SCHOOLS.colour),
    water: z.enum(SCHOOLS.water),
    feed: z.enum(SCHOOLS.feed),
  })
  .partial();
export type Schools = z.infer<typeof Schools>;

/** Every school decided. */
export type SchoolsInForce = Required<Schools>;

const USUAL: SchoolsInForce = {
  start: "usual",
  density: "full",
  bagSize: "smallest",
  core: "stones",
  brassicaDepth: "deep",
  colour: "dark",
  water: "deep",
  feed: "organic",
};

/** The schools in force: what the nearest level has chosen, from the programme down to the row. */
export const inForce = (...levels: readonly (Schools | undefined)[]): SchoolsInForce =>
  Object.assign({}, USUAL, ...levels) as SchoolsInForce;

/** One size up is about this much more soil. Common practice: 5, 7, 10, 15 gal follow each other so. */
export const ONE_SIZE_UP = 1.4;
