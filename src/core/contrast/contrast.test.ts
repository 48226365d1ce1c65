import { expect, it } from "vitest";
import { findGoal, findMix, MIXES, SHIPPED } from "@/library";
import { planOf, planting, settingWith } from "@/testing/garden";
import { assessGarden } from "../garden";
import { pricesBy } from "../money";
import type { Plan } from "../plan";
import { type Change, changesFor, contrastOf, momentsOf, waysOf } from ".";

const TODAY = "2026-05-18";
const setting = settingWith({
  openSky: 0.9,
  mixes: MIXES,
  prices: pricesBy([
    { item: "bag/round-7-gal", minor: 380, size: 1 },
    { item: "mix/potting-mix", minor: 790, size: 45 },
    { item: "piece/tomato", minor: 120, size: 1 },
  ]),
});
const two = (plan: Plan, change: Change) => {
  const row = assessGarden(plan, setting).rows[0]!;
  return contrastOf(change, row, { setting, reference: SHIPPED, today: TODAY, mixId: "soil-and-compost" })!;
};
const tomato = planOf("round-7-gal", planting(10, "tomato/bush", "2026-05-20", { method: "bought" }));
const peak = ({ peak: { weekL } }: ReturnType<typeof two>["a"]) => weekL;

it("changes one thing and leaves the rest: size, mix, sun, colour, water", () => {
  const size = two(tomato, "size");
  expect([size.a.row.bag.kindId, size.b.row.bag.kindId]).toEqual(["round-7-gal", "round-10-gal"]);
  // More soil gives more, by less than the soil: Poorter and others 2012, doubled pots 1.43 times the growth.
  const [more, soil] = [size.b.harvest.likely / size.a.harvest.likely, size.b.soilL / size.a.soilL];
  expect(more).toBeGreaterThanOrEqual(1);
  expect(more).toBeLessThanOrEqual(soil);
  const mix = two(tomato, "mix");
  expect(mix.b.wetKg).toBeGreaterThan(mix.a.wetKg);
  expect(mix.b.harvest).toEqual(mix.a.harvest);
  const sun = two(tomato, "sun");
  expect(sun.b.harvest.likely).toBeLessThan(sun.a.harvest.likely);
  const colour = two(tomato, "colour");
  expect(peak(colour.b)).toBeLessThan(peak(colour.a));
  expect(colour.b.harvest).toEqual(colour.a.harvest);
  const water = two(tomato, "water");
  expect(peak(water.b)).toBeCloseTo(peak(water.a), 9);
  expect(water.b.peak.everyDays).toBeLessThan(water.a.peak.everyDays);
});

it("crowds on purpose: more plants, each with less soil, hardly more in all", () => {
  const dense = two(planOf("tub-80-l", planting(10, "chard/leaf", "2026-09-25", { plants: 6 })), "density");
  expect(dense.b.plants).toBeGreaterThan(dense.a.plants);
  expect(dense.b.soilEachL!).toBeLessThan(dense.a.soilEachL!);
  expect(dense.b.harvest.likely / dense.a.harvest.likely).toBeLessThan(dense.b.plants / dense.a.plants);
});

it("offers a core only to a tower, a colour only to fabric; and costs to start by hand sum", () => {
  const tower = assessGarden(planOf("tower-50"), setting).rows[0]!;
  expect(changesFor(tower)).toContain("core");
  expect(changesFor(tower)).not.toContain("colour");
  expect(changesFor(assessGarden(tomato, setting).rows[0]!)).not.toContain("core");
  const { a } = two(tomato, "water");
  // One bag, one sack, one seedling; bag and mix spread over the bag's likely life.
  expect(a.startMinor).toBe(380 + 790 + 120);
  const life = a.row.make!.lifeSeasons.likely;
  expect(a.seasonMinor).toBeCloseTo(120 + (380 + 790) / life, 9);
  expect(a.isPriced).toBe(true);
});

it("weighs the ways of growing for one crop: a tower holds most plants on the floor, a pot weighs least", () => {
  const ways = waysOf(
    findGoal("chard/leaf")!,
    settingWith({ mix: findMix("potting-mix")!, openSky: 0.9 }),
    TODAY,
    TODAY,
  );
  const by = Object.fromEntries(ways.map((way) => [way.name, way]));
  expect(ways.map(({ name }) => name)).toEqual(["fabric", "pot", "tiers", "tower", "bed"]);
  const onFloor = (name: string) => by[name]!.figures.plants / by[name]!.floorM2;
  for (const name of ["fabric", "pot", "bed"]) expect(onFloor("tower"), name).toBeGreaterThan(onFloor(name));
  expect(by.tower!.loadKgM2).toBeGreaterThan(by.fabric!.loadKgM2);
  // Light is shared by the floor: a tower does not give as many times more as it holds plants.
  const each = (name: string) => by[name]!.figures.harvest.likely / by[name]!.figures.plants;
  expect(each("tower")).toBeLessThan(each("fabric"));
});

it("follows a bag in four days to its first pick, growing from one to the next, and an empty one not at all", () => {
  const [row] = assessGarden(tomato, setting).rows;
  const moments = momentsOf(row!);
  const { firstPick } = row!.plantings[0]!.season.stages;
  expect(moments.map(({ day }) => day)).toEqual([...moments.map(({ day }) => day)].sort());
  expect(moments.at(-1)!.day).toBe(firstPick!.likely);
  const roots = moments.flatMap(({ stands }) => stands.map(({ rootCm }) => rootCm));
  expect(roots).toHaveLength(4);
  expect(roots).toEqual([...roots].sort((a, b) => a - b));
  expect(roots.at(-1)!).toBeLessThanOrEqual(findGoal("tomato/bush")!.goal.depthCm.good);
  expect(momentsOf({ plantings: [] })).toEqual([]);
});
