import type { Schools } from "./schools";

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
  gardenSoil: "welcome",
  lime: "lime",
  refresh: "renew",
  onions: "plenty",
};

/** The schools in force: what the nearest level has chosen, from the programme down to the row. */
export const inForce = (...levels: readonly (Schools | undefined)[]): SchoolsInForce =>
  Object.assign({}, USUAL, ...levels) as SchoolsInForce;

/** One size up is about this much more soil. Common practice: 5, 7, 10, 15 gal follow each other so. */
export const ONE_SIZE_UP = 1.4;
