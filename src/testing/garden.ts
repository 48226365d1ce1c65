import type { BagThing, Plan, Planting } from "@/core/plan";
import { type PlainSetting, type Reference, type Setting, settingFrom } from "@/core/setting";
import { BAG_KINDS, findClimate, findGoal, findMix, SHIPPED } from "@/library";

/** What tests judge plans against: the demo town, a sunny place, the shipped library. */
export const settingWith = (more: Partial<PlainSetting> = {}, reference: Reference = SHIPPED): Setting =>
  settingFrom(
    { climate: findClimate("larkmouth")!, mix: findMix("potting-mix")!, sunHours: 7, floorM2: 4, ...more },
    reference,
  );

/** The n-th id. */
export const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, "0")}`;

/** A planting of one plant on top, by the goal's usual method. */
export const planting = (
  n: number,
  goalId: string,
  sowOn: string,
  more: Partial<Planting> = {},
): Planting => ({
  id: id(n),
  goalId,
  surface: "top",
  method: findGoal(goalId)!.goal.methods[0]!.method,
  plants: 1,
  sowOn,
  ...more,
});

/** A plan of one bag, with ids 1 and 2 for the bag and its row. */
export const planOf = (kindId: string, ...plantings: Planting[]): Plan => ({
  bags: [{ id: id(1), kindId, shape: null, atHand: true, firstSeason: 2026 }],
  rows: [{ id: id(2), bagId: id(1), gapCm: null, plantings }],
});

/** One bag of every kind. */
export const ALL_BAGS: readonly BagThing[] = BAG_KINDS.map((kind) => ({
  id: kind.id,
  kindId: kind.id,
  shape: null,
  atHand: true,
  firstSeason: null,
}));
