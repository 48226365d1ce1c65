import { packsFor } from "../../money";
import { type Amounts, amountsOf } from "../model/amounts";
import { type Candidate, FORTNIGHTS, type Instance, type Lane, WEEKS } from "../model/instance";
import { wantedG } from "../model/worth";

/** A limit that keeps a planting out: no bag free then, floor, load, water, cells in the nursery, or money. */
export const BLOCKED = ["bag", "floor", "load", "water", "cells", "budget"] as const;
export type Blocked = (typeof BLOCKED)[number];

const byLane = <T>(make: () => T): Record<Lane, T> => ({
  top: make(),
  side: make(),
  "first-half": make(),
  "second-half": make(),
});

/** Bags that have to be split to have so many plantings in each lane at a time. */
const splitFor = (most: Record<Lane, number>, parts: number): number =>
  parts > 0 ? Math.max(Math.ceil(most["first-half"] / parts), most["second-half"]) : 0;

/** A part of a bag, by the bag's number among those of its class. */
export interface Home {
  readonly number: number;
  readonly part: Lane;
}

/** A chosen candidate, and the part of a bag that it was meant for. */
export interface Placing {
  readonly index: number;
  readonly home: Home | undefined;
}

/**
 * A garden under construction: which candidates are in it, what that comes to, and what it is worth. Adding and taking
 * out keep every sum; `fits` tells whether a candidate breaks a limit.
 */
export class State {
  /** The homes of each chosen candidate: alike bags may grow alike. */
  private readonly homes = new Map<number, (Home | undefined)[]>();
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
  private readonly amounts: Amounts;
  private ownMinor = 0;
  private seedMinor = 0;
  private boughtMinor = 0;
  private mixL = 0;
  private kg = 0;
  private floorM2 = 0;
  private minutes = 0;
  private kept = 0;

  constructor(readonly instance: Instance) {
    const { classes, crops, groups, baseG } = instance;
    this.amounts = amountsOf(instance);
    this.bought = classes.map(() => 0);
    this.occupied = classes.map(() => byLane(() => new Int16Array(WEEKS)));
    this.most = classes.map(() => byLane(() => 0));
    this.food = Float64Array.from(
      { length: FORTNIGHTS * groups.length },
      (_, i) => baseG[Math.floor(i / groups.length)]![i % groups.length]!,
    );
    this.quarter = new Float64Array(this.amounts.capG.length);
    this.count = new Int32Array(crops.length);
    this.seedG = new Float64Array(crops.length);
    this.water = new Float64Array(FORTNIGHTS);
    this.cells = new Int32Array(WEEKS);
  }

  copy(): State {
    const copy = new State(this.instance);
    for (const { index, home } of this.placings()) copy.change(index, 1, home);
    this.bought.forEach((n, k) => copy.buy(k, n));
    return copy;
  }

  /** Chosen candidates, each as often as it is in the garden. */
  chosen(): number[] {
    return [...this.homes].flatMap(([i, homes]) => homes.map(() => i));
  }

  has(index: number): boolean {
    return this.homes.has(index);
  }

  placings(): Placing[] {
    return [...this.homes].flatMap(([index, homes]) => homes.map((home) => ({ index, home })));
  }

  /** Lets each planting stay in the part of a bag that it has been given. */
  keepAt(placings: readonly Placing[]): void {
    this.homes.clear();
    for (const { index, home } of placings) this.homes.set(index, [...(this.homes.get(index) ?? []), home]);
  }

  /** @param home where it is meant to stand; anywhere when left out */
  add(index: number, home?: Home): void {
    const { classIndex } = this.instance.candidates[index]!;
    const needed = this.needs(index);
    if (needed > this.bought[classIndex]!) this.buy(classIndex, needed - this.bought[classIndex]!);
    this.change(index, 1, home);
  }

  /** @param home from where; from anywhere when left out */
  remove(index: number, home?: Home): void {
    this.change(index, -1, home);
    const { classIndex } = this.instance.candidates[index]!;
    const spare =
      this.bought[classIndex]! - Math.max(0, this.missingBags(classIndex, this.most[classIndex]!));
    if (spare > 0) this.buy(classIndex, -spare);
  }

