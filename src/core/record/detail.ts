import * as z from "zod";
import { CONDITIONS, type DetailKey, QUALITIES, REASONS, WEATHERS, WENT } from "./details-of";

const Word = z.string().trim().min(1).max(60, { error: "too-long" });

/** What else a record may say, each kind its own. */
export const Detail = z.strictObject({
  /** What was sown: its variety, the number of the packet's lot, and the days to the first pick that the packet promises. */
  variety: Word.optional(),
  lot: Word.optional(),
  packetDays: z.int().min(1).max(900).optional(),
  /** Which ring, pocket or side it was. */
  part: Word.optional(),
  reason: z.enum(REASONS).optional(),
  quality: z.enum(QUALITIES).optional(),
  went: z.enum(WENT).optional(),
  weather: z.enum(WEATHERS).optional(),
  condition: z.enum(CONDITIONS).optional(),
  /** How far the mix has settled below the rim, cm. */
  settledCm: z.number().min(0).max(150).optional(),
  /** A photo came with it. */
  photo: z.literal(true).optional(),
} satisfies Record<DetailKey, z.ZodType>);
export type Detail = z.infer<typeof Detail>;
