/** A linear model to maximise, its matrix by columns; integer columns are marked. */
export interface LinearModel {
  readonly cost: Float64Array;
  readonly lower: Float64Array;
  readonly upper: Float64Array;
  readonly integer: Uint8Array;
  readonly rowLower: Float64Array;
  readonly rowUpper: Float64Array;
  readonly starts: Int32Array;
  readonly rows: Int32Array;
  readonly values: Float64Array;
}

export interface Solved {
  readonly status: "optimal" | "stopped" | "infeasible" | "failed";
  readonly objective: number;
  /** No solution is worth more than this. */
  readonly bound: number;
  readonly columns: Float64Array;
  /** What one more of each row would add; empty for a model in whole numbers. */
  readonly prices: Float64Array;
}

/** Columns for the rows of a model that is open already. */
export type MoreColumns = Pick<LinearModel, "cost" | "lower" | "upper" | "starts" | "rows" | "values">;

/** One more limit on a model: what some columns come to, each with its factor. */
export interface ModelRow {
  readonly lower: number;
  readonly upper: number;
  readonly entries: readonly (readonly [column: number, value: number])[];
}

/** A relaxed model that stays open, so that it can grow and be solved again from where it stood. */
export interface OpenModel {
  solve(): Solved;
  add(columns: MoreColumns): void;
  addRows(rows: readonly ModelRow[]): void;
  close(): void;
}

/** Where a search in whole numbers stands: the best so far, what no solution can be worth more than, and the steps that it has taken, the same on every machine. */
export interface Whereabouts {
  readonly objective: number;
  readonly bound: number;
  readonly steps: number;
}

export interface WholeOptions {
  /** Limits over those of the model. */
  readonly rows: readonly ModelRow[];
  /** Whole columns of a solution to start from; the others are worked out. */
  readonly start?: Float64Array;
  /** Share of the bound that may be missing at the end. */
  readonly gap: number;
  /** Seconds after which to stop; for ever when left out. */
  readonly seconds?: number;
  /** Told now and then; true stops the search with the best so far. */
  readonly watch?: (at: Whereabouts) => boolean;
}

/** A solver of linear models, relaxed or in whole numbers. */
export interface Solver {
  relax(model: LinearModel): OpenModel;
  whole(model: LinearModel, options: WholeOptions): Solved;
}
