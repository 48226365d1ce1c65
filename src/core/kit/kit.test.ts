import * as fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoPrices } from "@/demo/prices";
import { BAG_KINDS, findBagKind, findMix, MIXES } from "@/library";
import { id, planOf, planting, settingWith } from "@/testing/garden";
import { soilVolumeL } from "../bag";
import { assessGarden } from "../garden";
import { bagsFrom, loadsOf, partsOf, USUAL_SIZES } from "../mix";
import { pricesBy } from "../money";
import type { Plan } from "../plan";
import { economyOf } from "../year";
import { kitOf } from ".";

const { barrowL: BARROW_L, bucketL: BUCKET_L } = USUAL_SIZES;
const TODAY = "2026-05-18";
const bought = (plan: Plan): Plan => ({ ...plan, bags: plan.bags.map((b) => ({ ...b, atHand: false })) });
const kit = (plan: Plan, happened: Parameters<typeof settingWith>[0] = {}) => {
  const setting = settingWith({ mix: findMix("potting-mix-and-manure")!, ...happened });
  return kitOf(assessGarden(plan, setting), [], { setting, today: TODAY });
};

/** Common practice, no source: the half-and-half tower takes 4 barrows of soil and 4 of compost, and about 4 buckets to soak. */
it("fills a large tower with about eight barrows, half of each, and soaks it with four buckets", () => {
  const soilL = soilVolumeL(findBagKind("tower-100")!.shape);
  const [soil, compost] = partsOf(findMix("soil-and-compost")!.recipe, soilL);
  expect(soil!.litres).toBe(compost!.litres);
  // The barrows of the trade are heaped or level, and smaller than ours: the tower takes between half of eight and eight.
  expect(soilL / BARROW_L).toBeGreaterThan(4);
  expect(soilL / BARROW_L).toBeLessThan(9);
  const plan = bought(
    planOf(
      "tower-100",
      planting(10, "chard/leaf", "2026-06-10", { method: "bought", plants: 80, surface: "side" }),
    ),
  );
  const [filling] = kit(plan).fillings;
  expect(filling!.stonesL).toBeGreaterThan(0);
  expect(filling!.soakL / BUCKET_L).toBeGreaterThan(2);
  expect(filling!.soakL / BUCKET_L).toBeLessThan(6);
});

describe("a kit", () => {
  it("holds each thing once, by hand sum: a bag, its mix in sacks, seed, feed, canes, labels and a can", () => {
    const prices = pricesBy([
      { item: "bag/round-10-gal", minor: 450, size: 1 },
      { item: "mix/potting-mix-and-manure", minor: 690, size: 45 },
      { item: "piece/tomato", minor: 120, size: 1 },
    ]);
    const tomato = planting(10, "tomato/cordon", "2026-06-01", { method: "bought" });
    const { shopping, fillings, heaps } = kit(bought(planOf("round-10-gal", tomato)), { prices });
    expect(shopping.lines.map((l) => [l.item, l.packs])).toEqual([
      ["bag/round-10-gal", 1],
      ["mix/potting-mix-and-manure", 1],
      ["piece/tomato", 1],
      ["feed/organic-granules", undefined],
      ["gear/label", undefined],
      ["gear/cane", undefined],
      ["gear/can", undefined],
    ]);
    expect(shopping.minor).toBe(450 + 690 + 120);
    expect(shopping.lines.find((l) => l.item === "gear/cane")!.amount).toBe(1);
    expect(fillings).toHaveLength(1);
    // Four of potting mix to one of manure; what settles is topped up, a tenth.
    const heap = heaps[0]!;
    expect(heap.litres).toBeCloseTo(1.1 * soilVolumeL(findBagKind("round-10-gal")!.shape), 9);
    expect(heap.parts[0]!.litres / heap.parts[1]!.litres).toBeCloseTo(4, 9);
  });

  it("costs what the Bench says that bags, mix and seed cost, and feed and gear on top", () => {
    const prices = pricesBy(demoPrices("EUR"));
    const setting = settingWith({ mix: findMix("potting-mix-and-manure")!, prices });
    for (const goal of ["tomato/cordon", "kale/leaf", "radish/root"]) {
      const garden = assessGarden(bought(planOf("round-10-gal", planting(10, goal, "2026-06-01"))), setting);
      const { shopping } = kitOf(garden, [], { setting, today: TODAY });
      expect(shopping.alongMinor).toBeGreaterThan(0);
      const start = economyOf(garden, setting, TODAY).shopping;
      expect(start.alongMinor).toBe(0);
      expect(shopping.minor - shopping.alongMinor).toBe(start.minor);
    }
  });

  it("buys and fills for a sowing that is late, and neither for one whose time is over", () => {
    const lettuce = (sowOn: string) =>
      kit(
        bought(
          planOf("round-10-gal", planting(10, "lettuce/leaf", sowOn, { method: "broadcast", plants: 4 })),
        ),
      );
    const mixOf = ({ shopping }: ReturnType<typeof kit>) =>
      shopping.lines.some((l) => l.item.startsWith("mix/"));
    const late = lettuce("2026-04-20");
    expect([late.fillings.length, mixOf(late)]).toEqual([1, true]);
    const over = lettuce("2025-08-01");
    expect([over.fillings.length, mixOf(over)]).toEqual([0, false]);
  });

  it("holds nothing of what is on record: neither what was filled, nor what was sown", () => {
    const plan = bought(planOf("round-10-gal", planting(10, "radish/root", "2026-05-20", { plants: 9 })));
    expect(kit(plan).fillings).toHaveLength(1);
    expect(kit(plan).shopping.lines.map((l) => l.item)).toContain("gear/can");
    const filled = kit(plan, { happened: { [id(2)]: { filledOn: "2026-05-17" } } });
    expect(filled.fillings).toEqual([]);
    expect(filled.shopping.lines.map((l) => l.item)).toEqual(["packet/radish", "gear/net", "gear/label"]);
    const sown = kit(plan, { happened: { [id(10)]: { sownOn: "2026-05-18" } } });
    expect(sown.fillings).toEqual([]);
    expect(sown.shopping.lines.map((l) => l.item)).toEqual(["gear/net"]);
  });
});

