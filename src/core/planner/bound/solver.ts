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
  /** The duals: what one more of each constraint would add; empty for a model in whole numbers. */
  readonly prices: Float64Array;
}

/** Columns for the rows of a model that is open already. */
export type MoreColumns = Pick<LinearModel, "cost" | "lower" | "upper" | "starts" | "rows" | "values">;

/** One more constraint of a model: what some columns come to, each with its factor. */
export interface Constraint {
  readonly lower: number;
  readonly upper: number;
  readonly entries: readonly (readonly [column: number, value: number])[];
}

/** A relaxed model that stays open, so that it can grow and be solved again from where it stood. */
export interface OpenModel {
  solve(): Solved;
  add(columns: MoreColumns): void;
  addConstraints(rows: readonly Constraint[]): void;
  close(): void;
}

/** A solver of linear models, relaxed or in whole numbers. */
export interface Solver {
  relax(model: LinearModel): OpenModel;
  /** Solves in whole numbers. The planner does without: benches and tests hold its gardens against this. @param seconds after which to stop; for ever when left out */
  whole(model: LinearModel, seconds?: number): Solved;
}
