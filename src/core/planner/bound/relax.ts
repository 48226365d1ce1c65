import { Cuts } from "./cuts";
import type { Cut, Entry, Relaxation, Relaxed } from "./relaxation";
import { CROP_LOSS, earliness, type Instance, LANES, QUARTERS, WEEKS } from "../model/instance";
import type { LinearModel, Constraint, OpenModel, Solver } from "./solver";
import { cropCap, quartersOf, stepsOf } from "../model/worth";

const INFINITY = Number.POSITIVE_INFINITY;

/** Builds a model column by column. */
class Columns {
  readonly cost: number[] = [];
  readonly lower: number[] = [];
  readonly upper: number[] = [];
  readonly integer: number[] = [];
  readonly rowLower: number[] = [];
  readonly rowUpper: number[] = [];
  private readonly starts: number[] = [0];
  private readonly rows: number[] = [];
  private readonly values: number[] = [];

  row(lower: number, upper: number): number {
    this.rowLower.push(lower);
    this.rowUpper.push(upper);
    return this.rowLower.length - 1;
  }

  column(
    cost: number,
    upper: number,
    whole: boolean,
    entries: readonly (readonly [row: number, value: number])[],
  ): number {
    this.cost.push(cost);
    this.lower.push(0);
    this.upper.push(upper);
    this.integer.push(whole ? 1 : 0);
    for (const [row, value] of entries) {
      this.rows.push(row);
      this.values.push(value);
    }
    this.starts.push(this.rows.length);
    return this.cost.length - 1;
  }

  model(): LinearModel {
    return {
      cost: Float64Array.from(this.cost),
      lower: Float64Array.from(this.lower),
      upper: Float64Array.from(this.upper),
      integer: Uint8Array.from(this.integer),
      rowLower: Float64Array.from(this.rowLower),
      rowUpper: Float64Array.from(this.rowUpper),
      starts: Int32Array.from(this.starts),
      rows: Int32Array.from(this.rows),
      values: Float64Array.from(this.values),
    };
  }
}

/** Rows of the model, and what each candidate puts into them: the same whichever candidates are in it. */
class Frame {
  readonly columns = new Columns();
  readonly path: readonly (readonly (readonly number[] | undefined)[])[];
  readonly food: readonly (readonly number[])[];
  readonly quarters: readonly (readonly number[])[];
  readonly varied: readonly number[];
  readonly seed: readonly number[];
  /** A crop that is only sown is not there without a packet. */
  readonly opened: readonly number[];
  readonly mix: number;
  readonly budget: number;
  readonly load: number;
  readonly floor: number;
  private readonly water: readonly number[] | undefined;
  private readonly cells: readonly number[] | undefined;

  constructor(readonly instance: Instance) {
    const { classes, candidates, crops, dishes } = instance;
    const m = this.columns;
    const used = new Set(candidates.map((c) => `${c.classIndex} ${c.lane}`));
    this.path = classes.map((k, index) =>
      LANES.map((lane) => {
        const halves = k.parts > 0 && lane === "top";
        if (!halves && !used.has(`${index} ${lane}`)) return undefined;
        // Halves start with none: a bag that is split leaves the whole ones.
        const bags = (week: number) =>
          week === k.freeFrom && (lane === "top" || lane === "side") ? k.free : 0;
        return Array.from({ length: WEEKS }, (_, week) =>
          week < k.freeFrom ? -1 : m.row(bags(week), bags(week)),
        );
      }),
    );
    this.food = instance.baseG.map((groupsG) => groupsG.map((g) => m.row(-INFINITY, g)));
    this.quarters = dishes.map((group) =>
      Array.from({ length: QUARTERS }, () => m.row(-INFINITY, cropCap(instance, group))),
    );
    this.varied = crops.map(() => m.row(-INFINITY, 0));
    this.seed = crops.map((c) => (c.packetMinor > 0 ? m.row(-INFINITY, 0) : -1));
    const sownOnly = crops.map((_, i) => candidates.every((c) => c.cropIndex !== i || c.seedG > 0));
    this.opened = crops.map((_, i) => m.row(-INFINITY, this.seed[i]! >= 0 && sownOnly[i] ? 0 : INFINITY));
    this.mix = m.row(-INFINITY, 0);
    this.budget = m.row(-INFINITY, instance.budgetMinor ?? INFINITY);
    this.load = m.row(-INFINITY, instance.loadKg ?? INFINITY);
    this.floor = m.row(-INFINITY, instance.floorM2);
    this.water = instance.waterL?.map((l) => m.row(-INFINITY, l));
    this.cells =
      instance.cells === undefined
        ? undefined
        : Array.from({ length: WEEKS }, () => m.row(-INFINITY, instance.cells!));
  }

