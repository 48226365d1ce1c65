import { addDays, type Day } from "../day";
import type { Planting } from "../plan";
import type { Setting } from "../setting";

/** A sowing of which nothing is on record so many days after its own has to be asked about. Common practice. */
const ASK_AFTER_DAYS = 3;

/** The planned day of a sowing of which nothing is on record; undefined where something is, or no records are at hand. */
export const silentSince = (
  { planting }: { readonly planting: Planting },
  { happened }: Pick<Setting, "happened">,
): Day | undefined => (happened && !happened[planting.id] ? planting.sowOn : undefined);

/** Whether a sowing that nobody wrote about is overdue, so that it is asked about before it is counted. */
export const isSilent = (since: Day | undefined, today: Day): boolean =>
  since !== undefined && addDays(since, ASK_AFTER_DAYS) < today;
