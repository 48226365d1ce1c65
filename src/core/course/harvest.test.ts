import * as fc from "fast-check";
import { describe, expect, it } from "vitest";
import { CROP_GOALS, findClimate, findGoal } from "@/library";
import { settingWith } from "@/testing/garden";
import { type Course, courseOf, harvestOf, lightOn, together } from ".";
import { temperatureOn } from "../climate";
import { addDays, dayNumber, dayOf } from "../day";

/** An open roof in a mild town, where nothing is short of sun in its season. */
const roof = settingWith({ sunHours: 14, openSky: 0.95 });
const PLENTY = 1e6;

/** The course of a goal sown on the day of the year that gives it most. */
function bestCourse(goalId: string): Course {
  const found = findGoal(goalId)!;
  const courses = Array.from({ length: 26 }, (_, i) =>
    courseOf({ ...found, method: found.goal.methods[0]!, sowOn: addDays("2026-01-05", 14 * i) }, roof),
  );
  return courses.reduce((a, b) => (b.pickedG > a.pickedG ? b : a));
}

/** What a m² of a closed stand gives at the distance that the library calls good. */
function closedStand(goalId: string) {
  const course = bestCourse(goalId);
  const { stand } = course.goal;
  if (stand.type !== "plants") throw new Error(`${goalId} is sown dense`);
  const units = (100 / stand.spacingCm.good) ** 2;
  return { course, harvest: harvestOf(course, { units, lightM2: 1, soilL: PLENTY }) };
}

/** Field averages, kg/m²: USDA NASS, Vegetables and Potatoes annual summaries of about 2018 to 2022, rounded (from memory); then dry share of the harvest, USDA FoodData Central (from memory), and the upper harvest index, an assumption but for FAO AquaCrop's tomato, potato and maize. */
const FIELD: [goalId: string, kgM2: number, dry: number, index: number][] = [
  ["carrot/root", 4.4, 0.12, 0.7],
  ["radish/root", 1.1, 0.05, 0.7],
  ["beet/root", 2.5, 0.13, 0.65],
  ["onion/sets", 5.8, 0.11, 0.8],
  ["garlic/bulb", 1.85, 0.41, 0.65],
  ["potato/tuber", 5, 0.21, 0.85],
  ["bush-bean/pod", 0.9, 0.1, 0.45],
  ["pea/pod", 1, 0.15, 0.45],
  ["cabbage/standard", 4.5, 0.08, 0.7],
  ["cauliflower/full", 2.2, 0.08, 0.45],
  ["broccoli/head", 1.8, 0.11, 0.3],
  ["lettuce/head", 4, 0.05, 0.85],
  ["lettuce/leaf", 2.7, 0.05, 0.85],
  ["tomato/bush", 3.3, 0.055, 0.65],
  ["pepper/sweet", 4.1, 0.07, 0.55],
  ["cucumber/fruit", 2.5, 0.04, 0.65],
  ["courgette/fruit", 2.5, 0.05, 0.6],
  ["strawberry/june", 1.8, 0.09, 0.5],
  ["sweet-corn/cob", 1.5, 0.24, 0.5],
];
/** Leaf that is cut over a long season, which may give four times a field's one season. */
const LONG_CUT: [goalId: string, kgM2: number, dry: number, index: number][] = [
  ["spinach/leaf", 1.9, 0.09, 0.85],
  ["kale/leaf", 2, 0.14, 0.6],
  ["chard/leaf", 2.5, 0.08, 0.75],
  ["parsley/leaf", 2, 0.12, 0.7],
];

/** The most that a m² can give, kg: 20 g of dry matter a day (C4 35) times Kc, or 3 g for each MJ of light that leaves can use, the lower of the two on each day on which the crop grows at all. */
function ceiling({ crop, from, to }: Course, dry: number, index: number): number {
  let grown = 0;
  for (let day = from; day <= to; day++) {
    if (temperatureOn(roof.climate, dayOf(day)).meanC <= crop.growth.baseC) continue;
    grown += Math.min(
      (crop.id === "sweet-corn" ? 35 : 20) * crop.water.kc.mid,
      (3 * lightOn(roof, day)) / 4.57,
    );
  }
  return (grown * index) / dry / 1000;
}