  mostOf(index: number): number {
    const c = this.instance.candidates[index]!;
    const k = this.instance.classes[c.classIndex]!;
    return c.plantingId === undefined ? k.free + k.buyable : 1;
  }

  costOf(index: number): number {
    const c = this.instance.candidates[index]!;
    const { weights } = this.instance;
    return (
      (c.plantingId === undefined ? 0 : weights.keep) -
      c.ownMinor * weights.perMinor -
      (c.minutes / 60) * weights.perHour
    );
  }

  entriesOf(index: number): Entry[] {
    const c = this.instance.candidates[index]!;
    const path = this.path[c.classIndex]![LANES.indexOf(c.lane)]!;
    const entries: Entry[] = [[path[c.from]!, 1]];
    if (c.end < WEEKS) entries.push([path[c.end]!, -1]);
    for (const [fortnight, g] of c.food) entries.push([this.food[fortnight]![c.group]!, -g]);
    for (const [quarter, g] of quartersOf(c)) entries.push([this.quarters[c.dishIndex]![quarter]!, g]);
    entries.push([this.varied[c.cropIndex]!, -1]);
    if (c.seedG > 0 && this.seed[c.cropIndex]! >= 0) entries.push([this.seed[c.cropIndex]!, c.seedG]);
    if (c.ownMinor > 0) entries.push([this.budget, c.ownMinor]);
    if (this.water) for (const [fortnight, l] of c.water) entries.push([this.water[fortnight]!, l]);
    if (this.cells && c.cells)
      for (let week = c.cells.from; week < c.cells.end; week++) entries.push([this.cells[week]!, c.cells.n]);
    return entries;
  }
}

/**
 * The whole question as a linear model. A bag's year is a path through its weeks: each planting leads from the week in
 * which it comes in to that in which it is out, idle weeks lead on by one, and as many paths leave the start as there
 * are bags. Food, dishes, money, water, cells, floor and load tie the paths together.
 *
 * @param only the candidates to put in; all of them when left out
 */
export function relaxationOf(
  instance: Instance,
  only: readonly number[] = instance.candidates.map((_, i) => i),
): Relaxation {
  return modelOf(new Frame(instance), only);
}

