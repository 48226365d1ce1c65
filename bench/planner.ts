/**
 * The planner as ratios: its gardens against those of the solver alone in the same time, on questions made up by seed,
 * against the best of ten long runs,
 * and how its time grows with bags and goals. `npm run bench:planner -- 10` takes ten questions instead of thirty,
 * `-- 10 20` those from the twenty-first on.
 */
import type { BagThing } from "@/core/plan";
import type { Reference } from "@/core/setting";
import { seededRandom } from "@/core/chance";
import { type Ask, type Instance, instanceOf, relax, relaxationOf, solve, State } from "@/core/planner";
import { pricesBy } from "@/core/money";
import { demoPrices } from "@/demo/prices";
import { findMix, SHIPPED } from "@/library";
import { highsSolver } from "@/solver/highs";
import { id, settingWith } from "@/testing/garden";

const solver = await highsSolver();
const prices = pricesBy(demoPrices("EUR"), ["packet", "mix"]);
const KINDS = [
  "bottle",
  "round-5-gal",
  "round-7-gal",
  "round-10-gal",
  "round-15-gal",
  "tub-80-l",
  "flat-1.5-cu-ft",
  "tower-50",
];

function askFor(seed: number, bags: number, crops: number): Ask {
  const random = seededRandom(seed);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
  const things = Array.from({ length: bags }, (_, i): BagThing => ({
    id: id(i + 1),
    kindId: pick(KINDS),
    shape: null,
    atHand: true,
    firstSeason: 2026,
  }));
  const reference: Reference = {
    ...SHIPPED,
    crops: [...SHIPPED.crops].sort(() => random() - 0.5).slice(0, crops),
  };
  const often = () => pick(["daily", "often", "sometimes"] as const);
  const setting = settingWith(
    {
      mix: findMix("potting-mix-and-manure")!,
      sunHours: 4 + Math.floor(random() * 5),
      floorM2: 3 + 3 * random(),
      limitKgM2: 195,
      prices,
      wants: {
        groups: { greens: often(), roots: often(), pods: often(), fruits: often() },
        must: [],
        never: [],
      },
      people: { adults: 1 + Math.floor(random() * 3), children: Math.floor(random() * 3) },
      hands: { cells: 40, skill: "some" },
    },
    reference,
  );
  return {
    plan: { bags: things, rows: [] },
    setting,
    reference,
    today: "2026-05-18",
    aim: "value",
    kinds: ["round-10-gal"],
    budgetMinor: 3000 + Math.floor(random() * 6000),
    waterLDay: 20 + 30 * random(),
    away: [],
    repair: false,
    without: [],
  };
}

/** Milliseconds that some work takes, and what it gives. */
function timed<T>(work: () => T): [T, number] {
  const start = performance.now();
  const value = work();
  return [value, performance.now() - start];
}

/** The planner's own garden, with as many rounds as fit into ten times the relaxation. */
function ours(ask: Ask) {
  const instance = instanceOf(ask);
  const [, relaxMs] = timed(() => relax(instance, solver)!);
  const [state, ms] = timed(() => {
    const steps = solve(instance, solver, { rounds: 15_000, seed: 1 });
    let step = steps.next();
    const start = performance.now();
    while (!step.done) step = steps.next(performance.now() - start > 10 * relaxMs);
    return step.value.state;
  });
  return { instance, relaxMs, state, ms };
}

const LONG_ROUNDS = 15_000;
const LONG_RUNS = 10;

/** What a garden is worth that is searched for as long as `rounds` last. */
function worthOf(instance: Instance, rounds: number, seed: number): number {
  const steps = solve(instance, solver, { rounds, seed });
  let step = steps.next();
  while (!step.done) step = steps.next();
  return step.value.state.worth();
}

/** The best of ten long runs, each from a seed of its own. */
const bestOfLong = (instance: Instance): number =>
  Math.max(...Array.from({ length: LONG_RUNS }, (_, run) => worthOf(instance, LONG_ROUNDS, 100 + run)));

/** The most that any garden can be worth. */
function boundOf(instance: Instance): number {
  const relaxed = relax(instance, solver);
  if (!relaxed) throw new Error("the solver failed");
  return relaxed.bound;
}

/** The solver alone, in whole numbers, for as long. */
function alone(instance: Instance, ms: number): number {
  const { model, columnOf } = relaxationOf(instance);
  const solved = solver.whole(model, ms / 1000);
  const state = new State(instance);
  if (solved.status !== "failed")
    for (const [i, column] of columnOf)
      for (let n = Math.round(solved.columns[column]!); n > 0; n--)
        if (state.blockedBy(i) === undefined) state.add(i);
  return state.worth();
}

const count = Number(process.argv[2] ?? 30);
const before = Number(process.argv[3] ?? 0);
const rows = Array.from({ length: count }, (_, i) => {
  const seed = before + i;
  const { instance, relaxMs, state, ms } = ours(askFor(seed + 1, 4 + (seed % 6), 18));
  const theirs = alone(instance, ms);
  const bound = boundOf(instance);
  const worth = state.worth();
  const long = Math.max(worth, bestOfLong(instance));
  const row = {
    short: 1 - worth / long,
    ratio: theirs > 0 ? worth / theirs : Number.POSITIVE_INFINITY,
    gap: 1 - worth / bound,
    times: ms / relaxMs,
  };
  const against =
    theirs > 0 ? `${row.ratio.toFixed(3)} times the solver alone` : "the solver alone found nothing";
  console.log(
    `question ${seed + 1}: ${instance.candidates.length} plantings, ${against}, ${(100 * row.short).toFixed(1)} % under the best of ten long runs, within ${(100 * row.gap).toFixed(1)} % of the bound`,
  );
  return row;
});
const middle = (list: number[]) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)]!;
console.log(
  `ours over the solver alone in the same time: median ${middle(rows.map((r) => r.ratio)).toFixed(3)}, least ${Math.min(...rows.map((r) => r.ratio)).toFixed(3)}`,
);
console.log(
  `under the best of ten long runs: median ${(100 * middle(rows.map((r) => r.short))).toFixed(1)} %, most ${(100 * Math.max(...rows.map((r) => r.short))).toFixed(1)} %`,
);
console.log(
  `gap to the bound: median ${(100 * middle(rows.map((r) => r.gap))).toFixed(1)} %, most ${(100 * Math.max(...rows.map((r) => r.gap))).toFixed(1)} %`,
);

const [base, ...larger] = [
  [4, 12],
  [8, 12],
  [16, 12],
  [8, 24],
  [8, 48],
].map(([bags = 4, crops = 12]) => ({
  bags,
  crops,
  ms: timed(() => relax(instanceOf(askFor(99, bags, crops)), solver))[1],
}));
console.log(
  `time to the bound, by ${base!.bags} bags and ${base!.crops} crops as 1: ${larger.map((l) => `${l.bags} bags, ${l.crops} crops: ${(l.ms / base!.ms).toFixed(1)}`).join("; ")}`,
);
