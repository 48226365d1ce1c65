/** Kinds of onion by the day at which their bulbs begin to swell. */
const BULB_KINDS = ["short-day", "intermediate", "long-day"] as const;
export type BulbKind = (typeof BULB_KINDS)[number];

/** Hours of day from which each kind swells. Common practice of seed catalogues: 10 to 12, 12 to 14, 14 to 16. */
const SWELLS_FROM_H: Record<BulbKind, number> = { "short-day": 11.5, intermediate: 13, "long-day": 14.5 };
/** A bulb takes about so long from its first swelling until its neck falls, days. Assumption, no source. */
const SWELLING_DAYS = 45;

/** Which kind's bulbs swell where and when these stand. */
export interface Bulb {
  /** The kind whose time it is when the plants are large enough; undefined when days are too short for any. */
  readonly kind?: BulbKind;
  /** Length of the day then, h. */
  readonly hours: number;
}

/** A kind that stands in days so much longer than it needs swells while it is small, h. Assumption, no source. */
const TOO_LONG_H = 1.5;

/**
 * The kind of onion to buy for a sowing: the one that begins to swell when its plants are large enough for it. A kind
 * that needs longer days would stay a thick neck; one that was in longer days from the start has swollen while it was small.
 *
 * @param start day number from which it grows where it stands, `firstPick` that of the likely lifting
 * @param lightHours hours of day by day number
 */
export function bulbFor(start: number, firstPick: number, lightHours: (day: number) => number): Bulb {
  const hours = lightHours(firstPick - SWELLING_DAYS);
  const kind = [...BULB_KINDS].reverse().find((k) => hours >= SWELLS_FROM_H[k]);
  const early = kind !== undefined && lightHours(start) > Math.max(hours, SWELLS_FROM_H[kind] + TOO_LONG_H);
  return { kind: early ? undefined : kind, hours };
}
