import { CROP_LOSS, earliness, FORTNIGHTS, type Instance, QUARTERS, WEEKS } from "../model/instance";
import type { Cut, Entry, Relaxation, Relaxed } from "./relaxation";
import { type Rounding, rounding } from "./rounding";
import { cropCap, foodWorth, quartersOf, stepsOf } from "../model/worth";

/** Food of one kind in a fortnight, or of one dish in a quarter, from each candidate that gives any, g. */
type Lumps = readonly (readonly [index: number, g: number])[];

/** Helpings by which a relaxed garden has to break a cut to be worth a row, as a share of the bound. */
const BROKEN_BY = 1e-5;
/** Share of a bag by which it has to break a cut on packets. */
const PACKET_BY = 0.01;
/** Steps that are tried: the lumps themselves and parts of them, and one beyond every lump, which takes each alone. */
const PARTS = [1, 2, 3];
const BEYOND = 1e7;

/** Finds the cuts that a relaxed garden breaks. */
export class Cuts {
  private readonly inFortnight: Lumps[][];
  private readonly inQuarter: Lumps[][];
  /** Candidates that are sown from a packet, by class, lane and crop. */
  private readonly sown = new Map<string, number[]>();
  /** Whether a crop is there from packets only. */
  private readonly packetOnly: readonly boolean[];
  /** The most of a crop that a fortnight can have in all bags there could be, g, by crop and fortnight. */
  private readonly mostG: readonly Float64Array[];

  constructor(
    private readonly instance: Instance,
    private readonly model: Pick<Relaxation, "packetColumns" | "eaten" | "beyond">,
  ) {
    const { candidates, classes, crops, dishes, groups } = instance;
    const inFortnight = Array.from({ length: FORTNIGHTS }, () => groups.map((): [number, number][] => []));
    const inQuarter = dishes.map(() => Array.from({ length: QUARTERS }, (): [number, number][] => []));
    const byLane = new Map<string, { cropIndex: number; times: number; g: Float64Array }>();
    candidates.forEach((c, i) => {
      const k = classes[c.classIndex]!;
      // Of two plantings that follow each other both may give in one fortnight.
      const times = 2 * (k.free + k.buyable) * (c.lane === "first-half" ? k.parts : 1);
      const key = `${c.classIndex} ${c.lane} ${c.cropIndex}`;
      const lane = byLane.get(key) ?? { cropIndex: c.cropIndex, times, g: new Float64Array(FORTNIGHTS) };
      byLane.set(key, lane);
      for (const [fortnight, g] of c.food) {
        inFortnight[fortnight]![c.group]!.push([i, g]);
        lane.g[fortnight] = Math.max(lane.g[fortnight]!, g);
      }
      for (const [quarter, g] of quartersOf(c)) inQuarter[c.dishIndex]![quarter]!.push([i, g]);
      if (c.seedG > 0 && this.hasPackets(c.cropIndex)) this.sown.set(key, [...(this.sown.get(key) ?? []), i]);
    });
    this.inFortnight = inFortnight;
    this.inQuarter = inQuarter;
    this.packetOnly = crops.map(
      (_, crop) => this.hasPackets(crop) && candidates.every((c) => c.cropIndex !== crop || c.seedG > 0),
    );
    this.mostG = crops.map(() => new Float64Array(FORTNIGHTS));
    for (const { cropIndex, times, g } of byLane.values())
      g.forEach((most, fortnight) => (this.mostG[cropIndex]![fortnight]! += times * most));
  }

  /** The cuts that a relaxed garden breaks: the sharpest for each kind of food in a fortnight, each dish in a quarter, and each crop in a part of a bag. */
  brokenBy(relaxed: Relaxed): Cut[] {
    return [...this.ofFood(relaxed), ...this.ofDishes(relaxed), ...this.ofPackets(relaxed)];
  }

  private hasPackets(crop: number): boolean {
    return this.model.packetColumns[crop]! >= 0;
  }

