import { expect, it } from "vitest";
import {
  bagMass,
  checkLabel,
  coverFor,
  footprint,
  outlineArea,
  plantingTop,
  sideReachCm,
  sideRings,
  soilDepthCm,
  soilVolumeL,
  topOutline,
  type BagShape,
} from ".";

const mix = { id: "test", dryKgL: 0.5, wetKgL: 1 };
const round: BagShape = { kind: "round", diameterCm: 40, heightCm: 30, nominalL: 37.7 };
const tower: BagShape = { kind: "tower", diameterCm: 60, heightCm: 90, holes: 78, rings: 5, coreCm: 20 };

it("measures a round bag as a cylinder filled to five centimetres below its rim", () => {
  expect(soilVolumeL(round, 0)).toBeCloseTo((Math.PI * 400 * 30) / 1000, 9);
  expect(soilDepthCm(round)).toBe(25);
  expect(soilVolumeL(round)).toBeCloseTo((Math.PI * 400 * 25) / 1000, 9);
});

it("measures a tapered pot as a cone's frustum up to the soil line", () => {
  const pot: BagShape = { kind: "pot", topCm: 30, baseCm: 20, heightCm: 30 };
  // V = πh/3 (R² + Rr + r²), filled to the rim.
  expect(soilVolumeL(pot, 0)).toBeCloseTo((Math.PI * 30 * (225 + 150 + 100)) / 3000, 9);
  expect(soilVolumeL(pot, 5)).toBeLessThan(soilVolumeL(pot, 0) * (25 / 30));
});

it("spreads a laid-flat bag's volume over its floor and leaves a rim round the window", () => {
  const flat: BagShape = { kind: "flat", lengthCm: 60, widthCm: 35, nominalL: 28.3, rimCm: 5 };
  expect(soilDepthCm(flat)).toBeCloseTo(28_300 / 2100, 9);
  expect(outlineArea(plantingTop(flat))).toBe(50 * 25);
});

it("pairs a laid-flat bag with a cover as large as itself", () => {
  // Common practice: 1 cu ft under a 55 L tub, 1.5 cu ft under 90 qt.
  expect(
    Math.abs(
      coverFor({ kind: "flat", lengthCm: 60, widthCm: 35, nominalL: 28.3, rimCm: 5 })!.usualL / 55 - 1,
    ),
  ).toBeLessThan(0.1);
  expect(
    Math.abs(
      coverFor({ kind: "flat", lengthCm: 70, widthCm: 42, nominalL: 42.5, rimCm: 5 })!.usualL / 85.2 - 1,
    ),
  ).toBeLessThan(0.1);
  expect(coverFor(round)).toBeUndefined();
});

it("takes a tower's stone core out of its soil and its top, and shares holes over rings, the lower ones first", () => {
  expect(soilVolumeL(tower, 0)).toBeCloseTo((Math.PI * (900 - 100) * 90) / 1000, 9);
  expect(topOutline(tower)).toEqual({ type: "annulus", radiusCm: 30, coreCm: 10 });
  expect(sideRings(tower).map((r) => r.holes)).toEqual([16, 16, 16, 15, 15]);
  expect(sideReachCm(tower)).toBe(20);
});

it("weighs the bag dry and soaked, stones and all", () => {
  expect(bagMass(round, mix).wetKg - bagMass(round, mix).dryKg).toBeCloseTo(soilVolumeL(round) * 0.5, 9);
  const stones = ((Math.PI * 100 * 85) / 1000) * 1.6;
  expect(bagMass(tower, mix).wetKg).toBeCloseTo(soilVolumeL(tower) * 1.005 + stones, 6);
});

it("says when a label and the bag's own measures contradict each other", () => {
  expect(checkLabel(round)?.agrees).toBe(true);
  const small = checkLabel({ ...round, diameterCm: 33 });
  expect(small).toMatchObject({ agrees: false });
  expect(small?.ratio).toBeCloseTo((33 / 40) ** 2, 2);
});

it("knows that a hanging bag covers no floor", () => {
  expect(footprint({ kind: "pocket", diameterCm: 20, heightCm: 45, pockets: 12, rings: 4 })).toBeUndefined();
});

it("stacks tiers: as deep as one, as much as all, pockets round each", () => {
  const tiers: BagShape = { kind: "tiers", diameterCm: 36, tierHeightCm: 16, tiers: 5, pockets: 30 };
  expect(soilDepthCm(tiers)).toBe(14);
  expect(soilVolumeL(tiers)).toBeCloseTo((5 * Math.PI * 18 ** 2 * 14) / 1000, 9);
  expect(sideRings(tiers).map((r) => r.holes)).toEqual([6, 6, 6, 6, 6]);
  expect(footprint(tiers)).toEqual({ type: "circle", radiusCm: 18 });
});
