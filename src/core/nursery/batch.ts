import { addDays, type Day, daysBetween, mondayOf } from "../day";
import { chanceOfAtLeast, seedsFor } from "../sowing";
import type { SeedlingLine } from "./seedling";

/** Cells of a usual tray. Common practice. */
export const TRAY_CELLS = 40;

/** What of a batch is for one household. */
interface Share {
  readonly householdId: string;
  readonly plants: number;
}

/** Seedlings of one kind that are sown together in a week, for all households that ask for them. */
export interface Batch {
  /** Tells it from all others of a programme: its kind, its week, and whether it is sown. */
  readonly id: string;
  readonly goalId: string;
  readonly method: "cells" | "tray";
  /** The first day on which any of them is to be sown. */
  readonly sowOn: Day;
  readonly isSown: boolean;
  readonly plants: number;
  /** Cells to fill, or seeds for a tray, for all together at the chosen confidence; and what all would fill alone. */
  readonly places: number;
  readonly placesAlone: number;
  /** Chance that all get theirs. */
  readonly chance: number;
  /** Seedlings that are expected over. */
  readonly spare: number;
  readonly moveOn: Day;
  readonly holdUntil: Day;
  readonly shares: readonly Share[];
  /** Households that would buy such seedlings in the days in which these can be held, in the order in which they need them. */
  readonly takers: readonly Share[];
}

type Line = SeedlingLine & { readonly householdId: string };

const byHousehold = (lines: readonly Line[]): Share[] => {
  const shares = new Map<string, number>();
  for (const { householdId, plants } of lines)
    shares.set(householdId, (shares.get(householdId) ?? 0) + plants);
  return [...shares].map(([householdId, plants]) => ({ householdId, plants }));
};
const sum = (values: readonly number[]) => values.reduce((a, b) => a + b, 0);
const earliest = (days: readonly Day[]): Day => [...days].sort()[0] ?? "";

/**
 * Seedlings of all households in batches by kind and week, those that are sown apart from those that are not. Together they
 * take fewer cells than each alone, since losses even out.
 *
 * @param confidence that all get theirs, 0 to 1
 */
export function batchesOf(lines: readonly Line[], confidence: number): Batch[] {
  const raised = lines.filter(({ method }) => method !== "bought");
  const groups = new Map<string, Line[]>();
  for (const line of raised) {
    const key = `${line.goalId} ${line.method} ${mondayOf(line.sowOn)} ${line.isSown}`;
    groups.set(key, [...(groups.get(key) ?? []), line]);
  }
  return [...groups]
    .map(([id, group]): Batch => {
      const { goalId, method, isSown } = group[0] as Line & { method: "cells" | "tray" };
      const plants = sum(group.map((line) => line.plants));
      const each = Math.min(...group.map(({ eachComesUp }) => eachComesUp));
      const places = seedsFor(plants, each, confidence);
      const moveOn = earliest(group.map((line) => line.moveOn));
      const holdUntil = earliest(group.map((line) => line.holdUntil));
      const wants = lines.filter(
        (line) =>
          line.method === "bought" &&
          line.goalId === goalId &&
          line.moveOn >= moveOn &&
          line.moveOn <= holdUntil,
      );
      return {
        id,
        goalId,
        method,
        sowOn: earliest(group.map((line) => line.sowOn)),
        isSown,
        plants,
        places,
        placesAlone: sum(group.map((line) => seedsFor(line.plants, line.eachComesUp, confidence))),
        chance: chanceOfAtLeast(places, each, plants),
        spare: Math.max(0, Math.floor(places * each - plants)),
        moveOn,
        holdUntil,
        shares: byHousehold(group),
        takers: byHousehold([...wants].sort((a, b) => a.moveOn.localeCompare(b.moveOn))),
      };
    })
    .sort((a, b) => a.sowOn.localeCompare(b.sowOn) || a.goalId.localeCompare(b.goalId));
}

/** Whole trays that so many cells come to. */
export const traysFor = (cells: number): number => Math.ceil(cells / TRAY_CELLS);

/** How many cells are full in a week, by its Monday, and how many trays that is. */
export interface CellWeek {
  readonly week: Day;
  readonly cells: number;
  readonly trays: number;
}

/** Cells that are full week by week, from a day on. A tray of strewn seed counts as a tray. */
export function cellsByWeek(batches: readonly Batch[], from: Day, weeks: number): CellWeek[] {
  const first = mondayOf(from);
  return Array.from({ length: weeks }, (_, i) => {
    const week = addDays(first, 7 * i);
    const full = batches.filter(
      ({ sowOn, moveOn }) => daysBetween(sowOn, addDays(week, 6)) >= 0 && daysBetween(week, moveOn) > 0,
    );
    const cells = sum(full.filter(({ method }) => method === "cells").map(({ places }) => places));
    const strewn = full.filter(({ method }) => method === "tray").length;
    return { week, cells, trays: traysFor(cells) + strewn };
  });
}
