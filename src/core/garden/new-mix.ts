import type { Day } from "../day";
import { settledL } from "../mix";
import type { BagThing } from "../plan";
import type { SchoolsInForce } from "../school";
import type { Setting } from "../setting";
import type { PlantingView, RowView } from "./assess";

/** Used mix is refreshed with this share of new. Assumption, no source. */
const REFRESH = 0.2;

/** New mix that a bag takes, L, and in which days: until nothing that is planned would stand in it any more. */
export interface NewMix {
  readonly amount: number;
  readonly from?: Day;
  readonly until?: Day;
}

/** All of it for a new bag, with what it is topped up with, and a part once it has a season behind it: none of it in a lean year. */
const mixNeed = (bag: BagThing, soilL: number, refresh: SchoolsInForce["refresh"]): NewMix =>
  !bag.atHand || bag.firstSeason === null
    ? { amount: soilL + settledL(soilL) }
    : { amount: refresh === "renew" ? REFRESH * soilL : 0, from: `${bag.firstSeason + 1}-01-01` };

/** Litres of new mix that a bag takes as it looks on a day. */
export function mixFor(
  bag: BagThing,
  soilL: number,
  { refresh, today }: { readonly refresh: SchoolsInForce["refresh"]; readonly today: Day },
): number {
  const { amount, from } = mixNeed(bag, soilL, refresh);
  return from === undefined || from <= today ? amount : 0;
}

/** Whether a planting is in its bag by record, and no longer in a tray. */
const isPlanted = ({ real, season }: PlantingView) =>
  real !== undefined && (!season.stages.move || (real.movedOn ?? real.pickedOn) !== undefined);

/** New mix that the bag of a row still takes; undefined once it was filled by record, or something was planted in it. */
export function newMixFor(
  { row, bag, soilL, plantings, schools }: RowView,
  { happened }: Setting,
): NewMix | undefined {
  const need = mixNeed(bag, soilL, schools.refresh);
  const since = need.from ?? "";
  const filled = happened?.[row.id]?.filledOn;
  if (filled !== undefined && filled >= since) return undefined;
  if (plantings.some((p) => isPlanted(p) && p.stay.from >= since)) return undefined;
  const until = plantings
    .map((p) => p.stay.to)
    .sort()
    .at(-1);
  return { ...need, until };
}
