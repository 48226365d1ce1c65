import { describe, expect, it } from "vitest";
import { carry, loadOn, loadOnHook, loadOnSpot, recommendedKg } from ".";

const INCH = 2.54;

describe("revised NIOSH lifting equation (DHHS 94-110)", () => {
  it("gives its load constant for the perfect lift, and nothing out of reach", () => {
    expect(recommendedKg({ reachCm: 25, heightCm: 75, travelCm: 25 })).toBe(23);
    expect(recommendedKg({ reachCm: 64, heightCm: 75, travelCm: 25 })).toBe(0);
  });

  it("meets the manual's first worked example (memory)", () => {
    // H 23 in, V 15 in, D 48 in, fair grip. The manual's rounded multipliers give 16.3 lb, its formula in inches 16.0;
    // the metric form used here has 25 cm where that has 10 in, and gives 15.7.
    const pounds =
      recommendedKg({ reachCm: 23 * INCH, heightCm: 15 * INCH, travelCm: 48 * INCH, grip: 0.95 }) /
      0.45359237;
    expect(pounds).toBeCloseTo(15.7, 1);
    expect(Math.abs(pounds - 16) / 16).toBeLessThan(0.02);
    expect(Math.abs(44 / pounds - 2.7)).toBeLessThan(0.15);
  });
});

it("lets nobody carry a wet 25 gal bag, and anybody a bottle", () => {
  // 25 gal: 84 L of mix at 1.0 kg/L, 53 cm across. Common practice: it cannot be carried safely by one person.
  expect(carry(85, 53).grade).toBe("never");
  expect(carry(16, 28).grade).not.toBe("never");
  expect(carry(1.7, 10.5).grade).toBe("fine");
});

it("holds a mass on an area against a floor's limit, in either system", () => {
  // 100 kg on 0.25 m² is 400 kg/m², 81.9 lbf/ft².
  expect(loadOn(100, 0.25, 40 * 4.88243)).toMatchObject({ kgM2: 400, grade: "over" });
  expect(loadOn(100, 0.25, 40 * 4.88243).share).toBeCloseTo(81.93 / 40, 2);
  expect(loadOn(100, 0.25).grade).toBe("unknown");
  // ASCE 7, section 4.4 (memory): a single load counts over 2.5 ft square, 0.58 m²; what covers more counts over what it covers.
  expect(loadOnSpot(100, 0.25).kgM2).toBeCloseTo(100 / 0.580644, 6);
  expect(loadOnSpot(100, 2).kgM2).toBe(50);
});

it("holds a hanging bag against what its hook bears", () => {
  expect(loadOnHook(16, 20)).toEqual({ kg: 16, limitKg: 20, share: 0.8, grade: "within" });
  expect(loadOnHook(16.5, 20).grade).toBe("near");
  expect(loadOnHook(20.5, 20).grade).toBe("over");
  expect(loadOnHook(20).grade).toBe("unknown");
});
