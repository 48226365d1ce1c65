import * as fc from "fast-check";
import { expect, it } from "vitest";
import { CROP_GOALS, findBagKind, findClimate, findGoal } from "@/library";
import { fit, GRADES, methodsFor } from ".";
import type { BagShape } from "../bag";
import { judgeSeason } from "../calendar";
import { parseQuantity } from "../quantity";

const larkmouth = findClimate("larkmouth")!;
const kept = CROP_GOALS.map(({ crop, goal }) => ({
  goal,
  season: judgeSeason({ crop, goal, method: goal.methods[0]! }, "2026-03-20", larkmouth),
}));
const anyGoal = fc.constantFrom(...kept.filter((k) => k.goal.where.includes("top")));
const cm = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const round = (diameterCm: number, heightCm: number): BagShape => ({ kind: "round", diameterCm, heightCm });
const rank = (grade: (typeof GRADES)[number]) => GRADES.indexOf(grade);

it("never fits fewer plants into more soil", () => {
  fc.assert(
    fc.property(
      anyGoal,
      cm(8, 90),
      cm(8, 80),
      cm(0, 20),
      cm(0, 20),
      ({ goal, season }, d, h, wider, deeper) => {
        const ask = (shape: BagShape) => fit({ goal, season, shape, where: "top", lightMol: 24 });
        const [small, large] = [ask(round(d, h)), ask(round(d + wider, h + deeper))];
        expect(large.most ?? 0).toBeGreaterThanOrEqual(small.most ?? 0);
        if ((small.plants ?? 0) > 0) expect(large.plants).toBeGreaterThanOrEqual(small.plants!);
      },
    ),
  );
});

it("never gives a worse grade for more depth, more sun or fewer plants", () => {
  fc.assert(
    fc.property(
      anyGoal,
      cm(15, 60),
      cm(15, 60),
      fc.integer({ min: 1, max: 12 }),
      cm(0, 10),
      cm(0, 12),
      ({ goal, season }, d, h, plants, sun, more) => {
        const grade = (height: number, n: number, hours: number) =>
          rank(
            fit({ goal, season, shape: round(d, height), where: "top", plants: n, lightMol: 3 * hours })
              .grade,
          );
        expect(grade(h + more, plants, sun)).toBeLessThanOrEqual(grade(h, plants, sun));
        expect(grade(h, plants, sun + more)).toBeLessThanOrEqual(grade(h, plants, sun));
        expect(grade(h, Math.max(1, plants - 1), sun)).toBeLessThanOrEqual(grade(h, plants, sun));
      },
    ),
  );
});

it("gives the same verdict whatever units the bag was measured in", () => {
  const size = (text: string) => {
    const read = parseQuantity(text, "length");
    if (!read.ok) throw new Error(text);
    return read.value.value;
  };
  for (const { goal, season } of kept.filter((k) => k.goal.where.includes("top"))) {
    const metric = fit({
      goal,
      season,
      shape: round(size("45.72 cm"), size("35.56 cm")),
      where: "top",
      lightMol: 18,
    });
    const us = fit({
      goal,
      season,
      shape: round(size("1 ft 6 in"), size('14"')),
      where: "top",
      lightMol: 18,
    });
    expect(us.plants).toBe(metric.plants);
    expect(us.grade).toBe(metric.grade);
  }
});

it("names the worst limit and the one change that lifts it", () => {
  const { crop, goal } = findGoal("cabbage/standard")!;
  const season = judgeSeason({ crop, goal, method: goal.methods[0]! }, "2026-01-05", larkmouth);
  const ask = (bag: string, plants?: number, lightMol = 24) =>
    fit({ goal, season, shape: findBagKind(bag)!.shape, where: "top", plants, lightMol });
  expect(ask("round-10-gal", 2)).toMatchObject({ grade: "wrong", fixes: [{ code: "plants", plants: 1 }] });
  const small = ask("round-5-gal", 1);
  expect(small.limits.find((l) => l.code === "soil")?.grade).toBe("wrong");
  expect(small.fixes).toContainEqual({ code: "larger", soilL: 30 });
  expect(ask("round-10-gal", 1, 2)).toMatchObject({
    grade: "wrong",
    limit: { code: "light", have: 2 },
    fixes: [{ code: "lighter", mol: 18 }],
  });
  expect(ask("flat-1-cu-ft", 1).fixes[0]).toEqual({ code: "deeper", depthCm: 25 });
  const verdict = ask("round-10-gal");
  for (const fix of ask("round-20-gal", 4).fixes) {
    if (fix.code === "plants") expect(ask("round-20-gal", fix.plants).grade).not.toBe("wrong");
  }
  expect(verdict.limits.map((l) => l.code)).toEqual(["depth", "season", "light", "soil", "room"]);
});

it("sets only plants, never loose seed, into side holes", () => {
  const spinach = findGoal("spinach/leaf")!.goal;
  expect(methodsFor(spinach, "top").map((m) => m.method)).toContain("drills");
  expect(methodsFor(spinach, "side").map((m) => m.method)).not.toContain("drills");
});

it.each([
  ["a 7 L pail", { kind: "pot", topCm: 22, baseCm: 20, heightCm: 20, nominalL: 7 }],
  ["a 100 gal bag", { kind: "round", diameterCm: 97, heightCm: 51, nominalL: 378.5 }],
  ["a window box 12 cm deep", { kind: "tub", lengthCm: 80, widthCm: 15, heightCm: 12 }],
  ["a bed of 2 m²", { kind: "tub", lengthCm: 200, widthCm: 100, heightCm: 30 }],
] as [string, BagShape][])("judges %s sensibly though nobody gave its values", (_, shape) => {
  const answers = kept
    .filter((k) => k.goal.where.includes("top"))
    .map(({ goal, season }) => fit({ goal, season, shape, where: "top", lightMol: 24 }));
  for (const a of answers) {
    expect(Number.isFinite(a.plants ?? 0)).toBe(true);
    expect(a.plants ?? 0).toBeLessThanOrEqual(a.most ?? Number.POSITIVE_INFINITY);
    expect(a.grade === "wrong" || a.plants === undefined || a.plants > 0).toBe(true);
  }
  const plants = answers.reduce((sum, a) => sum + (a.plants ?? 0), 0);
  expect(plants).toBeGreaterThan(0);
});