  private peak(classIndex: number, lane: Lane, from: number, end: number): number {
    const weeks = this.occupied[classIndex]![lane];
    let most = 0;
    for (let week = from; week < end; week++) if (weeks[week]! > most) most = weeks[week]!;
    return most;
  }

  private change(index: number, sign: 1 | -1, home: Home | undefined): void {
    const { instance } = this;
    const c = instance.candidates[index]!;
    const homes = this.homes.get(index) ?? [];
    if (sign > 0) this.homes.set(index, [...homes, home]);
    else if (homes.length === 1) this.homes.delete(index);
    else {
      const at = Math.max(
        0,
        homes.findIndex((h) => h?.number === home?.number && h?.part === home?.part),
      );
      this.homes.set(
        index,
        homes.filter((_, i) => i !== at),
      );
    }
    const weeks = this.occupied[c.classIndex]![c.lane];
    for (let week = c.from; week < c.end; week++) weeks[week] = weeks[week]! + sign;
    const most = this.most[c.classIndex]!;
    most[c.lane] =
      sign > 0
        ? Math.max(most[c.lane], this.peak(c.classIndex, c.lane, c.from, c.end))
        : this.peak(c.classIndex, c.lane, 0, WEEKS);
    const { food, quarters } = this.amounts;
    for (let k = food.from[index]!; k < food.from[index + 1]!; k++)
      this.food[food.slot[k]!]! += sign * food.g[k]!;
    for (let k = quarters.from[index]!; k < quarters.from[index + 1]!; k++)
      this.quarter[quarters.slot[k]!]! += sign * quarters.g[k]!;
    for (const [fortnight, l] of c.water) this.water[fortnight]! += sign * l;
    if (c.cells)
      for (let week = c.cells.from; week < c.cells.end; week++) this.cells[week]! += sign * c.cells.n;
    this.count[c.cropIndex]! += sign;
    this.seedMinor -= this.packetsMinor(c.cropIndex, this.seedG[c.cropIndex]!);
    this.seedG[c.cropIndex]! += sign * c.seedG;
    this.seedMinor += this.packetsMinor(c.cropIndex, this.seedG[c.cropIndex]!);
    this.ownMinor += sign * c.ownMinor;
    this.minutes += sign * c.minutes;
    if (c.plantingId !== undefined) this.kept += sign;
  }

  /** What is to be paid, minor units. */
  cost(): number {
    return this.ownMinor + this.seedMinor + this.boughtMinor + this.sacksMinor(this.mixL);
  }

  /** Sacks of mix to buy. */
  sacks(): number {
    return packsFor(this.mixL, this.instance.mixSackL);
  }

  /** Packets of a crop to buy. */
  packets(crop: number): number {
    return packsFor(this.seedG[crop]!, this.instance.crops[crop]!.packetG);
  }

  private sacksMinor(mixL: number): number {
    return packsFor(mixL, this.instance.mixSackL) * this.instance.mixMinor;
  }

  private packetsMinor(crop: number, seedG: number): number {
    const { packetMinor, packetG } = this.instance.crops[crop]!;
    return packsFor(seedG, packetG) * packetMinor;
  }

  /** What a candidate would add to the cost, with one more bag where it takes one. */
  private costOfAdding({ cropIndex, seedG, ownMinor, classIndex }: Candidate, buys: boolean): number {
    const k = this.instance.classes[classIndex]!;
    const seed =
      this.packetsMinor(cropIndex, this.seedG[cropIndex]! + seedG) -
      this.packetsMinor(cropIndex, this.seedG[cropIndex]!);
    return (
      ownMinor +
      seed +
      (buys ? k.minor + this.sacksMinor(this.mixL + k.mixL) - this.sacksMinor(this.mixL) : 0)
    );
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
    if (c.plantingId !== undefined && this.has(index)) return "bag";
    if (this.needs(index) > k.buyable) return "bag";
    const buys = this.buys(index);
    if (buys && this.floorM2 + k.floorM2 > instance.floorM2 + 1e-9) return "floor";
    if (buys && instance.loadKg !== undefined && this.kg + k.wetKg > instance.loadKg + 1e-9) return "load";
    if (instance.waterL)
      for (const [fortnight, l] of c.water)
        if (this.water[fortnight]! + l > instance.waterL[fortnight]! + 1e-9) return "water";
    if (instance.cells !== undefined && c.cells)
      for (let week = c.cells.from; week < c.cells.end; week++)
        if (this.cells[week]! + c.cells.n > instance.cells) return "cells";
    return instance.budgetMinor !== undefined &&
      this.cost() + this.costOfAdding(c, buys) > instance.budgetMinor
      ? "budget"
      : undefined;
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
    return Math.max(most.side, most.top + splitFor(most, k.parts)) - k.free;
  }