  /** Food of a fortnight in whole lumps is worth no more than so much for each; and that of a crop nothing without its packet. */
  private ofFood({ share, columns, bound }: Relaxed): Cut[] {
    const { candidates, groups, helpingG, weights, baseG } = this.instance;
    const stepsByGroup = groups.map((_, group) => stepsOf(this.instance, group));
    const cuts: Cut[] = [];
    for (let fortnight = 0; fortnight < FORTNIGHTS; fortnight++) {
      groups.forEach((_, group) => {
        const eaten = this.model.eaten[fortnight]![group]!;
        const lumps = this.inFortnight[fortnight]![group]!;
        const there = lumps.filter(([i]) => share[i]! > 1e-9);
        if (eaten.length === 0 || there.length === 0) return;
        const base = baseG[fortnight]![group]!;
        const helping = earliness(weights, fortnight) / helpingG[group]!;
        const steps = stepsByGroup[group]!;
        const first = steps[0]!;
        // A helping over each step loses a part of its worth.
        const over = steps.slice(1).map(({ worth }, s) => ({
          loses: steps[s]!.worth - worth,
          ...sharpest(there, share, steps[s]!.upToG - base),
        }));
        const worthOf = (g: number) =>
          helping * (first.worth * g - over.reduce((sum, { loses, lump }) => sum + loses * lump(g), 0));
        const constant =
          helping * (first.worth * base + over.reduce((sum, { loses, less }) => sum + loses * less, 0));
        const byCrop = new Map<number, number>();
        for (const [i, g] of there)
          byCrop.set(
            candidates[i]!.cropIndex,
            (byCrop.get(candidates[i]!.cropIndex) ?? 0) + share[i]! * worthOf(g),
          );
        let most = constant;
        const packets = new Map<number, number>();
        for (const [crop, worth] of byCrop) {
          const all =
            foodWorth(this.instance, fortnight, group, base + this.mostG[crop]![fortnight]!) -
            foodWorth(this.instance, fortnight, group, base);
          const opened = this.packetOnly[crop]
            ? all * columns[this.model.packetColumns[crop]!]!
            : Number.POSITIVE_INFINITY;
          if (opened < worth) packets.set(crop, all);
          most += Math.min(opened, worth);
        }
        if (valueOf(eaten, columns) <= most + BROKEN_BY * bound) return;
        cuts.push({
          columns: [
            ...eaten,
            ...[...packets].map(([crop, all]): Entry => [this.model.packetColumns[crop]!, -all]),
          ],
          candidates: lumps
            .filter(([i]) => !packets.has(candidates[i]!.cropIndex))
            .map(([i, g]) => [i, -worthOf(g)]),
          upper: constant,
        });
      });
    }
    return cuts;
  }

  /** Of a dish in whole lumps at least so much is beyond its cap. */
  private ofDishes({ share, columns, bound }: Relaxed): Cut[] {
    const { dishes, helpingG } = this.instance;
    return dishes.flatMap((group, dish) =>
      this.inQuarter[dish]!.flatMap((lumps, quarter) => {
        const beyond = this.model.beyond[dish]![quarter]!;
        const there = lumps.filter(([i]) => share[i]! > 1e-9);
        const { lump, less } = sharpest(there, share, cropCap(this.instance, group));
        const least = there.reduce((sum, [i, g]) => sum + share[i]! * lump(g), -less);
        if (((least - columns[beyond]!) * CROP_LOSS) / helpingG[group]! <= BROKEN_BY * bound) return [];
        return [
          {
            columns: [[beyond, -1]],
            candidates: lumps.map(([i, g]): Entry => [i, lump(g)]).filter(([, value]) => value > 0),
            upper: less,
          },
        ];
      }),
    );
  }

  /** In any week a part of the bags holds no more of a crop than its packets open. */
  private ofPackets({ share, columns }: Relaxed): Cut[] {
    const { candidates, classes } = this.instance;
    return [...this.sown.values()].flatMap((list) => {
      const { classIndex, lane, cropIndex } = candidates[list[0]!]!;
      const k = classes[classIndex]!;
      const packets = this.model.packetColumns[cropIndex]!;
      const most = (k.free + k.buyable) * (lane === "first-half" ? k.parts : 1);
      const grown = new Float64Array(WEEKS);
      for (const i of list)
        if (share[i]! > 1e-9)
          for (let week = candidates[i]!.from; week < candidates[i]!.end; week++) grown[week]! += share[i]!;
      const week = grown.indexOf(Math.max(...grown));
      if (grown[week]! <= most * columns[packets]! + PACKET_BY) return [];
      const standing = list.filter((i) => candidates[i]!.from <= week && week < candidates[i]!.end);
      return [{ columns: [[packets, -most]], candidates: standing.map((i): Entry => [i, 1]), upper: 0 }];
    });
  }
}

const valueOf = (entries: readonly Entry[], columns: Float64Array) =>
  entries.reduce((sum, [column, value]) => sum + value * columns[column]!, 0);

/** The rounding by which a relaxed garden has most over a room. */
function sharpest(there: Lumps, share: Float64Array, room: number): Rounding {
  if (room <= 0) return { lump: (g) => g, less: room };
  const overWith = ({ lump, less }: Rounding) =>
    there.reduce((sum, [i, g]) => sum + share[i]! * lump(g), -less);
  const nothing: Rounding = { lump: () => 0, less: 0 };
  const steps = [BEYOND, ...there.flatMap(([, g]) => PARTS.map((part) => g / part))];
  return steps
    .map((step) => rounding(room, step))
    .reduce((a, b) => (overWith(a) >= overWith(b) ? a : b), nothing);
}
