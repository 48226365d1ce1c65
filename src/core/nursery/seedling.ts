import { billOf } from "../course";
import { addDays, type Day } from "../day";
import type { Garden } from "../garden";
import type { Setting } from "../setting";

/** Seedlings that one planting asks for. */
export interface SeedlingLine {
  readonly plantingId: string;
  readonly goalId: string;
  readonly method: "cells" | "tray" | "bought";
  readonly plants: number;
  readonly sowOn: Day;
  /** About when they are planted out, and until when they can be held. */
  readonly moveOn: Day;
  readonly holdUntil: Day;
  readonly isSown: boolean;
  /** Cells that its household would fill alone; none for a tray, and for what is bought. */
  readonly cells: number;
  /** Chance that a cell, or a seed of a tray, gives a seedling. */
  readonly eachComesUp: number;
}

/** Bought seedlings keep two days to a week. Common practice. */
const BOUGHT_KEEP_DAYS = 7;

/** The seedlings that a garden still waits for: those that are to be sown, stand in a tray, or are to be bought. */
export const seedlingsOf = (garden: Garden, setting: Setting): SeedlingLine[] =>
  garden.rows
    .flatMap((row) => row.plantings)
    .flatMap((view): SeedlingLine[] => {
      const { planting, goal, method, course, fit, real, season } = view;
      const plants = planting.plants ?? 0;
      if (plants === 0 || real?.movedOn || real?.pickedOn || real?.endedOn) return [];
      const line = {
        plantingId: planting.id,
        goalId: goal.id,
        plants,
        sowOn: real?.sownOn ?? planting.sowOn,
      };
      if (method.method === "bought")
        return real
          ? []
          : [
              {
                ...line,
                method: "bought",
                moveOn: planting.sowOn,
                holdUntil: addDays(planting.sowOn, BOUGHT_KEEP_DAYS),
                isSown: false,
                cells: 0,
                eachComesUp: 1,
              },
            ];
      const { move } = season.stages;
      if (!move || !method.move || (method.method !== "cells" && method.method !== "tray")) return [];
      const bill = billOf(course, { plants: planting.plants, areaCm2: fit.sown?.areaCm2 }, setting);
      const germination = bill.germination ?? 1;
      const seedsEach = method.method === "cells" ? (bill.places?.seedsEach ?? 1) : 1;
      return [
        {
          ...line,
          method: method.method,
          moveOn: move.likely,
          holdUntil: bill.holdUntil ?? addDays(move.likely, method.move.holdDays),
          isSown: real?.sownOn !== undefined,
          cells: bill.places?.count ?? 0,
          eachComesUp: 1 - (1 - germination) ** seedsEach,
        },
      ];
    });
