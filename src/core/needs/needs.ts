import { billOf } from "../course";
import { addDays, type Day } from "../day";
import { type Garden, newMixFor } from "../garden";
import type { Wanted } from "../money";
import type { Setting } from "../setting";

/** Something that a plan has to buy, and in which days: from the first to the last of them, open where left out. */
export interface Need extends Wanted {
  readonly from?: Day;
  readonly until?: Day;
}

/** A sowing that is so late may still be made; what is later was made and not written down, or never will be. Ours to choose. */
const LATE_DAYS = 14;

const isOn = ({ from, until }: Pick<Need, "from" | "until">, day: Day) =>
  (from === undefined || from <= day) && (until === undefined || day <= until);

/**
 * Everything that a plan has to buy, whatever day it is: bags, mix, and seed or pieces until they are sown
 * by record, or should have been long ago. The same day after day, so that it can be kept.
 */
export function needsOf(garden: Garden, setting: Setting): Need[] {
  return garden.rows.flatMap((row): Need[] => {
    const mix = newMixFor(row, setting);
    return [
      ...(row.bag.atHand || !mix ? [] : [{ item: `bag/${row.bag.kindId}`, amount: 1, until: mix.until }]),
      ...(mix && mix.amount > 0 ? [{ item: `mix/${row.mix.id}`, ...mix }] : []),
      ...row.plantings.flatMap(({ course, crop, planting, fit, real }): Need[] => {
        // What is on record stands, or is over: nothing is bought for it any more.
        if (real) return [];
        const bill = billOf(course, { plants: planting.plants, areaCm2: fit.sown?.areaCm2 }, setting);
        const until = addDays(planting.sowOn, LATE_DAYS);
        return [
          bill.pieces === undefined
            ? { item: `packet/${crop.id}`, amount: bill.seedG ?? 0, until }
            : { item: `piece/${crop.id}`, amount: bill.pieces, until },
        ];
      }),
    ];
  });
}

/** What is still to be bought for a plan on a day. */
export const wantedFor = (garden: Garden, setting: Setting, today: Day): Wanted[] =>
  needsOf(garden, setting)
    .filter((need) => isOn(need, today))
    .map(({ item, amount }) => ({ item, amount }));
