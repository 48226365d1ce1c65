import { beforeAll, expect, it } from "vitest";
import { seededRandom } from "@/core/chance";
import type { LinearModel, Solver } from "@/core/planner";
import { highsSolver } from "./highs";

let solver: Solver;
beforeAll(async () => {
  solver = await highsSolver();
});

interface Knapsack {
  readonly worth: readonly number[];
  readonly weights: readonly (readonly number[])[];
  readonly rooms: readonly number[];
}

function knapsack(seed: number, items: number, limits: number): Knapsack {
  const random = seededRandom(seed);
  const whole = (most: number) => 1 + Math.floor(most * random());
  const weights = Array.from({ length: limits }, () => Array.from({ length: items }, () => whole(60)));
  return {
    worth: Array.from({ length: items }, () => whole(40)),
    weights,
    rooms: weights.map((row) => Math.floor(row.reduce((a, b) => a + b) / 3)),
  };
}

const modelOf = ({ worth, weights, rooms }: Knapsack): LinearModel => ({
  cost: Float64Array.from(worth),
  lower: new Float64Array(worth.length),
  upper: new Float64Array(worth.length).fill(1),
  integer: new Uint8Array(worth.length).fill(1),
  rowLower: new Float64Array(rooms.length).fill(Number.NEGATIVE_INFINITY),
  rowUpper: Float64Array.from(rooms),
  starts: Int32Array.from({ length: worth.length + 1 }, (_, i) => i * rooms.length),
  rows: Int32Array.from({ length: worth.length * rooms.length }, (_, k) => k % rooms.length),
  values: Float64Array.from(
    { length: worth.length * rooms.length },
    (_, k) => weights[k % rooms.length]![Math.floor(k / rooms.length)]!,
  ),
});

/** The best of one limit on weight, by going through all weights. */
function bestOf({ worth, weights, rooms }: Knapsack): number {
  const [weight = [], room = 0] = [weights[0], rooms[0]];
  const best = new Float64Array(room + 1);
  worth.forEach((w, i) => {
    for (let r = room; r >= weight[i]!; r--) best[r] = Math.max(best[r]!, best[r - weight[i]!]! + w);
  });
  return best[room]!;
}

it.each([1, 2, 3, 4, 5])("packs knapsack %i as well as going through all weights does", (seed) => {
  const sack = knapsack(seed, 30, 1);
  const solved = solver.whole(modelOf(sack));
  expect(solved.objective).toBeCloseTo(bestOf(sack), 6);
  expect(solved.bound).toBeCloseTo(solved.objective, 6);
});

it("tells a question without an answer from one that it could not answer, and bounds whole answers by relaxed ones", () => {
  const sack = knapsack(3, 5, 1);
  const model = modelOf(sack);
  expect(
    solver.whole({ ...model, rowLower: Float64Array.of(1e6), rowUpper: Float64Array.of(2e6) }).status,
  ).toBe("infeasible");
  const open = solver.relax(model);
  const { objective, prices } = open.solve();
  expect(objective).toBeGreaterThanOrEqual(solver.whole(model).objective - 1e-9);
  expect(prices[0]).toBeGreaterThan(0);
  open.addConstraints([
    {
      lower: Number.NEGATIVE_INFINITY,
      upper: 1,
      entries: [
        [0, 1],
        [1, 1],
      ],
    },
  ]);
  expect(open.solve().objective).toBeLessThanOrEqual(objective + 1e-9);
  open.close();
});
