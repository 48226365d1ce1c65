import { type Day, dayNumber } from "../day";
import type { SowingBill } from "../sowing";
import type { Course } from "./course";

/** Cells of the nursery that a planting fills, from its sowing to the day on which it is moved out. */
export interface CellUse {
  readonly count: number;
  readonly from: Day;
  readonly until: Day;
}

/** The cells that a planting takes up; undefined for one that is not raised in cells. */
export const cellsOf = ({ method, season, stay }: Course, bill: SowingBill): CellUse | undefined =>
  bill.places && method.method === "cells" && dayNumber(season.stages.sow) < dayNumber(stay.from)
    ? { count: bill.places.count, from: season.stages.sow, until: stay.from }
    : undefined;
