import * as fc from "fast-check";
import { describe, expect, it } from "vitest";
import { findClimate } from "@/library";
import { extraterrestrial } from "../sun";
import {
  balanceOf,
  evaporationOn,
  penmanMonteith,
  pressureKPa,
  psychrometric,
  rainL,
  saturationKPa,
  vapourKPa,
} from ".";

/** FAO Irrigation and Drainage Paper 56, Allen, Pereira, Raes, Smith 1998 (memory, re-derived). */
describe("what the air draws by Penman and Monteith, against FAO-56", () => {
  it("meets examples 2 and 3: pressure, psychrometric constant, saturation", () => {
    expect(pressureKPa(1800)).toBeCloseTo(81.8, 1);
    expect(psychrometric(1800)).toBeCloseTo(0.054, 3);
    expect(saturationKPa(24.5)).toBeCloseTo(3.075, 3);
    expect(saturationKPa(15)).toBeCloseTo(1.705, 3);
  });

  it("meets example 17: Bangkok in April", () => {
    const aboveMJ = extraterrestrial(13 + 44 / 60, "2026-04-15");
    const sunMJ = (0.25 + (0.5 * 8.5) / 12.31) * aboveMJ;
    const mm = penmanMonteith({
      lowC: 25.6,
      highC: 34.8,
      vapourKPa: 2.85,
      windMS: 2,
      sunMJ,
      aboveMJ,
      altitudeM: 2,
      soilMJ: 0.14 * (30.2 - 29.2),
    });
    expect(Math.abs(mm - 5.72)).toBeLessThan(0.06);
  });

  it("meets example 18: Uccle in July", () => {
    const aboveMJ = extraterrestrial(50 + 48 / 60, "2026-07-06");
    const sunMJ = (0.25 + (0.5 * 9.25) / 16.1) * aboveMJ;
    // Actual vapour from both humidities, as the example has it: equation 17.
    const vapour = (saturationKPa(12.3) * 0.84 + saturationKPa(21.5) * 0.63) / 2;
    const mm = penmanMonteith({
      lowC: 12.3,
      highC: 21.5,
      vapourKPa: vapour,
      windMS: 2.078,
      sunMJ,
      aboveMJ,
      altitudeM: 100,
    });
    expect(Math.abs(mm - 3.88)).toBeLessThan(0.05);
  });

  it("is used where a town's wind and damp are known, and lies near Hargreaves in usual air", () => {
    const town = findClimate("larkmouth")!;
    const airy = { ...town, windMS: Array(12).fill(2), humidity: Array(12).fill(65) };
    const [plain, known] = [evaporationOn(town, "2026-07-10"), evaporationOn(airy, "2026-07-10")];
    expect(known).not.toBe(plain);
    expect(known / plain).toBeGreaterThan(0.7);
    expect(known / plain).toBeLessThan(1.3);
    const windy = { ...airy, windMS: Array(12).fill(5) };
    expect(evaporationOn(windy, "2026-07-10")).toBeGreaterThan(known);
    expect(vapourKPa(10, 20, 100)).toBeCloseTo((saturationKPa(10) + saturationKPa(20)) / 2, 12);
  });
});

it("catches rain by the open top: 20 mm on a tenth of a square metre under half a sky", () => {
  // 2 L fall, half the sky is open, and leaves shed a fifth.
  expect(rainL(20, 1000, 0.5)).toBeCloseTo(0.8, 12);
  expect(rainL(20, 1000, 0)).toBe(0);
});

it("closes a bag's water on every day, whatever comes and goes", () => {
  const amount = fc.double({ min: 0, max: 50, noNaN: true });
  fc.assert(
    fc.property(
      amount,
      amount,
      fc.array(fc.record({ rainL: amount, drawnL: amount }), { maxLength: 40 }),
      (mostL, startL, days) => {
        let before = Math.min(mostL, startL);
        for (const { inL, drawnL, lostL, leftL } of balanceOf(mostL, startL, days)) {
          expect(before + inL - drawnL - lostL).toBeCloseTo(leftL, 9);
          expect(leftL).toBeGreaterThanOrEqual(-1e-9);
          expect(leftL).toBeLessThanOrEqual(mostL + 1e-9);
          before = leftL;
        }
      },
    ),
    { seed: 11 },
  );
});
