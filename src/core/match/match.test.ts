import { describe, expect, it } from "vitest";
import { CROP_GOALS } from "@/library";
import { ALL_BAGS, id, planOf, planting, settingWith } from "@/testing/garden";
import { assessGarden } from "../garden";
import { pricesBy } from "../money";
import type { PlainSetting } from "../setting";
import {
  bestWorth,
  glanceOf,
  matchAll,
  orderLines,
  passesTaste,
  placingOf,
  plantingOf,
  shortlist,
  suggestGoal,
} from ".";

const DAY = "2026-04-20";
const bags = ALL_BAGS.filter(({ kindId }) => ["round-5-gal", "round-15-gal", "box-60-cm"].includes(kindId));
const setting = (more: Partial<PlainSetting> = {}) => settingWith({ openSky: 0.9, ...more });
const lines = matchAll(CROP_GOALS, bags, DAY, setting());

describe("lines of what could be grown", () => {
  it("are one a goal, with a cell a bag", () => {
    expect(lines).toHaveLength(CROP_GOALS.length);
    expect(lines.every((line) => line.cells.length === bags.length)).toBe(true);
  });

  it("stay all of them in whatever order, and the order asked for is kept", () => {
    const prices = pricesBy([
      { item: "market/kale", size: 1000, minor: 900 },
      { item: "market/radish", size: 1000, minor: 200 },
    ]);
    const priced = setting({ prices });
    const ids = (all: readonly (typeof lines)[number][]) => all.map(({ goal }) => goal.id).sort();
    for (const order of ["fit", "tastes", "meal", "money", "sun", "hardy"] as const)
      expect(ids(orderLines(lines, order, priced)), order).toEqual(ids(lines));
    const sun = orderLines(lines, "sun", priced).map(({ goal }) => goal.sunHours.good);
    expect(sun).toEqual([...sun].sort((a, b) => a - b));
    const hardy = orderLines(lines, "hardy", priced).map(({ crop }) => crop.nights.standsC);
    expect(hardy).toEqual([...hardy].sort((a, b) => a - b));
    const worth = orderLines(lines, "money", priced).map((line) => bestWorth(line, priced)?.minor ?? 0);
    expect(worth).toEqual([...worth].sort((a, b) => b - a));
    expect(worth[0]).toBeGreaterThan(0);
    // Without prices nobody knows what anything is worth.
    expect(lines.some((line) => bestWorth(line, setting()))).toBe(false);
  });

  it("leave out what nobody touches, and show of the rest what is often eaten", () => {
    const eaten = setting({
      wants: { groups: { greens: "daily", roots: "never" }, must: [], never: ["kale"] },
    });
    const shown = (filter: "all" | "liked" | "often") =>
      lines.filter((line) => passesTaste(line, filter, eaten)).map(({ crop }) => crop.id);
    expect(shown("all")).toHaveLength(lines.length);
    expect(shown("liked")).not.toContain("kale");
    expect(shown("often").length).toBeLessThan(shown("liked").length);
    expect(shown("often")).toContain("chard");
  });

  it("look as they are drawn: a glance says no other grade, count or harvest than the cell that it stands for", () => {
    for (const cell of lines.slice(0, 40).flatMap((line) => line.cells)) {
      const glance = glanceOf(cell);
      expect([glance.fit.grade, glance.fit.plants]).toEqual([cell.fit.grade, cell.fit.plants]);
      expect(glance.harvest.likely).toBe(cell.harvest.likely);
    }
  });
});

describe("a shortlist", () => {
  const short = shortlist(lines, setting());

  it("names a few crops, each once, all of which fit somewhere now", () => {
    expect(short.length).toBeGreaterThan(5);
    expect(short.length).toBeLessThanOrEqual(12);
    expect(new Set(short.map(({ crop }) => crop.id)).size).toBe(short.length);
    expect(short.every(({ cells }) => cells.some(({ fit }) => fit.grade !== "wrong"))).toBe(true);
  });

  it("names in the dark nothing but shoots, which live of their seed", () => {
    const dark = shortlist(matchAll(CROP_GOALS, bags, DAY, setting({ sunHours: 0, openSky: 0 })), setting());
    expect(dark.filter(({ goal }) => goal.kind !== "microgreen")).toEqual([]);
  });
});

describe("a bag that is taken", () => {
  const kale = planting(10, "kale/leaf", "2026-03-01", { plants: 4 });
  const full = planOf("round-10-gal", kale);
  const tomato = planting(20, "tomato/bush", DAY, { method: "bought" });
  const place = (others: readonly string[] = []) =>
    placingOf({ planting: tomato, bagId: id(1), others }, full, setting());

  it("says by what and until when, and from which day it is free", () => {
    const { isFree, takenBy, next } = place();
    expect(isFree).toBe(false);
    expect(takenBy?.goalId).toBe("kale/leaf");
    if (next) expect(next > DAY).toBe(true);
  });

  it("takes what comes once it is empty, and anything where nothing stands", () => {
    expect(
      placingOf({ planting: tomato, bagId: id(1), others: [] }, planOf("round-10-gal"), setting()),
    ).toEqual({
      isFree: true,
      others: [],
    });
  });

  it("names other bags that have room, and never itself", () => {
    const two = { ...full, bags: [...full.bags, { ...full.bags[0]!, id: id(5) }] };
    const { others } = placingOf({ planting: tomato, bagId: id(1), others: [id(1), id(5)] }, two, setting());
    expect(others).toEqual([id(5)]);
  });
});

it("puts into a row what grows there, by its own method, as many as reach good", () => {
  const [row] = assessGarden(planOf("round-15-gal"), setting()).rows;
  const chard = CROP_GOALS.find(({ goal }) => goal.id === "chard/leaf")!;
  const planted = plantingOf(chard, row!, DAY, setting())!;
  expect(planted).toMatchObject({ goalId: "chard/leaf", surface: "top" });
  expect(planted.plants).toBeGreaterThanOrEqual(1);
  const judged = assessGarden(planOf("round-15-gal", { ...planted, id: id(10) }), setting()).rows[0]!
    .plantings[0]!;
  expect(judged.fit.grade).not.toBe("wrong");
  // What grows in no side is not put there.
  const carrot = CROP_GOALS.find(({ goal }) => goal.id === "carrot/round")!;
  expect(plantingOf({ ...carrot, on: "side" }, row!, DAY, setting())).toBeUndefined();
});

it("suggests for a bag what grows in it from that day on", () => {
  const bag = bags.find(({ kindId }) => kindId === "round-15-gal")!;
  const suggested = suggestGoal(CROP_GOALS, bag, DAY, setting())!;
  const cell = matchAll([suggested], [bag], DAY, setting())[0]!.cells[0]!;
  expect(cell.fit.grade).not.toBe("wrong");
});