function modelOf(frame: Frame, only: readonly number[]): Relaxation {
  const { instance, columns: m } = frame;
  const { classes, crops, dishes, weights } = instance;
  const splitColumns = classes.map(() => -1);
  const bagColumns = classes.map((k, index) => {
    const [top, side, firstHalf, secondHalf] = frame.path[index]!;
    const paths = [top, side, firstHalf, secondHalf].filter((path) => path !== undefined);
    const starts = (path: readonly number[] | undefined, n: number): Entry[] =>
      path ? [[path[k.freeFrom]!, n]] : [];
    if (k.parts > 0)
      splitColumns[index] = m.column(0, k.free + k.buyable, true, [
        ...starts(top, 1),
        ...starts(firstHalf, -k.parts),
        ...starts(secondHalf, -1),
      ]);
    const column = m.column(-k.minor * weights.perMinor, k.buyable, true, [
      ...starts(top, -1),
      ...starts(side, -1),
      [frame.mix, k.mixL],
      [frame.budget, k.minor],
      [frame.load, k.wetKg],
      [frame.floor, k.floorM2],
    ]);
    for (const path of paths) {
      for (let week = k.freeFrom; week < WEEKS; week++)
        m.column(0, INFINITY, false, [
          [path[week]!, 1],
          ...(week + 1 < WEEKS ? [[path[week + 1]!, -1] as Entry] : []),
        ]);
    }
    return column;
  });
  const eaten = frame.food.map((foodRows, fortnight) =>
    foodRows.map((foodRow, group): Entry[] => {
      if (!instance.athome[fortnight]) return [];
      const helping = earliness(weights, fortnight) / instance.helpingG[group]!;
      const steps = stepsOf(instance, group);
      return steps.map(({ upToG, worth }, s) => {
        const upper = upToG - (steps[s - 1]?.upToG ?? 0);
        return [m.column(worth * helping, upper, false, [[foodRow, 1]]), worth * helping];
      });
    }),
  );
  const beyond = dishes.map((group, dish) =>
    frame.quarters[dish]!.map((row) =>
      m.column(-CROP_LOSS / instance.helpingG[group]!, INFINITY, false, [[row, -1]]),
    ),
  );
  const packetColumns = crops.map((crop, i) => {
    m.column(weights.variety + (crop.must ? weights.must : 0), 1, false, [
      [frame.varied[i]!, 1],
      [frame.opened[i]!, 1],
    ]);
    return frame.seed[i]! < 0
      ? -1
      : m.column(-crop.packetMinor * weights.perMinor, INFINITY, true, [
          [frame.seed[i]!, -crop.packetG],
          [frame.opened[i]!, -1],
          [frame.budget, crop.packetMinor],
        ]);
  });
  const sackColumn = m.column(-instance.mixMinor * weights.perMinor, INFINITY, true, [
    [frame.mix, -instance.mixSackL],
    [frame.budget, instance.mixMinor],
  ]);
  // Candidates come last, so that all other columns have the same place whichever candidates are in.
  const columnOf = new Map(
    only.map((i) => [i, m.column(frame.costOf(i), frame.mostOf(i), true, frame.entriesOf(i))]),
  );
  return { model: m.model(), columnOf, bagColumns, splitColumns, packetColumns, sackColumn, eaten, beyond };
}

/** Candidates of each class, lane, kind of food and week that the relaxation starts with, the most food a week first. */
const STARTERS = 2;
/** Candidates that are let in at a time. */
const LET_IN = 1200;
const PRICED_OUT = 1e-7;

const foodAWeek = ({ food, from, end }: Instance["candidates"][number]) =>
  food.reduce((sum, [, g]) => sum + g, 0) / (end - from);

function starters(instance: Instance): number[] {
  const best = new Map<string, number[]>();
  instance.candidates.forEach((c, i) => {
    const key = `${c.classIndex} ${c.lane} ${c.group} ${c.sowOn}`;
    const list = [...(best.get(key) ?? []), i].sort(
      (a, b) => foodAWeek(instance.candidates[b]!) - foodAWeek(instance.candidates[a]!),
    );
    best.set(key, c.plantingId === undefined ? list.slice(0, STARTERS) : list);
  });
  return [...best.values()].flat();
}

/** Rounds in which cuts are looked for at most, and the share of the bound that a round has to bring for another. */
const CUT_ROUNDS = 8;
const CUT_BRINGS = 0.001;

/**
 * The linear relaxation over all candidates by column generation, without ever handing all of them to the solver: it
 * starts with few columns, prices the others by the duals, and lets in those with a reduced cost that would pay, until
 * none has. Then its bound holds for all. Mixed-integer rounding cuts bring it nearer to whole gardens.
 */
