import type { Role } from "@/core/role";

/**
 * Who may do what, in one table. Helpers and households do it for the households that are theirs alone (`Actor.households`);
 * the database holds them to that a second time.
 */
const MAY = {
  /** See all households, the town, the library, sums and lists. */
  "see-programme": ["organiser", "trainer", "reader"],
  /** Change plans, surveys, prices, values, groups. */
  "change-programme": ["organiser", "trainer"],
  /** See a household's garden, days, steps, log and sheet. */
  "see-household": ["organiser", "trainer", "reader", "helper", "household"],
  /** Write down what happened. */
  "write-records": ["organiser", "trainer", "helper", "household"],
  /** Give cards, let helpers and readers in, end what they may do. */
  "keep-people": ["organiser", "trainer"],
  /** Let organisers and trainers in, and begin programmes. */
  "keep-trainers": ["organiser"],
} as const satisfies Record<string, readonly Role[]>;
export type Right = keyof typeof MAY;
export const RIGHTS = Object.keys(MAY) as Right[];

/** Whether a role has a right. */
export const may = ({ role }: { readonly role: Role }, right: Right): boolean =>
  (MAY[right] as readonly Role[]).includes(role);
