import type { Range } from "../course";
import type { Goal, SowingMethod } from "../crop";
import { type Day, daysBetween } from "../day";
import type { Dose } from "../feed";
import { type Sizes, USUAL_SIZES } from "../mix";
import type { RecordKind } from "../record";
import type { Trial } from "../setting";

/** What is to be done, with the amounts that it takes: L, cm, kg, pieces. */
export type TaskWhat =
  /** A new bag, or the new part of a mix that has a season behind it. */
  | { readonly kind: "fill"; readonly soilL: number; readonly isRefresh: boolean }
  /** Mix has settled since it was filled in. */
  | { readonly kind: "top-up"; readonly soilL: number }
  | {
      readonly kind: "sow";
      readonly method: SowingMethod;
      readonly depthCm: number;
      /** Seeds to sow, or pieces to set; neither for what is strewn by weight. */
      readonly seeds?: number;
      readonly pieces?: number;
      readonly seedG?: number;
    }
  /** Seed that lies shallow is misted and not poured on, until it is up. */
  | { readonly kind: "mist"; readonly timesADay: 1 | 2 }
  | { readonly kind: "up" }
  | { readonly kind: "thin"; readonly toCm: number }
  /** Seedlings stand outside by day before they are moved. */
  | { readonly kind: "harden" }
  | { readonly kind: "move"; readonly plants: number }
  | { readonly kind: "stake"; readonly support: Goal["support"]; readonly plants: number }
  | { readonly kind: "net"; readonly because: "cabbage-family" | "animals" }
  | { readonly kind: "feed"; readonly stage: Goal["feeds"][number]["stage"]; readonly dose: Dose }
  /** While it bears: liquid feed by its packet. */
  | { readonly kind: "feed-liquid"; readonly everyDays: number; readonly mlPerL: number }
  | {
      readonly kind: "water";
      /** Litres a time, and days between; half a day is twice a day. */
      readonly litres: number;
      readonly everyDays: number;
      readonly last?: Day;
    }
  /** The cover is propped open by day. */
  | { readonly kind: "vent"; readonly fromC: number }
  | { readonly kind: "pick"; readonly isFirst: boolean; readonly kg: Range }
  /** It has given what it gives. `next`: the day on which the bag is wanted. */
  | { readonly kind: "end"; readonly next?: Day }
  | { readonly kind: "empty" };

/** Why the weather keeps a task back, what it is now, and what the task waits for, °C or mm. */
export interface HeldBack {
  readonly code: "cold-nights" | "cold-soil" | "storm";
  readonly is: number;
  readonly needs: number;
}

/** Something to do in a row, in the days in which it is due. The same day after day until a record settles it. */
export type Task = TaskWhat & {
  /** Stays the same for the same thing, so that a calendar that is read again changes what it has. */
  readonly id: string;
  readonly rowId: string;
  /** Its place in the plan, from 1. */
  readonly row: number;
  readonly plantingId?: string;
  readonly goalId?: string;
  readonly from: Day;
  readonly until: Day;
  /** The weather of the coming days keeps it back: these are then the days in which it is due. */
  readonly heldBack?: HeldBack;
  /** It is done for a side-by-side, one way of two. */
  readonly trial?: Trial;
};
export type TaskKind = Task["kind"];

/** The record that settles each kind of task; those without one pass with their days. */
export const SETTLED_BY: Partial<Record<TaskKind, RecordKind>> = {
  fill: "filled",
  "top-up": "topped-up",
  sow: "sown",
  up: "up",
  thin: "thinned",
  move: "moved",
  stake: "staked",
  net: "covered",
  feed: "fed",
  "feed-liquid": "fed",
  water: "watered",
  pick: "picked",
  end: "ended",
  empty: "emptied",
};

/** What some waterings come to: litres in all, and cans to carry. */
export function carriedFor(
  tasks: readonly Task[],
  { canL }: Pick<Sizes, "canL"> = USUAL_SIZES,
): { readonly litres: number; readonly cans: number } {
  const litres = tasks.reduce((sum, task) => sum + (task.kind === "water" ? task.litres : 0), 0);
  return { litres, cans: Math.ceil(litres / canL - 1e-9) };
}

/** How a task stands on a day: late once its days are over, due in them, and to come before. */
export type TaskState = "late" | "due" | "coming";

/** Whether a task is late, due or still to come on a day. */
export const stateOn = ({ from, until }: Pick<Task, "from" | "until">, today: Day): TaskState =>
  today > until ? "late" : today >= from ? "due" : "coming";

/** Days by which a task is late, or until it is due; 0 in its days. */
export const daysFrom = ({ from, until }: Pick<Task, "from" | "until">, today: Day): number =>
  today > until ? daysBetween(until, today) : Math.max(0, daysBetween(today, from));