export class OpenRelaxation {
  private readonly frame: Frame;
  private readonly entries: Entry[][];
  private readonly columns: Map<number, number>;
  private readonly open: OpenModel;
  private readonly finder: Cuts;
  private nextColumn: number;
  private nextConstraint: number;
  /** All cuts so far. They hold for the model of any candidates. */
  readonly cuts: Cut[] = [];

  constructor(
    private readonly instance: Instance,
    solver: Solver,
  ) {
    this.frame = new Frame(instance);
    this.entries = instance.candidates.map((_, i) => this.frame.entriesOf(i));
    const { model, columnOf, packetColumns, eaten, beyond } = modelOf(this.frame, starters(instance));
    this.columns = new Map(columnOf);
    this.finder = new Cuts(instance, { packetColumns, eaten, beyond });
    this.nextColumn = model.cost.length;
    this.nextConstraint = model.rowLower.length;
    this.open = solver.relax(model);
  }

  /** The best relaxed garden of all. @returns "failed" when the solver fails */
  solve(): Relaxed | "failed" {
    let best: Relaxed | undefined;
    for (let round = 0; ; round++) {
      const relaxed = this.priced();
      // Where the solver fails on the cuts, the bound without them still holds.
      if (relaxed === "failed") return best ?? "failed";
      const brings = best === undefined ? INFINITY : best.bound - relaxed.bound;
      best = relaxed;
      if (round >= CUT_ROUNDS || brings < CUT_BRINGS * Math.abs(best.bound)) return best;
      this.cut(this.finder.brokenBy(relaxed));
    }
  }

  close(): void {
    this.open.close();
  }

  private priced(): Relaxed | "failed" {
    const { candidates } = this.instance;
    for (;;) {
      const solved = this.open.solve();
      if (solved.status !== "optimal") return "failed";
      const reduced = Float64Array.from(candidates, (_, i) => {
        let rest = this.frame.costOf(i);
        for (const [row, value] of this.entries[i]!) rest -= value * solved.prices[row]!;
        return rest;
      });
      const paying = candidates.flatMap((_, i) =>
        reduced[i]! > PRICED_OUT && !this.columns.has(i) ? [i] : [],
      );
      if (paying.length === 0) {
        const share = new Float64Array(candidates.length);
        for (const [i, column] of this.columns) share[i] = solved.columns[column]!;
        return { bound: solved.objective, share, reduced, columns: solved.columns };
      }
      const chosen = paying.sort((a, b) => reduced[b]! - reduced[a]!).slice(0, LET_IN);
      const more = new Columns();
      for (const i of chosen) {
        this.columns.set(i, this.nextColumn++);
        more.column(this.frame.costOf(i), this.frame.mostOf(i), false, this.entries[i]!);
      }
      this.open.add(more.model());
    }
  }

  /** Adds cuts, for the candidates that are in the model and those that are let in later. */
  private cut(cuts: readonly Cut[]): void {
    for (const { candidates } of cuts) {
      const row = this.nextConstraint++;
      for (const [i, value] of candidates) this.entries[i]!.push([row, value]);
    }
    this.cuts.push(...cuts);
    if (cuts.length > 0) this.open.addConstraints(cutConstraints(cuts, this.columns));
  }
}

/** Cuts as constraints of a model, by the columns that its candidates have there. */
const cutConstraints = (cuts: readonly Cut[], columnOf: ReadonlyMap<number, number>): Constraint[] =>
  cuts.map(({ columns, candidates, upper }) => ({
    lower: -INFINITY,
    upper,
    entries: [
      ...columns,
      ...candidates.flatMap(([i, value]): Entry[] => (columnOf.has(i) ? [[columnOf.get(i)!, value]] : [])),
    ],
  }));

/** The relaxation of a question, solved once. @returns undefined when the solver fails */
export function relax(instance: Instance, solver: Solver): Relaxed | undefined {
  const open = new OpenRelaxation(instance, solver);
  try {
    const relaxed = open.solve();
    return relaxed === "failed" ? undefined : relaxed;
  } finally {
    open.close();
  }
}
