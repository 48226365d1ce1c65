import * as z from "zod";

const size = (max: number) => z.number().positive().max(max);

/** How a bag is built and measured: all of the inside, cm and L. Bounds keep out slips of a unit, not large bags. */
export const BagShape = z.discriminatedUnion("kind", [
  /** A round fabric bag: a cylinder sold by a nominal volume. */
  z.strictObject({
    kind: z.literal("round"),
    diameterCm: size(300),
    heightCm: size(200),
    nominalL: size(5000).optional(),
  }),
  z.strictObject({
    kind: z.literal("tub"),
    lengthCm: size(500),
    widthCm: size(300),
    heightCm: size(200),
    nominalL: size(5000).optional(),
  }),
  z.strictObject({
    kind: z.literal("pot"),
    topCm: size(200),
    baseCm: size(200),
    heightCm: size(200),
    nominalL: size(2000).optional(),
  }),
  /** The bag that the mix was sold in, laid on its side with a window cut on top and the rim left standing. */
  z.strictObject({
    kind: z.literal("flat"),
    lengthCm: size(300),
    widthCm: size(200),
    nominalL: size(500),
    rimCm: z.number().min(0).max(40),
  }),
  /** A hanging tube with a drained base and pockets in rings round its side. */
  z.strictObject({
    kind: z.literal("pocket"),
    diameterCm: size(100),
    heightCm: size(300),
    pockets: z.int().min(1).max(200),
    rings: z.int().min(1).max(40),
  }),
  /** A tall sack with planting holes in rings round its side, and a core of stones up its middle (0 for none). */
  z
    .strictObject({
      kind: z.literal("tower"),
      diameterCm: size(300),
      heightCm: size(300),
      holes: z.int().min(1).max(500),
      rings: z.int().min(1).max(40),
      coreCm: z.number().min(0).max(200),
    })
    .refine((s) => s.coreCm < s.diameterCm, { error: "core-too-wide", path: ["coreCm"] }),
  /** Round dishes stacked on each other, with pockets round each; water trickles from one to the next. */
  z.strictObject({
    kind: z.literal("tiers"),
    diameterCm: size(150),
    tierHeightCm: size(60),
    tiers: z.int().min(1).max(12),
    /** Pockets of all tiers together. */
    pockets: z.int().min(1).max(200),
  }),
]);
export type BagShape = Readonly<z.infer<typeof BagShape>>;
