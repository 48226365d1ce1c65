import * as fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  capacity,
  distanceBetween,
  halfCapacity,
  HALVES,
  inHalf,
  leastDistance,
  placeAlongEdge,
  placeAround,
  placeHalf,
  placeSides,
  placeTop,
} from ".";
import type { Outline } from "../bag";

/**
 * Largest radius of n equal circles in a circle of radius 1: Graham, Lubachevsky, Nurmela, Östergård, "Dense packings
 * of congruent circles in a circle", Discrete Mathematics 181, 1998. From memory; n ≤ 7, 13 and 19 follow from geometry.
 */
const BEST_RADIUS: Record<number, number> = {
  2: 0.5,
  3: 0.464102,
  4: 0.414214,
  5: 0.370192,
  6: 0.333333,
  7: 0.333333,
  8: 0.302593,
  9: 0.276769,
  10: 0.262259,
  11: 0.254855,
  12: 0.248163,
  13: 0.236068,
  14: 0.231031,
  15: 0.221173,
  16: 0.216665,
  17: 0.20868,
  18: 0.205605,
  19: 0.205605,
  20: 0.195224,
};

const inside = (outline: Outline, inset: number, p: { x: number; y: number }): boolean => {
  const slack = 1e-6;
  if (outline.type === "rectangle")
    return (
      Math.abs(p.x) <= outline.lengthCm / 2 - inset + slack &&
      Math.abs(p.y) <= outline.widthCm / 2 - inset + slack
    );
  const from = Math.hypot(p.x, p.y);
  return (
    from <= outline.radiusCm - inset + slack && (outline.type === "circle" || from >= outline.coreCm - slack)
  );
};

describe("plants in a round bag", () => {
  it.each(Object.keys(BEST_RADIUS).map(Number))(
    "%i plants come within 0.5 %% of the best known radius",
    (n) => {
      const apart = leastDistance(placeTop({ type: "circle", radiusCm: 1 }, n, 0.1, 0));
      const radius = apart / (2 + apart);
      expect(radius / BEST_RADIUS[n]!).toBeGreaterThan(0.995);
      expect(radius / BEST_RADIUS[n]!).toBeLessThan(1.00001);
    },
  );

  it("fits n exactly as long as spacing over free radius is at most 2r/(1 − r)", () => {
    for (const n of [2, 3, 4, 7, 13, 19]) {
      const r = BEST_RADIUS[n]!;
      const limit = (2 * r) / (1 - r);
      const free = 20;
      expect(
        capacity({ type: "circle", radiusCm: free + 8 }, limit * free * 0.999, 8),
      ).toBeGreaterThanOrEqual(n);
      expect(capacity({ type: "circle", radiusCm: free + 8 }, limit * free * 1.001, 8)).toBeLessThan(n);
    }
  });
});

const outline = fc.oneof(
  fc.record({ type: fc.constant("circle" as const), radiusCm: fc.double({ min: 8, max: 60, noNaN: true }) }),
  fc.record({
    type: fc.constant("rectangle" as const),
    lengthCm: fc.double({ min: 15, max: 140, noNaN: true }),
    widthCm: fc.double({ min: 15, max: 60, noNaN: true }),
  }),
  fc.record({
    type: fc.constant("annulus" as const),
    radiusCm: fc.double({ min: 20, max: 45, noNaN: true }),
    coreCm: fc.double({ min: 4, max: 9, noNaN: true }),
  }),
);

it("never breaks spacing or inset, up to the capacity", () => {
  fc.assert(
    fc.property(
      outline,
      fc.double({ min: 4, max: 40, noNaN: true }),
      fc.double({ min: 0, max: 8, noNaN: true }),
      fc.double({ min: 0.2, max: 1, noNaN: true }),
      (shape, spacing, inset, share) => {
        const most = capacity(shape, spacing, inset);
        const n = Math.ceil(most * share);
        const points = placeTop(shape, n, spacing, inset);
        expect(points).toHaveLength(n);
        if (n > 1) {
          expect(leastDistance(points)).toBeGreaterThan(spacing * (1 - 1e-6));
          expect(points.every((p) => inside(shape, inset, p))).toBe(true);
        }
      },
    ),
    { numRuns: 60 },
  );
});

