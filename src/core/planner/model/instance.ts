import type { BagShape } from "../../bag";
import type { Day } from "../../day";
import type { FoodGroup } from "../../food";
import type { Planting, Row } from "../../plan";
import type { Half } from "../../placement";
import type { SowingMethod } from "../../crop";

/** Weeks that a proposal looks ahead, and the fortnights in which food, water and early meals are counted. */
export const WEEKS = 52;
export const FORTNIGHTS = WEEKS / 2;
/** Quarters over which one crop is kept from crowding out all others of its kind. */
export const QUARTERS = 4;

/** Bags that are alike and free from the same week on: whichever of them takes a planting, the garden is the same. */
export interface BagClass {
  readonly kindId: string;
  readonly shape: BagShape;
  readonly row: Pick<Row, "gapCm" | "rolledToCm" | "schools" | "mixId">;
  /** Bags of the household; none for a kind that can only be bought. */
  readonly bagIds: readonly string[];
  /** How many cost nothing more to plant: all that are filled, none of those that still want mix. */
  readonly free: number;
  /** First week in which they are free. */
  readonly freeFrom: number;
  /** Plantings that stand side by side in the first half lane of a split bag: 2 where both halves are alike, 1 where the other half is a lane of its own, 0 for a bag that is not split. */
  readonly parts: 0 | 1 | 2;
  /** How many more may be bought, or filled; 0 for bags that are filled. */
  readonly buyable: number;
  /** For each one that is bought or filled: price in minor units, with its share of mix that is bought together, mix in L, wet mass in kg, and floor that it takes in m². */
  readonly minor: number;
  readonly mixL: number;
  readonly wetKg: number;
  readonly floorM2: number;
}

/** Places of a bag that are planted one after the other: its whole top, its side holes, or, in a bag that is split for the year, a half of its top. */
export const LANES = ["top", "side", "first-half", "second-half"] as const;
export type Lane = "top" | "side" | Half;

/** One planting that a bag of a class could take. Amounts are for all its plants. */
export interface Candidate {
  readonly classIndex: number;
  readonly lane: Lane;
  readonly cropIndex: number;
  /** Crop and kind of food together: beet leaves and beet roots are two. */
  readonly dishIndex: number;
  readonly goalId: string;
  readonly surface: Planting["surface"];
  readonly method: SowingMethod;
  readonly plants: number | null;
  readonly sowOn: Day;
  /** Weeks in which it stands: from `from` up to and without `end`. */
  readonly from: number;
  readonly end: number;
  readonly group: number;
  /** Food by fortnight, g. */
  readonly food: readonly (readonly [fortnight: number, g: number])[];
  /** Water by fortnight, L a week. */
  readonly water: readonly (readonly [fortnight: number, l: number])[];
  /** Cells that it fills, and in which weeks. */
  readonly cells: { readonly n: number; readonly from: number; readonly end: number } | undefined;
  readonly seedG: number;
  /** What it costs by itself, minor units: its pieces, and its share of seed that is bought together. */
  readonly ownMinor: number;
  /** Minutes of sowing, moving and picking. */
  readonly minutes: number;
  /** A planting of the plan as it is, which a repair would rather keep. */
  readonly plantingId?: string;
  /** Share of its light that it can spare to what stands beside it. */
  readonly spareLight: number;
}

export interface CropFacts {
  readonly id: string;
  /** A packet's price in minor units and the seed in it, g; 0 and 1 where nobody knows, and where seed is bought together. */
  readonly packetMinor: number;
  readonly packetG: number;
  readonly must: boolean;
}

/** What counts, in helpings of wanted food. */
export interface Weights {
  /** How much more the first weeks' food is worth: 1 for twice as much at once, fading over `earlyWeeks`. */
  readonly early: number;
  readonly earlyWeeks: number;
  /** Helpings that a minor unit of money and an hour of work are worth. */
  readonly perMinor: number;
  readonly perHour: number;
  /** Helpings that the first planting of a crop adds by being another crop, and a must by being there. */
  readonly variety: number;
  readonly must: number;
  /** Helpings that keeping a planting of the plan is worth. */
  readonly keep: number;
}

/**
 * Worth of a helping of a kind, by how much of its fortnight's want is there already: the first counts more than the
 * last, so that no kind is forgotten; all that is wanted counts one each on average, and what is beyond counts little.
 * Ours to choose; no source.
 */
export const SEGMENTS = [
  { upTo: 0.25, worth: 1.6 },
  { upTo: 0.5, worth: 1.2 },
  { upTo: 1, worth: 0.6 },
  { upTo: 2, worth: 0.25 },
  { upTo: Number.POSITIVE_INFINITY, worth: 0.02 },
] as const;
/** Share of its kind's want that one crop may fill before more of it is worth less, and what a helping beyond loses. */
export const CROP_SHARE = 0.06;
export const CROP_LOSS = 0.7;

/** Everything that the search and the relaxation need, in plain numbers. */
export interface Instance {
  readonly classes: readonly BagClass[];
  readonly candidates: readonly Candidate[];
  readonly crops: readonly CropFacts[];
  readonly groups: readonly FoodGroup[];
  /** The kind of food of each dish. */
  readonly dishes: readonly number[];
  /** Wanted in a fortnight, and a helping, g, by group. */
  readonly wantG: readonly number[];
  readonly helpingG: readonly number[];
  /** What would be sold of a kind beyond what is eaten: the most of it in a fortnight, g, and minor units a g. */
  readonly sells?: { readonly group: number; readonly g: number; readonly minorPerG: number };
  /** Food that comes anyway, g, by fortnight and group: from what stands already. */
  readonly baseG: readonly (readonly number[])[];
  /** Fortnights in which somebody is there to eat. */
  readonly athome: readonly boolean[];
  readonly weights: Weights;
  /** Limits; undefined where there is none. Water in L a week, less what stands already, by fortnight. */
  readonly budgetMinor?: number;
  readonly loadKg?: number;
  readonly floorM2: number;
  readonly waterL?: readonly number[];
  readonly cells?: number;
  readonly mixMinor: number;
  readonly mixSackL: number;
  /** Share of its light that one candidate loses in a half of a bag to another in the other half. */
  readonly shade: (index: number, half: Half, other: number) => number;
}

/** What a helping of a fortnight's food is worth against one far ahead. @param fortnight from 0, the one in which the plan begins */
export const earliness = (weights: Weights, fortnight: number): number =>
  1 + weights.early * Math.exp((-2 * fortnight) / weights.earlyWeeks);
