import loadHighs, { type HighsCallbackMap, type InitOptions } from "highs";
import type { LinearModel, ModelRow, Solved, Solver } from "@/core/planner";

type Highs = Awaited<ReturnType<typeof loadHighs>>;
type Model = ReturnType<Highs["createModel"]>;

/** From a good solution on, HiGHS spends most of its time on looking for better ones in ways that seldom find any; branching does. */
const WITHOUT_HEURISTICS = {
  mip_heuristic_effort: 0,
  mip_heuristic_run_feasibility_jump: false,
  mip_heuristic_run_root_reduced_cost: false,
  mip_heuristic_run_rens: false,
  mip_heuristic_run_rins: false,
  mip_heuristic_run_zi_round: false,
  mip_heuristic_run_shifting: false,
};

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
  const addRows = (model: Model, rows: readonly ModelRow[]) => {
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
    return status === modelStatus.timeLimit || status === modelStatus.interrupted ? "stopped" : "failed";
  };
  /** Runs a model; tells whether it came through. A basis that has gone bad in many small changes ends a run: then it starts anew once. */
  const ran = (model: Model, callbacks: HighsCallbackMap = {}): boolean => {
    for (let again = false; ; again = true) {
      try {
        model.run(callbacks);
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
        addRows(rows) {
          numRows += rows.length;
          addRows(model, rows);
        },
        close: () => model.dispose(),
      };
    },
    whole(m, { rows, start, gap, seconds, watch }) {
      const model = load(m, true);
      try {
        addRows(model, rows);
        model.options.set({ mip_rel_gap: gap, ...(seconds === undefined ? {} : { time_limit: seconds }) });
        if (start) {
          model.setSolution({ colValue: start });
          model.options.set(WITHOUT_HEURISTICS);
        }
        const callbacks: HighsCallbackMap = watch
          ? {
              [highs.constants.callbackType.mipInterrupt](event) {
                const { mip_primal_bound, mip_dual_bound, mip_total_lp_iterations } = event.data;
                if (
                  watch({
                    objective: mip_primal_bound ?? Number.NEGATIVE_INFINITY,
                    bound: mip_dual_bound ?? Number.POSITIVE_INFINITY,
                    steps: Number(mip_total_lp_iterations ?? 0),
                  })
                )
                  event.interrupt();
              },
            }
          : {};
        const status = ran(model, callbacks) ? statusOf(model) : "failed";
        const bound = Number(model.info.get("mip_dual_bound"));
        if (status === "failed" || status === "infeasible")
          return {
            status,
            objective: Number.NaN,
            bound,
            columns: new Float64Array(),
            prices: new Float64Array(),
          };
        return {
          status,
          objective: model.getObjectiveValue(),
          bound,
          columns: model.getSolution().colValue,
          prices: new Float64Array(),
        };
      } finally {
        model.dispose();
      }
    },
  };
}
