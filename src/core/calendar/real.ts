import type { Day } from "../day";

/** What really happened to a planting or to a bag, and when: it outranks what was expected. */
export interface Real {
  readonly sownOn?: Day;
  /** Of a bag: when it was filled last. */
  readonly filledOn?: Day;
  readonly upOn?: Day;
  readonly movedOn?: Day;
  readonly pickedOn?: Day;
  /** Days to the first pick that the packet promises, as whoever sowed it noted. */
  readonly packetDays?: number;
  /** Plants that were lost, where some are left. */
  readonly lost?: number;
  /** Pulled, or lost to the last plant. */
  readonly endedOn?: Day;
}

/** Whether a planting was begun by record, in whichever way that shows. */
export const isBegun = (real: Real | undefined): boolean =>
  Boolean(real?.sownOn ?? real?.upOn ?? real?.movedOn ?? real?.pickedOn);
