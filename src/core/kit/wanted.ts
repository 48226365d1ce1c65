import { billOf } from "../course";
import type { Day } from "../day";
import type { Garden } from "../garden";
import type { Wanted } from "../money";
import type { BagThing } from "../plan";
import type { Setting } from "../setting";

/** Used mix is refreshed with this share of new. Assumption, no source. */
const REFRESH = 0.2;

/** Litres of new mix that a bag takes: all of it for a new one, a part for one that has a season behind it, none for one in use. */
export function mixFor(bag: BagThing, soilL: number, today: Day): number {
  if (!bag.atHand || bag.firstSeason === null) return soilL;
  return bag.firstSeason < Number(today.slice(0, 4)) ? REFRESH * soilL : 0;
}

/** Everything that is still to be bought for a plan: bags, mix, and seed or pieces for what is not sown yet. */
export function wantedFor(garden: Garden, setting: Setting, today: Day): Wanted[] {
  return garden.rows.flatMap((row): Wanted[] => [
    ...(row.bag.atHand ? [] : [{ item: `bag/${row.bag.kindId}`, amount: 1 }]),
    { item: `mix/${setting.mix.id}`, amount: mixFor(row.bag, row.soilL, today) },
    ...row.plantings
      .filter((p) => p.planting.sowOn >= today)
      .map((p): Wanted => {
        const bill = billOf(p.course, { plants: p.planting.plants, areaCm2: p.fit.sown?.areaCm2 }, setting);
        return bill.pieces === undefined
          ? { item: `packet/${p.crop.id}`, amount: bill.seedG ?? 0 }
          : { item: `piece/${p.crop.id}`, amount: bill.pieces };
      }),
  ]);
}
