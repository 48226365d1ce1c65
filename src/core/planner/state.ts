import { type Candidate, CROP_LOSS, CROP_SHARE, earliness, FORTNIGHTS, type Instance, type Lane, QUARTERS, SEGMENTS, WEEKS } from "./instance";

/** A limit that keeps a planting out: no bag free then, floor, load, water, cells in the nursery, or money. */
export type Blocked = "bag" | "floor" | "load" | "water" | "cells" | "budget";

const quarterOf = (fortnight: number) => Math.floor((fortnight * QUARTERS) / FORTNIGHTS);

/** Worth of some food of a kind in a fortnight, in helpings: less beyond what is wanted, and little beyond twice that. */
export function foodWorth(instance: Instance, fortnight: number, group: number, g: number): number {
  if (!instance.athome[fortnight]) return 0;
  const want = instance.wantG[group]!;
  const [first, second, rest] = SEGMENTS;
  const helpings = (first * Math.min(g, want) + second * Math.min(Math.max(0, g - want), want) + rest * Math.max(0, g - 2 * want)) / instance.helpingG[group]!;
  return helpings * earliness(instance.weights, fortnight);
}

/** Food of a candidate by quarter, g. */
export function quartersOf({ food }: Pick<Candidate, "food">): [quarter: number, g: number][] {
  const sums = new Map<number, number>();
  for (const [fortnight, g] of food) sums.set(quarterOf(fortnight), (sums.get(quarterOf(fortnight)) ?? 0) + g);
  return [...sums];
}

/** What one crop may come to in a quarter before more of it is worth less, g. */
export const cropCap = (instance: Instance, group: number): number => (CROP_SHARE * instance.wantG[group]! * FORTNIGHTS) / QUARTERS;

const byLane = <T>(make: () => T): Record<Lane, T> => ({ top: make(), side: make(), "first-half": make(), "second-half": make() });

/** Bags that have to be parted to have so many plantings in each lane at a time. */
const partedFor = (most: Record<Lane, number>, parts: number): number => (parts > 0 ? Math.max(Math.ceil(most["first-half"] / parts), most["second-half"]) : 0);

/**
 * A garden under construction: which candidates are in it, what that comes to, and what it is worth. Adding and taking
 * out keep every sum; `fits` tells whether a candidate breaks a limit.
 */
export class State {
  /** How many times each chosen candidate is in the garden: alike bags may grow alike. */
  private readonly times = new Map<number, number>();
  readonly bought: number[];
  private readonly occupied: Record<Lane, Int16Array>[];
  /** The most of each lane that are planted at a time. */
  private readonly most: Record<Lane, number>[];
  private readonly food: Float64Array;
  private readonly quarter: Float64Array;
  private readonly count: Int32Array;
  private readonly seedG: Float64Array;
  private readonly water: Float64Array;
  private readonly cells: Int32Array;
  private piecesMinor = 0;
  private seedMinor = 0;
  private boughtMinor = 0;
  private mixL = 0;
  private kg = 0;
  private floorM2 = 0;
  private minutes = 0;
  private kept = 0;

  constructor(readonly instance: Instance) {
    const { classes, crops, dishes, groups, baseG } = instance;
    this.bought = classes.map(() => 0);
    this.occupied = classes.map(() => byLane(() => new Int16Array(WEEKS)));
    this.most = classes.map(() => byLane(() => 0));
    this.food = Float64Array.from({ length: FORTNIGHTS * groups.length }, (_, i) => baseG[Math.floor(i / groups.length)]![i % groups.length]!);
    this.quarter = new Float64Array(dishes.length * QUARTERS);
    this.count = new Int32Array(crops.length);
    this.seedG = new Float64Array(crops.length);
    this.water = new Float64Array(FORTNIGHTS);
    this.cells = new Int32Array(WEEKS);
  }

  copy(): State {
    const copy = new State(this.instance);
    for (const i of this.chosen()) copy.change(i, 1);
    this.bought.forEach((n, k) => copy.buy(k, n));
    return copy;
  }

  /** Chosen candidates, each as often as it is in the garden. */
  chosen(): number[] {
    return [...this.times].flatMap(([i, n]) => Array.from({ length: n }, () => i));
  }

  add(index: number): void {
    const { classIndex } = this.instance.candidates[index]!;
    const needed = this.needs(index);
    if (needed > this.bought[classIndex]!) this.buy(classIndex, needed - this.bought[classIndex]!);
    this.change(index, 1);
  }

