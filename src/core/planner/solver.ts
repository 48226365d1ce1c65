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

/** A relaxed model that stays open, so that it can grow and be solved again from where it stood. */
export interface OpenModel {
  solve(): Solved;
  add(columns: MoreColumns): void;
  addRows(rows: readonly { readonly lower: number; readonly upper: number; readonly entries: readonly (readonly [column: number, value: number])[] }[]): void;
  /** Sets what a column may be. */
  within(column: number, lower: number, upper: number): void;
  close(): void;
}

/** A solver of linear models: relaxed, or in whole numbers for at most so many seconds from a start. */
export interface Solver {
  relax(model: LinearModel): OpenModel;
  whole(model: LinearModel, options: { readonly seconds: number; readonly start?: Float64Array; readonly gap: number }): Solved;
}
