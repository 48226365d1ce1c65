import type { Day } from "../day";

/** What really happened to a planting, and when: it outranks what was expected. */
export interface Real {
  readonly sownOn?: Day;
  readonly upOn?: Day;
  readonly movedOn?: Day;
  readonly pickedOn?: Day;
  /** Plants that were lost, where some are left. */
  readonly lost?: number;
  /** Pulled, or lost to the last plant. */
  readonly endedOn?: Day;
}
