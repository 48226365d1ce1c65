/** What a bag is made of, how it looks to the sun, and how long it lasts. */
export interface BagMake {
  /** `fabric` breathes and prunes roots by air; `sack` is woven and opens at its holes; `film` is the bag that mix is sold in. */
  readonly material: "fabric" | "sack" | "film" | "hard";
  readonly colour: "dark" | "light" | "clear";
  /** Seasons that it is used before it is given up. */
  readonly lifeSeasons: { readonly low: number; readonly likely: number; readonly high: number };
}
