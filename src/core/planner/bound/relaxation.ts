import type { LinearModel } from "./solver";

/** A factor in a row or a column. */
export type Entry = readonly [index: number, value: number];

export interface Relaxation {
  readonly model: LinearModel;
  /** The model's column of each candidate that is in it. */
  readonly columnOf: ReadonlyMap<number, number>;
  /** The columns of bags to buy and of bags that are split by class, and of packets by crop; -1 for what is never split, and for a crop whose packets cost nothing. */
  readonly bagColumns: readonly number[];
  readonly splitColumns: readonly number[];
  readonly packetColumns: readonly number[];
  readonly sackColumn: number;
  /** The columns of food that is eaten by fortnight and kind, each with what 1 g is worth; none while nobody is there. */
  readonly eaten: readonly (readonly (readonly Entry[])[])[];
  /** The columns of what a dish has beyond its cap, g, by dish and quarter. */
  readonly beyond: readonly (readonly number[])[];
}

/** The relaxed garden: the most that any garden can be worth, how much it has of each candidate, and what one more would add. */
export interface Relaxed {
  readonly bound: number;
  readonly share: Float64Array;
  readonly reduced: Float64Array;
  /** The solved columns of the model itself. */
  readonly columns: Float64Array;
}

/** A limit that every whole garden keeps and a relaxed one may break: columns of the model and candidates, each with its factor, come to at most `upper`. */
export interface Cut {
  readonly columns: readonly Entry[];
  readonly candidates: readonly Entry[];
  readonly upper: number;
}
