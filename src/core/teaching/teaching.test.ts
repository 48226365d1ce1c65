import { expect, it } from "vitest";
import { findMix } from "@/library";
import { planOf, planting, settingWith } from "@/testing/garden";
import { type DoneLine, tasksOf } from "../days";
import { assessGarden } from "../garden";
import type { Plan } from "../plan";
import { LESSONS, lessonsOf, sessionOf } from ".";

const TODAY = "2026-05-18";
const setting = settingWith({ mix: findMix("soil-and-manure")!, openSky: 0.9 });
const fresh = (plan: Plan): Plan => ({ ...plan, bags: plan.bags.map((bag) => ({ ...bag, atHand: false })) });
const member = (name: string, plan: Plan, records: DoneLine[] = []) => {
  const garden = assessGarden(plan, setting);
  return {
    householdId: name,
    name,
    garden,
    setting,
    tasks: tasksOf(garden, records, { setting, today: TODAY }),
  };
};
const chard = (kind: string) =>
  fresh(planOf(kind, planting(10, "chard/leaf", "2026-05-27", { method: "bought", plants: 6 })));

it("mixes one heap for all, with its lime, and gives each its own; hands enough at every post", () => {
  const members = [
    member("a", chard("round-10-gal")),
    member("b", chard("round-20-gal")),
    member("c", fresh(planOf("round-5-gal"))),
  ];
  const { heaps, shares, soakL, posts, minutes } = sessionOf(members, TODAY);
  expect(heaps).toHaveLength(1);
  const [{ litres, parts, lime }] = heaps as [(typeof heaps)[number]];
  expect(litres).toBeCloseTo(1.1 * shares.reduce((sum, { soilL }) => sum + soilL, 0), 9);
  expect(parts.reduce((sum, part) => sum + part.litres, 0)).toBeCloseTo(litres, 9);
  // 2 kg of lime to fifteen barrows of 65 L. Common practice.
  expect(lime).toEqual({ limeKg: (2 * litres) / 975 });
  expect(soakL).toBeCloseTo(0.1 * shares.reduce((sum, { soilL }) => sum + soilL, 0), 9);
  expect(shares.map(({ fillings, starts }) => [fillings.length, starts.length])).toEqual([
    [1, 1],
    [1, 1],
    [0, 0],
  ]);
  expect(Math.min(posts.mix, posts.carry, posts.fill, posts.soak)).toBeGreaterThanOrEqual(1);
  expect(minutes).toBeGreaterThan(0);
  const twelve = sessionOf(
    Array.from({ length: 12 }, (_, i) => member(`m${i}`, chard("round-10-gal"))),
    TODAY,
  );
  const { mix, carry, fill, soak } = twelve.posts;
  expect(mix + carry + fill + soak).toBe(12);
});

it("makes five lessons a week apart from the group's own plans: what to bring, what to show, what went wrong", () => {
  const late = member(
    "late",
    fresh(planOf("tub-80-l", planting(10, "radish/root", "2026-05-08", { plants: 9 }))),
  );
  const lessons = lessonsOf([member("a", chard("round-10-gal")), late], ["2026-05-19", "2026-05-27"], TODAY);
  expect(lessons.map(({ name }) => name)).toEqual(LESSONS);
  // Where the group has fewer days than lessons, the rest follow a week apart.
  expect(lessons.map(({ on }) => on)).toEqual([
    "2026-05-19",
    "2026-05-27",
    "2026-06-03",
    "2026-06-10",
    "2026-06-17",
  ]);
  const [seed, mix, plant, care] = lessons;
  expect(seed!.bring.map(({ item }) => item)).toContain("packet/radish");
  expect(seed!.amiss).toEqual([{ kind: "sow", late: 1, goalIds: ["radish/root"] }]);
  expect(seed!.shown).toMatchObject({ name: "late", task: { kind: "sow" } });
  expect(mix!.bring.map(({ item }) => item)).toEqual(
    expect.arrayContaining(["bag/round-10-gal", "mix/soil-and-manure"]),
  );
  expect(mix!.shown).toMatchObject({ task: { kind: "fill" } });
  expect(plant!.bring.map(({ item }) => item)).toContain("piece/chard");
  expect(care!.bring.some(({ item }) => item.startsWith("feed/"))).toBe(true);
  const nobody = lessonsOf([], [], TODAY);
  expect(
    nobody.every(({ shown, bring, households }) => !shown && bring.length === 0 && households === 0),
  ).toBe(true);
});