describe("a closed stand in full sun and a good season", () => {
  it.each([...FIELD.map((row) => [...row, 2] as const), ...LONG_CUT.map((row) => [...row, 4] as const)])(
    "%s gives about what fields do, %f kg/m², and at its best no more than can grow",
    (goalId, kgM2, dry, index, most) => {
      const { course, harvest } = closedStand(goalId);
      // What bears for years: what it gives in one of them, grown.
      const seasons = course.goal.bears?.reduce((sum, share) => sum + share, 0) ?? 1;
      expect(harvest.likely / seasons).toBeGreaterThan(0.6 * kgM2);
      expect(harvest.likely / seasons).toBeLessThan(most * kgM2);
      // The days are looked at every few: to some hundredths.
      expect(harvest.high).toBeLessThan(1.05 * ceiling(course, dry, index));
    },
  );

  it("gives tomatoes up canes 5 to 12 kg/m²", () => {
    const { harvest } = closedStand("tomato/cordon");
    expect(harvest.likely).toBeGreaterThan(5);
    expect(harvest.likely).toBeLessThan(12);
  });

  it("has measured plots and heads inside its range", () => {
    // Peas of R's npk, 24 plots of 1/70 acre: 44.2 to 69.5 lb, mean 54.875. Taken as shelled, half of the pods' mass (assumption).
    const plot = (54.875 * 0.45359237) / (4046.86 / 70) / 0.5;
    const peas = closedStand("pea/pod").harvest;
    expect(plot).toBeGreaterThan(peas.low);
    expect(plot).toBeLessThan(peas.high);
    // Heads of MASS cabbages (Rawlings 1988): mean 2.593 kg. Taken as two a m², as wide as they are set for such heads (assumption).
    const heads = harvestOf(bestCourse("cabbage/standard"), { units: 2, lightM2: 1, soilL: PLENTY });
    expect(2 * 2.593).toBeGreaterThan(heads.low);
    expect(2 * 2.593).toBeLessThan(heads.high);
  });
});

