import * as z from "zod";
import { BagShape } from "../bag";
import { SOWING_METHODS } from "../crop";
import { DayText } from "../day";
import { HALVES } from "../placement";
import { Schools } from "../school";

/** A bag as a thing: of a kind, at hand or to buy, with its age and its place on the floor. */
export const BagThing = z.strictObject({
  id: z.uuid(),
  kindId: z.string().min(1),
  /** Own measures where they differ from the kind's. */
  shape: BagShape.nullable(),
  /** In the household's hands already, or still to buy. */
  atHand: z.boolean(),
  firstSeason: z.int().min(1990).max(2199).nullable(),
  /** Where its middle stands on the floor, cm from the corner at the wall's left end, and whether its length is turned to run from the wall outward. */
  spot: z
    .strictObject({
      xCm: z.number().min(-100).max(20_100),
      yCm: z.number().min(-100).max(20_100),
      turned: z.boolean(),
    })
    .optional(),
});
export type BagThing = z.infer<typeof BagThing>;

/** A packet of seed: its variety, the number of its lot, and the days to the first pick that it promises. */
export const Packet = z.strictObject({
  variety: z.string().trim().min(1).max(60, { error: "too-long" }).optional(),
  lot: z.string().trim().min(1).max(60, { error: "too-long" }).optional(),
  days: z.int().min(1).max(900).optional(),
});
export type Packet = z.infer<typeof Packet>;

/** A crop in a row: what, how many, where on the bag, how it is started, and when. */
export const Planting = z.strictObject({
  id: z.uuid(),
  goalId: z.string().min(1),
  surface: z.enum(["top", "edge", "side", ...HALVES]),
  method: z.enum(SOWING_METHODS),
  /** Null for a stand that is sown dense. */
  plants: z.int().min(0).max(5000).nullable(),
  sowOn: DayText,
  /** Day that it is to be pulled by, where that is before its last pick. */
  outBy: DayText.optional(),
  /** What it is sown from, where that is known. */
  packet: Packet.optional(),
  /** Chosen by hand: no proposal takes it out. */
  isChosen: z.boolean().optional(),
});
export type Planting = z.infer<typeof Planting>;

/** One bag through one season. */
export const Row = z.strictObject({
  id: z.uuid(),
  bagId: z.uuid(),
  /** Rim left free above the soil, cm; null for the usual of the bag's kind. */
  gapCm: z.number().min(0).max(150).nullable(),
  /** Height that a fabric bag's wall is rolled down to, cm. */
  rolledToCm: z.number().positive().max(200).optional(),
  plantings: z.array(Planting).max(60),
  /** An upturned clear tub keeps cold and rain off, where the bag is laid flat. */
  isCovered: z.boolean().optional(),
  /** Left as it is by every proposal. */
  pinned: z.boolean().optional(),
  /** What its bag is filled with, where that is not the programme's mix. */
  mixId: z.string().min(1).max(80).optional(),
  /** Ways of doing that this row has of its own. */
  schools: Schools.optional(),
});
export type Row = z.infer<typeof Row>;

const unique = (ids: string[]) => new Set(ids).size === ids.length;

/** A household's plan: its bags, and one row for each bag that is used. */
export const Plan = z
  .strictObject({ bags: z.array(BagThing).max(200), rows: z.array(Row).max(200) })
  .refine((p) => unique(p.rows.map((r) => r.bagId)), { error: "bag-twice" })
  .refine((p) => p.rows.every((r) => p.bags.some((b) => b.id === r.bagId)), { error: "bag-unknown" })
  .refine((p) => unique([...p.bags, ...p.rows, ...p.rows.flatMap((r) => r.plantings)].map((x) => x.id)), {
    error: "id-twice",
  });
export type Plan = z.infer<typeof Plan>;