  remove(index: number): void {
    this.change(index, -1);
    const { classIndex } = this.instance.candidates[index]!;
    const spare = this.bought[classIndex]! - Math.max(0, this.missingBags(classIndex, this.most[classIndex]!));
    if (spare > 0) this.buy(classIndex, -spare);
  }

  private peak(classIndex: number, lane: Lane, from: number, end: number): number {
    const weeks = this.occupied[classIndex]![lane];
    let most = 0;
    for (let week = from; week < end; week++) if (weeks[week]! > most) most = weeks[week]!;
    return most;
  }

  private change(index: number, sign: 1 | -1): void {
    const { instance } = this;
    const c = instance.candidates[index]!;
    const times = (this.times.get(index) ?? 0) + sign;
    if (times > 0) this.times.set(index, times);
    else this.times.delete(index);
    const weeks = this.occupied[c.classIndex]![c.lane];
    for (let week = c.from; week < c.end; week++) weeks[week] = weeks[week]! + sign;
    const most = this.most[c.classIndex]!;
    most[c.lane] = sign > 0 ? Math.max(most[c.lane], this.peak(c.classIndex, c.lane, c.from, c.end)) : this.peak(c.classIndex, c.lane, 0, WEEKS);
    for (const [fortnight, g] of c.food) {
      this.food[fortnight * instance.groups.length + c.group]! += sign * g;
      this.quarter[c.dishIndex * QUARTERS + quarterOf(fortnight)]! += sign * g;
    }
    for (const [fortnight, l] of c.water) this.water[fortnight]! += sign * l;
    if (c.cells) for (let week = c.cells.from; week < c.cells.end; week++) this.cells[week]! += sign * c.cells.n;
    this.count[c.cropIndex]! += sign;
    this.seedMinor -= this.packetsMinor(c.cropIndex, this.seedG[c.cropIndex]!);
    this.seedG[c.cropIndex]! += sign * c.seedG;
    this.seedMinor += this.packetsMinor(c.cropIndex, this.seedG[c.cropIndex]!);
    this.piecesMinor += sign * c.pieceMinor;
    this.minutes += sign * c.minutes;
    if (c.plantingId !== undefined) this.kept += sign;
  }

  /** What is to be paid, minor units. */
  cost(): number {
    return this.piecesMinor + this.seedMinor + this.boughtMinor + this.sacksMinor(this.mixL);
  }

  private sacksMinor(mixL: number): number {
    const { mixMinor, mixSackL } = this.instance;
    return mixL > 1e-9 ? Math.ceil(mixL / mixSackL - 1e-9) * mixMinor : 0;
  }

  private packetsMinor(crop: number, seedG: number): number {
    const { packetMinor, packetG } = this.instance.crops[crop]!;
    return seedG > 1e-9 ? Math.ceil(seedG / packetG - 1e-9) * packetMinor : 0;
  }

  /** What a candidate would add to the cost, with one more bag where it takes one. */
  private costOfAdding({ cropIndex, seedG, pieceMinor, classIndex }: Candidate, buys: boolean): number {
    const k = this.instance.classes[classIndex]!;
    const seed = this.packetsMinor(cropIndex, this.seedG[cropIndex]! + seedG) - this.packetsMinor(cropIndex, this.seedG[cropIndex]!);
    return pieceMinor + seed + (buys ? k.minor + this.sacksMinor(this.mixL + k.mixL) - this.sacksMinor(this.mixL) : 0);
  }

  private buy(classIndex: number, n: number): void {
    const k = this.instance.classes[classIndex]!;
    this.bought[classIndex]! += n;
    this.boughtMinor += n * k.minor;
    this.mixL += n * k.mixL;
    this.kg += n * k.wetKg;
    this.floorM2 += n * k.floorM2;
  }

  /** The first limit that adding a candidate would break; undefined when it breaks none. */
  blockedBy(index: number): Blocked | undefined {
    const { instance } = this;
    const c = instance.candidates[index]!;
    const k = instance.classes[c.classIndex]!;
    if (c.plantingId !== undefined && this.times.has(index)) return "bag";
    if (this.needs(index) > k.buyable) return "bag";
    const buys = this.buys(index);
    if (buys && this.floorM2 + k.floorM2 > instance.floorM2 + 1e-9) return "floor";
    if (buys && instance.loadKg !== undefined && this.kg + k.wetKg > instance.loadKg + 1e-9) return "load";
    if (instance.waterL) for (const [fortnight, l] of c.water) if (this.water[fortnight]! + l > instance.waterL[fortnight]! + 1e-9) return "water";
    if (instance.cells !== undefined && c.cells) for (let week = c.cells.from; week < c.cells.end; week++) if (this.cells[week]! + c.cells.n > instance.cells) return "cells";
    return instance.budgetMinor !== undefined && this.cost() + this.costOfAdding(c, buys) > instance.budgetMinor ? "budget" : undefined;
  }