  /** Bags of a class that are split. */
  splitBags(classIndex: number): number {
    return splitFor(this.most[classIndex]!, this.instance.classes[classIndex]!.parts);
  }

  /** Whether adding a candidate takes one more bag. */
  private buys(index: number): boolean {
    return this.needs(index) > this.bought[this.instance.candidates[index]!.classIndex]!;
  }

  /** What adding a candidate would be worth. */
  gain(index: number): number {
    const k = this.instance.classes[this.instance.candidates[index]!.classIndex]!;
    const bagMinor = this.buys(index)
      ? k.minor + this.sacksMinor(this.mixL + k.mixL) - this.sacksMinor(this.mixL)
      : 0;
    return this.gainInBag(index) - bagMinor * this.instance.weights.perMinor;
  }

  /** What adding a candidate would be worth in a bag that is there. */
  gainInBag(index: number): number {
    const { weights, crops, candidates } = this.instance;
    const { food, quarters, steps, worth, capG, loss } = this.amounts;
    const c = candidates[index]!;
    let gain = 0;
    for (let k = food.from[index]!; k < food.from[index + 1]!; k++) {
      const slot = food.slot[k]!;
      const now = this.food[slot]!;
      gain += worth[slot]! * (wantedG(now + food.g[k]!, steps[slot]!) - wantedG(now, steps[slot]!));
    }
    for (let k = quarters.from[index]!; k < quarters.from[index + 1]!; k++) {
      const slot = quarters.slot[k]!;
      const over = this.quarter[slot]! - capG[slot]!;
      gain -= loss[slot]! * (Math.max(0, over + quarters.g[k]!) - Math.max(0, over));
    }
    if (this.count[c.cropIndex] === 0)
      gain += weights.variety + (crops[c.cropIndex]!.must ? weights.must : 0);
    if (c.plantingId !== undefined) gain += weights.keep;
    return gain - this.costOfAdding(c, false) * weights.perMinor - (c.minutes / 60) * weights.perHour;
  }

  /** Food of a kind that the garden has in a fortnight, g. */
  foodIn(fortnight: number, group: number): number {
    return this.food[fortnight * this.instance.groups.length + group]!;
  }

  /** Water that its new plantings draw in a fortnight, L a week. */
  waterIn(fortnight: number): number {
    return this.water[fortnight]!;
  }

  /** Hours of sowing, moving and picking. */
  hours(): number {
    return this.minutes / 60;
  }

  /** Food of a kind that the garden has up to what is wanted, as a share of that, over the fortnights in which somebody eats. */
  covered(group: number): number {
    const want = this.instance.wantG[group]!;
    const eaten = Array.from({ length: FORTNIGHTS }, (_, f) => f).filter((f) => this.instance.athome[f]);
    const met = eaten.reduce((sum, f) => sum + Math.min(want, this.foodIn(f, group)), 0);
    return met / Math.max(1, want * eaten.length);
  }

  /** What the whole garden is worth, in helpings. */
  worth(): number {
    const { weights, crops } = this.instance;
    const { steps, worth, capG, loss } = this.amounts;
    let sum = 0;
    for (let slot = 0; slot < worth.length; slot++)
      sum += worth[slot]! * wantedG(this.food[slot]!, steps[slot]!);
    for (let slot = 0; slot < loss.length; slot++)
      sum -= loss[slot]! * Math.max(0, this.quarter[slot]! - capG[slot]!);
    crops.forEach((crop, i) => {
      if (this.count[i]! > 0) sum += weights.variety + (crop.must ? weights.must : 0);
    });
    return (
      sum + this.kept * weights.keep - this.cost() * weights.perMinor - (this.minutes / 60) * weights.perHour
    );
  }
}
