/** What a programme's water, tasks, kit and paper cost, as ratios and rates: a thousand households of fifteen rows. */
import { tasksOf } from "@/core/days";
import { addDays } from "@/core/day";
import { assessGarden } from "@/core/garden";
import { kitOf } from "@/core/kit";
import type { Plan } from "@/core/plan";
import { rowThirst } from "@/core/year";
import { Printing } from "@/sheet/printing";
import { CROP_GOALS, MIXES } from "@/library";
import { ALL_BAGS, id, planting, settingWith } from "@/testing/garden";

const HOUSEHOLDS = 1000;
const ROWS = 15;
const DAYS = 365;
const TODAY = "2026-01-15";

/** A garden of fifteen rows, unlike the one before it. */
function planOf(n: number): Plan {
  const at = (i: number) => 100_000 * (n + 1) + i;
  return {
    bags: Array.from({ length: ROWS }, (_, i) => ({
      ...ALL_BAGS[(n + i) % ALL_BAGS.length]!,
      id: id(at(i)),
      atHand: false,
    })),
    rows: Array.from({ length: ROWS }, (_, i) => {
      const { goal } = CROP_GOALS[(7 * n + i) % CROP_GOALS.length]!;
      return {
        id: id(at(100 + i)),
        bagId: id(at(i)),
        gapCm: null,
        plantings: [planting(at(200 + i), goal.id, addDays(TODAY, (31 * i + n) % 300), { plants: 3 })],
      };
    }),
  };
}

const setting = settingWith({ mix: MIXES[1]!, mixes: MIXES, openSky: 0.8 });
const timed = <T>(work: () => T): [T, number] => {
  const start = performance.now();
  return [work(), performance.now() - start];
};

// A few households are enough for a rate; all of them would only take longer.
const SAMPLE = 20;
const gardens = Array.from({ length: SAMPLE }, (_, n) => assessGarden(planOf(n), setting));
const [, waterMs] = timed(() => {
  let sum = 0;
  for (const garden of gardens)
    for (const row of garden.rows)
      for (let d = 0; d < DAYS; d++) sum += rowThirst(row, addDays(TODAY, d), setting);
  return sum;
});
const [, tasksMs] = timed(() => gardens.map((garden) => tasksOf(garden, [], { setting, today: TODAY })));
const cells = SAMPLE * ROWS * DAYS;
const [, readMs] = timed(() => {
  const [a, b] = [new Float64Array(cells).fill(1.5), new Float64Array(cells).fill(0.7)];
  let sum = 0;
  for (let i = 0; i < cells; i++) sum += a[i]! * b[i]!;
  return sum;
});
const [, equalMs] = timed(() => {
  const [a, b, out] = [
    new Float64Array(cells).fill(1.5),
    new Float64Array(cells).fill(0.7),
    new Float64Array(cells),
  ];
  let sum = 0;
  // As much arithmetic as a day of a row takes: some forty multiplications, exponentials and square roots.
  for (let i = 0; i < cells; i++) {
    let x = a[i]! * b[i]!;
    for (let k = 0; k < 10; k++) x = Math.sqrt(x * x + Math.exp(-x) * b[i]! + k);
    out[i] = x;
    sum += x;
  }
  return sum;
});
console.log(
  `water of ${HOUSEHOLDS} households × ${ROWS} rows × ${DAYS} days: ${((waterMs * HOUSEHOLDS) / SAMPLE / 1000).toFixed(1)} s, ` +
    `${(waterMs / equalMs).toFixed(1)} times a typed-array pass over the same cells with as much arithmetic (wanted: at most 10), ` +
    `${(waterMs / readMs).toFixed(0)} times one that multiplies and adds once a cell; ` +
    `tasks of a day ${((tasksMs * HOUSEHOLDS) / SAMPLE / 1000).toFixed(2)} s`,
);

const [kits, kitMs] = timed(() => gardens.map((garden) => kitOf(garden, [], { setting, today: TODAY })));
const [, assessMs] = timed(() =>
  Array.from({ length: SAMPLE }, (_, n) => assessGarden(planOf(n), settingWith())),
);
console.log(
  `kit of ${HOUSEHOLDS} households: ${((kitMs * HOUSEHOLDS) / SAMPLE / 1000).toFixed(1)} s, ${(kitMs / assessMs).toFixed(2)} times judging their gardens; ` +
    `${kits.reduce((sum, kit) => sum + kit.shopping.lines.length, 0)} lines of ${SAMPLE}`,
);

const PRINTED = 100;
const BATCH = 20;
const printing = new Printing({ units: "metric", currency: "EUR", paper: "A4" });
const { findShape: _shape, findMake: _make, findGoal: _goal, ...plain } = setting;
const heaps: number[] = [];
const start = performance.now();
for (let from = 0; from < PRINTED; from += BATCH) {
  await printing.add(
    Array.from({ length: BATCH }, (_, i) => ({
      of: "sheet" as const,
      household: { code: String(from + i + 1), name: "House", href: "http://127.0.0.1:4310/house/1/log" },
      programme: "Bench",
      plan: planOf(from + i),
      setting: plain,
      overrides: [],
      records: [],
      today: TODAY,
    })),
  );
  global.gc?.();
  heaps.push(process.memoryUsage().heapUsed / 2 ** 20);
}
const { pages, pdf } = await printing.finish();
const seconds = (performance.now() - start) / 1000;
console.log(
  `sheets of ${PRINTED} households: ${pages} pages, ${(pages / seconds).toFixed(1)} a second, ${(pdf.length / 2 ** 20).toFixed(1)} MB; ` +
    `heap after each ${BATCH}: ${heaps.map((mb) => mb.toFixed(0)).join(", ")} MB`,
);
