import type { Day } from "@/core/day";
import type { DoneLine } from "@/core/days";
import type { Override } from "@/core/override";
import type { Plan } from "@/core/plan";
import type { UnitSystem } from "@/core/quantity";
import type { Wanted } from "@/core/money";
import type { PlainSetting } from "@/core/setting";

/** A household as a sheet or a label names it, and the address to which its code leads. */
export interface Addressed {
  readonly code: string;
  readonly name: string;
  readonly href: string;
}

/** Everything that a household's sheet is made of, as plain data. */
export interface SheetAsk {
  readonly of: "sheet";
  readonly household: Addressed;
  readonly programme: string;
  readonly plan: Plan;
  readonly setting: PlainSetting;
  readonly overrides: readonly Override[];
  readonly records: readonly DoneLine[];
  readonly today: Day;
}

/** A parcel's label: whose it is and what is in it. */
export interface LabelAsk {
  readonly of: "label";
  readonly household: Addressed;
  readonly lines: readonly Wanted[];
}

/** How all pages of a print look. */
export interface PrintStyle {
  readonly units: UnitSystem;
  readonly currency: string;
  readonly paper: "A4" | "LETTER";
}

/** What the printing thread is told: the style first, then some households at a time, then that that is all. */
export type PrintAsk =
  | { readonly style: PrintStyle }
  | { readonly add: readonly (SheetAsk | LabelAsk)[] }
  | { readonly finish: true };

/** What it answers: how many households are on paper, and at the end the file. */
export interface PrintSays {
  readonly printed?: number;
  readonly pdf?: Uint8Array;
  readonly pages?: number;
}
