import loadHighs, { type InitOptions } from "highs";
import type { LinearModel, Constraint, Solved, Solver } from "@/core/planner";

type Highs = Awaited<ReturnType<typeof loadHighs>>;
type Model = ReturnType<Highs["createModel"]>;

/** HiGHS, an open solver of linear and mixed-integer models, behind the planner's own contract. @param options where its WebAssembly is found */
export async function highsSolver(options?: InitOptions): Promise<Solver> {
  const highs = await loadHighs(options);
  const load = (m: LinearModel, whole: boolean): Model => {
    const model = highs.createModel();
    model.options.set({ output_flag: false });
    model.passModel({
      numCols: m.cost.length,
      numRows: m.rowLower.length,
      sense: highs.constants.objectiveSense.maximize,
      colCost: m.cost,
      colLower: m.lower,
      colUpper: m.upper,
      rowLower: m.rowLower,
      rowUpper: m.rowUpper,
      matrix: {
        format: "csc",
        numRows: m.rowLower.length,
        numCols: m.cost.length,
        starts: m.starts,
        indices: m.rows,
        values: m.values,
      },
      ...(whole ? { integrality: Int32Array.from(m.integer) } : {}),
    });
    return model;
  };
  const addConstraints = (model: Model, rows: readonly Constraint[]) => {
    for (const { lower, upper, entries } of rows)
      model.addRow(lower, upper, {
        indices: entries.map(([column]) => column),
        values: entries.map(([, value]) => value),
      });
  };
  const statusOf = (model: Model): Solved["status"] => {
    const status = model.getModelStatus();
    const { modelStatus } = highs.constants;
    if (status === modelStatus.optimal) return "optimal";
    if (status === modelStatus.infeasible) return "infeasible";
    return status === modelStatus.timeLimit ? "stopped" : "failed";
  };
  /** Runs a model; tells whether it came through. A basis that has gone bad in many small changes ends a run: then it starts anew once. */
  const ran = (model: Model): boolean => {
    for (let again = false; ; again = true) {
      try {
        model.run({});
        return true;
      } catch (error) {
        if (!(error instanceof highs.errors.HighsError)) throw error;
        model.clearSolver();
        if (again) return false;
      }
    }
  };
  return {
    relax(m) {
      const model = load(m, false);
      let numRows = m.rowLower.length;
      return {
        solve() {
          if (!ran(model))
            return {
              status: "failed",
              objective: Number.NaN,
              bound: Number.NaN,
              columns: new Float64Array(),
              prices: new Float64Array(),
            };
          const solution = model.getSolution();
          return {
            status: statusOf(model),
            objective: model.getObjectiveValue(),
            bound: model.getObjectiveValue(),
            columns: solution.colValue,
            prices: solution.rowDual,
          };
        },
        add({ cost, lower, upper, starts, rows, values }) {
          model.addCols({
            cost,
            lower,
            upper,
            matrix: { format: "csc", numRows, numCols: cost.length, starts, indices: rows, values },
          });
        },
        addConstraints(rows) {
          numRows += rows.length;
          addConstraints(model, rows);
        },
        close: () => model.dispose(),
      };
    },
    whole(m, seconds) {
      const model = load(m, true);
      try {
        model.options.set({ mip_rel_gap: 0, ...(seconds === undefined ? {} : { time_limit: seconds }) });
        const status = ran(model) ? statusOf(model) : "failed";
        const bound = Number(model.info.get("mip_dual_bound"));
        const none = new Float64Array();
        if (status === "failed" || status === "infeasible")
          return { status, objective: Number.NaN, bound, columns: none, prices: none };
        const { colValue } = model.getSolution();
        return { status, objective: model.getObjectiveValue(), bound, columns: colValue, prices: none };
      } finally {
        model.dispose();
      }
    },
  };
}
