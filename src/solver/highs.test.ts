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

/** The best of one limit on weight and one on how many, by going through all weights. */
function bestOf({ worth, weights, rooms }: Knapsack, most: number): number {
  const [weight, room] = [weights[0]!, rooms[0]!];
  const best = Array.from({ length: most + 1 }, () => new Float64Array(room + 1));
  worth.forEach((w, i) => {
    for (let n = most; n > 0; n--)
      for (let r = room; r >= weight[i]!; r--)
        best[n]![r] = Math.max(best[n]![r]!, best[n - 1]![r - weight[i]!]! + w);
  });
  return best[most]![room]!;
}

it.each([1, 2, 3, 4, 5])(
  "packs knapsack %i as well as going through all weights does, with one more limit, from any start",
  (seed) => {
    const sack = knapsack(seed, 30, 1);
    const few = {
      lower: Number.NEGATIVE_INFINITY,
      upper: 6,
      entries: sack.worth.map((_, i) => [i, 1] as const),
    };
    const free = solver.whole(modelOf(sack), { rows: [], gap: 0 });
    const tied = solver.whole(modelOf(sack), {
      rows: [few],
      gap: 0,
      start: Float64Array.from(sack.worth, (_, i) => (i < 2 ? 1 : 0)),
    });
    expect(free.objective).toBeCloseTo(bestOf(sack, 30), 6);
    expect(tied.objective).toBeCloseTo(bestOf(sack, 6), 6);
    expect(tied.bound).toBeCloseTo(tied.objective, 6);
    expect(Math.round(tied.columns.reduce((a, b) => a + b))).toBeLessThanOrEqual(6);
  },
);

it("stops when it is told to, with what it was given or better, and a bound that holds", () => {
  const sack = knapsack(8, 90, 12);
  const start = new Float64Array(90);
  start[0] = 1;
  const steps: number[] = [];
  const stopped = solver.whole(modelOf(sack), {
    rows: [],
    gap: 0,
    start,
    watch: (at) => steps.push(at.steps) > 3,
  });
  expect(steps.length).toBe(4);
  expect(stopped.status).toBe("stopped");
  expect(stopped.objective).toBeGreaterThanOrEqual(sack.worth[0]!);
  const longer = solver.whole(modelOf(sack), { rows: [], gap: 0.01, seconds: 20 });
  expect(stopped.bound).toBeGreaterThanOrEqual(longer.objective - 1e-6);
  expect(stopped.bound).toBeGreaterThan(stopped.objective);
});

it("takes the same steps every time", () => {
  const sack = knapsack(9, 60, 8);
  const run = () => {
    const steps: number[] = [];
    const { objective, bound, columns } = solver.whole(modelOf(sack), {
      rows: [],
      gap: 0.005,
      watch: (at) => at.steps > 3000 || steps.push(at.steps) < 0,
    });
    return { steps: steps.at(-1), objective, bound, columns: [...columns] };
  };
  const first = run();
  expect(first.steps).toBeGreaterThan(10);
  expect(run()).toEqual(first);
});

it("tells a question without an answer from one that it could not answer", () => {
  const sack = knapsack(3, 5, 1);
  const never = {
    lower: 7,
    upper: Number.POSITIVE_INFINITY,
    entries: sack.worth.map((_, i) => [i, 1] as const),
  };
  expect(solver.whole(modelOf(sack), { rows: [never], gap: 0 }).status).toBe("infeasible");
  const open = solver.relax(modelOf(sack));
  const { objective } = open.solve();
  open.addRows([
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
