import * as fc from "fast-check";
import { describe, expect, it } from "vitest";
import { arrange, faultsOf, loadRound, type Placed, litByBag } from ".";
import { type Floor } from "../place";
import { openingsOf } from "../sun";

const balcony: Floor = { lengthCm: 320, widthCm: 110, door: { fromCm: 0, widthCm: 90 } };
const round = { kind: "round", diameterCm: 38, heightCm: 34 } as const;
const tub = { kind: "tub", lengthCm: 60, widthCm: 40, heightCm: 35 } as const;
const bag = (id: string, xCm: number, yCm: number, more: Partial<Placed> = {}): Placed => ({
  id,
  shape: round,
  spot: { xCm, yCm, turned: false },
  wetKg: 33,
  heightCm: 60,
  ...more,
});
const codes = (...bags: Placed[]) =>
  faultsOf(balcony, bags, 195)
    .map((f) => f.code)
    .sort();

describe("where bags stand", () => {
  it("is fine along the rail, and not off the floor, on each other or before the door", () => {
    expect(codes(bag("a", 120, 90), bag("b", 160, 90), bag("c", 200, 90))).toEqual([]);
    expect(codes(bag("a", 310, 90))).toEqual(["off-floor"]);
    expect(codes(bag("a", 160, 90), bag("b", 185, 90))).toEqual(["overlaps"]);
    expect(codes(bag("a", 45, 40))).toContain("before-door");
  });

  it("turns a tub by its middle", () => {
    const turned = bag("t", 160, 80, { shape: tub, spot: { xCm: 160, yCm: 80, turned: true } });
    expect(codes(turned)).toEqual([]);
    expect(codes({ ...turned, spot: { xCm: 160, yCm: 85, turned: true } })).toEqual(["off-floor"]);
    expect(codes({ ...turned, spot: { xCm: 160, yCm: 85, turned: false } })).toEqual([]);
  });

  it("is too heavy where too much stands on one square, by the hand sum in either system", () => {
    // 110 kg on 0.762 m square is 189 kg/m², 38.8 lbf/ft²; two thirds of another such bag beside it more.
    const alone = loadRound(
      balcony,
      bag("a", 160, 70, { wetKg: 110 }),
      [bag("a", 160, 70, { wetKg: 110 })],
      195,
    );
    expect(alone.kgM2).toBeCloseTo(110 / 0.762 ** 2, 6);
    expect(alone.kgM2 / 4.88243).toBeCloseTo(38.8, 1);
    expect(alone.grade).toBe("near");
    expect(codes(bag("a", 160, 70, { wetKg: 110 }), bag("b", 200, 70, { wetKg: 110 }))).toEqual([
      "too-heavy-here",
      "too-heavy-here",
    ]);
  });

  it("is out of reach behind a wall of bags", () => {
    const deep: Floor = { lengthCm: 300, widthCm: 300 };
    const wall = Array.from({ length: 8 }, (_, i) => bag(`w${i}`, 19 + 37.5 * i, 100));
    expect(faultsOf(deep, [...wall, bag("far", 150, 280)]).map((f) => f.code)).toContain("out-of-reach");
    expect(
      faultsOf(deep, [...wall.slice(2), bag("far", 150, 280)]).filter((f) => f.code === "out-of-reach"),
    ).toEqual([]);
  });
});

it("finds spots that have no fault, for as many bags as there is room", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 150, max: 500 }),
      fc.integer({ min: 80, max: 300 }),
      fc.array(fc.constantFrom(round, tub), { minLength: 1, maxLength: 8 }),
      (lengthCm, widthCm, shapes) => {
        const floor: Floor = { lengthCm, widthCm, door: { fromCm: 20, widthCm: 80 } };
        const bags = shapes.map((shape, i) => ({ id: String(i), shape, wetKg: 30, heightCm: 50 }));
        const spots = arrange(floor, bags);
        const placed = bags.flatMap((b) => (spots.has(b.id) ? [{ ...b, spot: spots.get(b.id)! }] : []));
        expect(faultsOf(floor, placed)).toEqual([]);
      },
    ),
    { numRuns: 25 },
  );
  // Two bags of 80 kg and one of 33: together over the limit on one square, apart within it.
  const heavy = [80, 80, 33].map((wetKg, i) => ({ id: `${i}`, shape: round, wetKg, heightCm: 60 }));
  const apart = arrange(balcony, heavy, 195);
  expect(
    faultsOf(
      balcony,
      heavy.map((b) => ({ ...b, spot: apart.get(b.id)! })),
      195,
    ),
  ).toEqual([]);
  const close = arrange(balcony, heavy);
  expect(
    faultsOf(
      balcony,
      heavy.map((b) => ({ ...b, spot: close.get(b.id)! })),
      195,
    ).map((f) => f.code),
  ).toContain("too-heavy-here");
  expect(
    arrange(
      balcony,
      [bag("a", 0, 0)].map(({ spot: _, ...b }) => b),
    ).size,
  ).toBe(1);
});

describe("shade of tall rows", () => {
  // The wall is to the north: outward is south, where the noon sun stands.
  const place = {
    sky: openingsOf({ seen: [{ from: 8, to: 16 }], latitude: 45, seenOn: "2026-06-21", faces: 180 }),
    faces: 180,
    climate: { latitude: 45 },
  };
  const lit = (...bags: Placed[]) => litByBag(bags, place, "2026-06-21");
  const tall = (yCm: number) => bag("tall", 160, yCm, { heightCm: 200 });

  it("falls on what stands behind, seen from the sun, and not on what stands before", () => {
    expect(lit(bag("behind", 160, 30)).get("behind")).toBe(1);
    expect(lit(tall(90), bag("behind", 160, 30)).get("behind")).toBeLessThan(0.9);
    expect(lit(tall(90), bag("behind", 160, 30)).get("tall")).toBe(1);
    expect(lit(tall(30), bag("before", 160, 90)).get("before")).toBe(1);
  });

  it("is not told where nobody knows which way the place faces", () => {
    expect(litByBag([tall(90)], { ...place, faces: undefined }, "2026-06-21").size).toBe(0);
  });
});