it("buys what the bags hold: parts add up to the heap, and the heap to the bags, whatever stands where", () => {
  fc.assert(
    fc.property(
      fc.array(fc.constantFrom(...BAG_KINDS.map((k) => k.id)), { minLength: 1, maxLength: 6 }),
      fc.constantFrom(...MIXES),
      (kinds, mix) => {
        const plan: Plan = {
          bags: kinds.map((kindId, i) => ({
            id: id(100 + i),
            kindId,
            shape: null,
            atHand: false,
            firstSeason: null,
          })),
          rows: kinds.map((_, i) => ({
            id: id(200 + i),
            bagId: id(100 + i),
            gapCm: null,
            plantings: [planting(300 + i, "lettuce/leaf", "2026-06-01")],
          })),
        };
        const setting = settingWith({ mix });
        const { heaps, fillings, shopping } = kitOf(assessGarden(plan, setting), [], {
          setting,
          today: TODAY,
        });
        const heap = heaps[0]!;
        const held = kinds.reduce((sum, k) => sum + soilVolumeL(findBagKind(k)!.shape), 0);
        expect(fillings.reduce((sum, f) => sum + f.soilL, 0)).toBeCloseTo(held, 6);
        expect(shopping.lines.find((l) => l.item === `mix/${mix.id}`)!.amount).toBeCloseTo(heap.litres, 6);
        expect(heap.parts.reduce((sum, p) => sum + p.litres, 0)).toBeCloseTo(heap.litres, 6);
        expect(heap.litres).toBeCloseTo(1.1 * held, 6);
        // Barrows and buckets carry all of it, and less than a bucket more.
        const { barrows, buckets } = loadsOf(heap.litres);
        const carried = barrows * BARROW_L + buckets * BUCKET_L;
        expect(carried).toBeGreaterThanOrEqual(heap.litres - 1e-6);
        expect(carried).toBeLessThan(heap.litres + BUCKET_L);
      },
    ),
    { numRuns: 60, seed: 3 },
  );
});

it("says how far a heap goes, and takes no recipe without parts", () => {
  expect(bagsFrom(100, 33)).toEqual({ bags: 3, leftL: 1 });
  expect(bagsFrom(32.9, 33)).toEqual({ bags: 0, leftL: 32.9 });
  expect(() => partsOf([], 10)).toThrow(RangeError);
  expect(() => partsOf([{ part: "compost", parts: 0 }], 10)).toThrow(RangeError);
});
