import * as z from "zod";

const seasons = z.number().positive().max(50);

/** What a bag is made of, how it looks to the sun, and how long it lasts. */
export const BagMake = z.strictObject({
  /** `fabric` breathes and prunes roots by air; `sack` is woven and opens at its holes; `film` is the bag that mix is sold in. */
  material: z.enum(["fabric", "sack", "film", "hard"]),
  colour: z.enum(["dark", "light", "clear"]),
  /** Seasons that it is used before it is given up. */
  lifeSeasons: z
    .strictObject({ low: seasons, likely: seasons, high: seasons })
    .refine((l) => l.low <= l.likely && l.likely <= l.high, {
      error: "low, likely and high are out of order",
    }),
});
export type BagMake = z.infer<typeof BagMake>;
