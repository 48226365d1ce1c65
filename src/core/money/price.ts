import * as z from "zod";

/**
 * What a price is for, by what it buys one of: `bag/round-5-gal` one bag, `packet/kale` a packet of `size` g,
 * `piece/kale` one set, tuber, cutting, runner or seedling, `mix/potting-mix` a sack of `size` L, `feed/organic-granules`
 * a sack of `size` kg, `gear/cane` a bundle of `size`, `market/kale` a kg at the market.
 */
export type PriceGroup = "bag" | "packet" | "piece" | "mix" | "feed" | "gear" | "market";

export const Price = z.strictObject({
  item: z
    .string()
    .max(90)
    .regex(/^((bag|packet|piece|mix|feed|gear|market)\/[a-z0-9.-]+|mix\/own\/.+)$/, {
      error: "item-unknown",
    }),
  /** Minor units of the programme's currency. */
  minor: z.int().nonnegative().max(100_000_00),
  /** How much one price buys: g in a packet, L of mix or kg of feed in a sack, pieces of gear; 1 of everything else. */
  size: z.number().positive().max(100_000),
});
export type Price = z.infer<typeof Price>;

/** Groups whose packs a programme may open for many: seed is weighed out by the gram, mix by the litre. */
export const SHARED_GROUPS = ["packet", "mix"] as const;
export type SharedGroup = (typeof SHARED_GROUPS)[number];

/** A price in force. What is bought together is paid for by the share that somebody takes, all else by the whole pack. */
export interface PriceInForce extends Price {
  readonly together: boolean;
}

export type Prices = Readonly<Record<string, PriceInForce>>;

/** Whether an item belongs to a group. */
const isOf = (group: PriceGroup, item: string): boolean => item.startsWith(`${group}/`);

/** Prices by item. @param together groups that the programme buys together */
export const pricesBy = (list: readonly Price[], together: readonly SharedGroup[] = []): Prices =>
  Object.fromEntries(
    list.map((p) => [p.item, { ...p, together: together.some((group) => isOf(group, p.item)) }]),
  );