it("never has room for fewer plants in a wider bag", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 6, max: 60, noNaN: true }),
      fc.double({ min: 4, max: 30, noNaN: true }),
      fc.double({ min: 0, max: 10, noNaN: true }),
      (radiusCm, spacing, wider) => {
        const room = (r: number) => capacity({ type: "circle", radiusCm: r }, spacing, 4);
        expect(room(radiusCm + wider)).toBeGreaterThanOrEqual(room(radiusCm));
      },
    ),
  );
});

it("puts four in a diamond, eight centimetres in from the edge", () => {
  const points = placeTop({ type: "circle", radiusCm: 23 }, 4, 18, 8);
  for (const p of points) expect(Math.hypot(p.x, p.y)).toBeCloseTo(15, 4);
  expect(leastDistance(points)).toBeCloseTo(15 * Math.SQRT2, 2);
});

it("leaves the corners to climbers and sets slow heads along the middle", () => {
  const tub: Outline = { type: "rectangle", lengthCm: 60, widthCm: 40 };
  const climbers = placeAlongEdge(tub, 4, 6);
  const heads = placeAround(tub, 3, { spacingCm: 18, insetCm: 8, points: climbers, clearCm: 10 });
  expect(leastDistance(heads)).toBeGreaterThanOrEqual(15);
  expect(distanceBetween(heads, climbers)).toBeGreaterThanOrEqual(10);
});

it("shares plants among side holes from the lowest ring to the highest", () => {
  const rings = [
    { heightCm: 10, holes: 4 },
    { heightCm: 20, holes: 4 },
    { heightCm: 30, holes: 4 },
  ];
  expect(placeSides(rings, 6).map((p) => p.heightCm)).toEqual([10, 10, 20, 20, 30, 30]);
  expect(placeSides(rings, 99)).toHaveLength(12);
});

describe("the halves of a top", () => {
  const outline = fc.oneof(
    fc.record({
      type: fc.constant("circle" as const),
      radiusCm: fc.double({ min: 10, max: 60, noNaN: true }),
    }),
    fc.record({
      type: fc.constant("annulus" as const),
      radiusCm: fc.double({ min: 25, max: 60, noNaN: true }),
      coreCm: fc.double({ min: 3, max: 12, noNaN: true }),
    }),
    fc.record({
      type: fc.constant("rectangle" as const),
      lengthCm: fc.double({ min: 30, max: 120, noNaN: true }),
      widthCm: fc.double({ min: 15, max: 60, noNaN: true }),
    }),
  );
  const apart = fc.double({ min: 6, max: 25, noNaN: true });

  it("hold plants that keep to their own, with their spacing, their inset and what the other side wants", () => {
    fc.assert(
      fc.property(outline, apart, apart, fc.double({ min: 0, max: 6, noNaN: true }), (top, a, b, inset) => {
        const [first, second] = HALVES.map((half, i) => {
          const spacing = [a, b][i]!;
          const n = halfCapacity(top, half, { spacingCm: spacing, insetCm: inset, borderCm: spacing / 2 });
          const points = placeHalf(top, half, n, {
            spacingCm: spacing,
            insetCm: inset,
            borderCm: spacing / 2,
          });
          expect(points).toHaveLength(n);
          if (n > 1) expect(leastDistance(points)).toBeGreaterThanOrEqual(spacing * (1 - 1e-6));
          for (const p of points) {
            expect(inside(top, inset, p)).toBe(true);
            expect(inHalf(top, half, p)).toBe(true);
          }
          return points;
        });
        expect(distanceBetween(first!, second!)).toBeGreaterThanOrEqual(((a + b) / 2) * (1 - 1e-6));
      }),
      { numRuns: 60 },
    );
  });
});