  /** Bought bags that a class needs once a candidate is in it. */
  private needs(index: number): number {
    const { classIndex, lane, from, end } = this.instance.candidates[index]!;
    const most = this.most[classIndex]!;
    const with1 = this.peak(classIndex, lane, from, end) + 1;
    return this.missingBags(classIndex, with1 > most[lane] ? { ...most, [lane]: with1 } : most);
  }

  /** Bags of a class that are not there yet for so many plantings in each lane. */
  private missingBags(classIndex: number, most: Record<Lane, number>): number {
    const k = this.instance.classes[classIndex]!;
    return Math.max(most.side, most.top + partedFor(most, k.parts)) - k.bagIds.length;
  }

  /** Bags of a class that are parted. */
  partedBags(classIndex: number): number {
    return partedFor(this.most[classIndex]!, this.instance.classes[classIndex]!.parts);
  }

  /** Whether adding a candidate takes one more bag. */
  private buys(index: number): boolean {
    return this.needs(index) > this.bought[this.instance.candidates[index]!.classIndex]!;
  }

  /** What adding a candidate would be worth. */
  gain(index: number): number {
    const k = this.instance.classes[this.instance.candidates[index]!.classIndex]!;
    const bagMinor = this.buys(index) ? k.minor + this.sacksMinor(this.mixL + k.mixL) - this.sacksMinor(this.mixL) : 0;
    return this.gainInBag(index) - bagMinor * this.instance.weights.perMinor;
  }

  /** What adding a candidate would be worth in a bag that is there. */
  gainInBag(index: number): number {
    const { instance } = this;
    const { weights, groups, crops, helpingG } = instance;
    const c = instance.candidates[index]!;
    let gain = 0;
    const cap = cropCap(instance, c.group);
    const over = new Map<number, number>();
    for (const [fortnight, g] of c.food) {
      const now = this.food[fortnight * groups.length + c.group]!;
      gain += foodWorth(instance, fortnight, c.group, now + g) - foodWorth(instance, fortnight, c.group, now);
      const q = quarterOf(fortnight);
      over.set(q, (over.get(q) ?? 0) + g);
    }
    for (const [q, g] of over) {
      const now = this.quarter[c.dishIndex * QUARTERS + q]!;
      gain -= (CROP_LOSS * (Math.max(0, now + g - cap) - Math.max(0, now - cap))) / helpingG[c.group]!;
    }
    if (this.count[c.cropIndex] === 0) gain += weights.variety + (crops[c.cropIndex]!.must ? weights.must : 0);
    if (c.plantingId !== undefined) gain += weights.keep;
    return gain - this.costOfAdding(c, false) * weights.perMinor - (c.minutes / 60) * weights.perHour;
  }

  /** Hours of sowing, moving and picking. */
  hours(): number {
    return this.minutes / 60;
  }

  /** Food of a kind that the garden has up to what is wanted, as a share of that, over the fortnights in which somebody eats. */
  covered(group: number): number {
    const want = this.instance.wantG[group]!;
    const eaten = Array.from({ length: FORTNIGHTS }, (_, f) => f).filter((f) => this.instance.athome[f]);
    const met = eaten.reduce((sum, f) => sum + Math.min(want, this.food[f * this.instance.groups.length + group]!), 0);
    return met / Math.max(1, want * eaten.length);
  }

  /** What the whole garden is worth, in helpings. */
  worth(): number {
    const { instance } = this;
    const { weights, groups, crops, helpingG } = instance;
    let sum = 0;
    for (let fortnight = 0; fortnight < FORTNIGHTS; fortnight++) {
      for (let group = 0; group < groups.length; group++) sum += foodWorth(instance, fortnight, group, this.food[fortnight * groups.length + group]!);
    }
    instance.dishes.forEach((group, dish) => {
      const cap = cropCap(instance, group);
      for (let q = 0; q < QUARTERS; q++) sum -= (CROP_LOSS * Math.max(0, this.quarter[dish * QUARTERS + q]! - cap)) / helpingG[group]!;
    });
    crops.forEach((crop, i) => {
      if (this.count[i]! > 0) sum += weights.variety + (crop.must ? weights.must : 0);
    });
    return sum + this.kept * weights.keep - this.cost() * weights.perMinor - (this.minutes / 60) * weights.perHour;
  }
}