describe("plants that share", () => {
  const counted = CROP_GOALS.filter(({ goal }) => goal.stand.type === "plants" && goal.yieldG.likely > 0);
  const climate = findClimate("larkmouth")!;

  it("follow the reciprocal law of yield and density from a tenth to four times the usual", () => {
    // Shinozaki and Kira 1956, Willey and Heath 1969: 1/w is a straight line over the density.
    for (const goalId of ["carrot/root", "tomato/bush", "lettuce/leaf", "onion/sets", "cabbage/compact"]) {
      const course = bestCourse(goalId);
      const usual = 2.5 * course.goal.closedKgM2!.likely * (1000 / course.goal.yieldG.likely);
      const inverse = (times: number) => {
        const units = times * usual;
        return units / harvestOf(course, { units, lightM2: 1, soilL: PLENTY }).likely;
      };
      const [thin, close] = [inverse(0.1), inverse(4)];
      for (const times of [0.3, 1, 2]) {
        const line = thin + ((times - 0.1) / 3.9) * (close - thin);
        expect(Math.abs(inverse(times) / line - 1), `${goalId} × ${times}`).toBeLessThan(0.15);
      }
      expect(inverse(1) / inverse(0.001)).toBeGreaterThan(2);
    }
  });

  it("never give less together for one plant more, whatever bag they share", () => {
    const courses = new Map<string, Course>();
    fc.assert(
      fc.property(
        fc.constantFrom(...counted),
        fc.integer({ min: 1, max: 60 }),
        fc.double({ min: 0.02, max: 2, noNaN: true }),
        fc.double({ min: 0.5, max: 300, noNaN: true }),
        ({ crop, goal }, n, lightM2, litres) => {
          const course =
            courses.get(goal.id) ??
            courseOf({ crop, goal, method: goal.methods[0]!, sowOn: "2026-04-01" }, { ...roof, climate });
          courses.set(goal.id, course);
          const all = (units: number) => harvestOf(course, { units, lightM2, soilL: litres / units });
          const [fewer, more] = [all(n), all(n + 1)];
          expect(more.likely).toBeGreaterThanOrEqual(fewer.likely * (1 - 1e-9));
          expect(fewer.low).toBeLessThanOrEqual(fewer.likely);
          expect(fewer.high).toBeGreaterThanOrEqual(fewer.likely);
          expect(fewer.high).toBeLessThanOrEqual(4 * fewer.low * (1 + 1e-9));
        },
      ),
      { numRuns: 400 },
    );
  });

  it("give 43 % more for twice the soil where soil is the scarcer, and none where light is", () => {
    const tomato = bestCourse("tomato/cordon");
    const by = (soilL: number, lightM2: number) => harvestOf(tomato, { units: 1, lightM2, soilL });
    // Poorter, Bühler, van Dusschoten, Climent and Postma 2012 (from memory).
    expect(by(10, 5).likely / by(5, 5).likely).toBeCloseTo(1.43, 6);
    expect(by(10, 5).scarce).toBe("soil");
    expect(by(400, 0.1).likely).toBe(by(200, 0.1).likely);
    // No cliff: a tenth more soil is never more than a tenth more food.
    for (let litres = 2; litres < 80; litres *= 1.1)
      expect(by(1.1 * litres, 0.3).likely / by(litres, 0.3).likely).toBeLessThan(1.1);
  });
});

it("follows the light of the place: half in the shade of a house, and nothing in the cellar", () => {
  const on = (sunHours: number, openSky: number) => {
    const found = findGoal("tomato/bush")!;
    const place = settingWith({ sunHours, openSky });
    const course = courseOf({ ...found, method: found.goal.methods[0]!, sowOn: "2026-03-15" }, place);
    return { kg: harvestOf(course, { units: 1, lightM2: 0.3, soilL: 20 }).likely, mol: course.lightMol };
  };
  const [open, half, cellar] = [on(14, 0.95), on(3, 0.4), on(0, 0)];
  expect(half.mol / open.mol).toBeLessThan(0.5);
  expect(half.kg / open.kg).toBeLessThan(0.75);
  expect(half.kg).toBeGreaterThan(0);
  expect(cellar.kg).toBe(0);
});

it("adds harvests as ones that share a summer: wider than chance alone, narrower than all bad at once", () => {
  const one = { low: 2, likely: 4, high: 7 };
  const four = together([one, one, one, one]);
  expect(four.likely).toBe(16);
  // Off by 8 if all were bad together, by 4 if each had luck of its own; half of the variance is shared: √40.
  expect(16 - four.low).toBeCloseTo(Math.sqrt(0.5 * 64 + 0.5 * 16), 9);
  expect(four.high - 16).toBeCloseTo(Math.sqrt(0.5 * 144 + 0.5 * 36), 9);
});

it("gives as the days are: the light of a place is never more than a clear sky sends", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: -55, max: 60 }),
      fc.integer({ min: 0, max: 364 }),
      fc.double({ min: 0, max: 24, noNaN: true }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      (latitude, n, sunHours, openSky) => {
        const place = settingWith({ sunHours, openSky, climate: { ...roof.climate, latitude } });
        const day = dayNumber("2026-01-01") + n;
        const mol = lightOn(place, day);
        expect(mol).toBeGreaterThanOrEqual(0);
        // 0.75 of at most 43 MJ/m², 0.45 of it light, at 4.57 mol a MJ.
        expect(mol).toBeLessThan(0.75 * 43.5 * 0.45 * 4.57);
      },
    ),
    { numRuns: 1000 },
  );
});
