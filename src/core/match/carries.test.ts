import { describe, expect, it } from "vitest";
import { findClimate, CROP_GOALS } from "@/library";
import { placeCarries } from ".";

const town = {
  climate: findClimate("larkmouth")!,
  today: "2026-05-18",
  seenOn: "2026-05-18",
  usualBagKg: 40,
};
const typed = {
  kind: "balcony" as const,
  length: "3 m",
  width: "120 cm",
  limit: "195 kg/m²",
  faces: "S" as const,
  sun: [
    { from: "09:00", to: "13:00" },
    { from: "16:00", to: "17:30" },
  ],
};
// Needs in sun hours, 3 mol an hour where nothing is missing, 2.2 where it just lives: 9 and 6.6, 21 and 11, 60 and 55.
const goals = [
  { least: 3, good: 3 },
  { least: 5, good: 7 },
  { least: 25, good: 20 },
].map((sunHours) => ({ ...CROP_GOALS[0]!.goal, sunHours }));

describe("what a place carries", () => {
  it("meets the hand sum of floor, load and hours, and counts goals by light", () => {
    const carries = placeCarries(typed, goals, town);
    expect(carries).toMatchObject({
      floorM2: 3.6,
      sunHours: 5.5,
      totalKg: expect.closeTo(702, 6),
      usualBags: 17,
    });
    expect(carries.lightMol).toBeGreaterThan(11);
    expect(carries.lightMol).toBeLessThan(20);
    expect([carries.enough, carries.little]).toEqual([1, 1]);
    expect(carries.least.mol).toBeLessThan(carries.most.mol);
  });

  it("says what it can while half is typed, and nothing of the rest", () => {
    expect(placeCarries({ ...typed, width: "", limit: "lots" }, goals, town)).toMatchObject({
      floorM2: undefined,
      totalKg: undefined,
      usualBags: undefined,
      sunHours: 5.5,
    });
    const backwards = [
      { from: "13:00", to: "09:00" },
      { from: "", to: "" },
    ];
    const dark = placeCarries({ ...typed, sun: backwards }, goals, town);
    expect(dark.sunHours).toBe(0);
    expect(dark.lightMol).toBeLessThan(placeCarries(typed, goals, town).lightMol);
  });

  it("goes by the light of the coming months, not by the hours alone", () => {
    const [spring, autumn] = ["2026-05-18", "2026-10-15"].map((today) =>
      placeCarries(typed, goals, { ...town, today }),
    );
    expect(autumn!.lightMol).toBeLessThan(0.75 * spring!.lightMol);
  });
});
