import { describe, expect, it } from "vitest";
import { id, planOf, planting, settingWith } from "@/testing/garden";
import { assessGarden } from "../garden";
import type { SiteMark } from "../place";
import type { Plan } from "../plan";
import { adviceFor, bagAge } from ".";

const TODAY = "2026-05-18";
const advice = (plan: Plan, site: readonly SiteMark[] = [], today = TODAY) =>
  adviceFor(assessGarden(plan, settingWith({ openSky: 0.9 })), today, site);
const codes = (plan: Plan, site: readonly SiteMark[] = []) => advice(plan, site).map(({ code }) => code);
const tomato = planOf("round-20-gal", planting(10, "tomato/cordon", "2026-03-10"));

describe("what the place asks for", () => {
  it("ties what is tall where it is windy, and not what is low", () => {
    expect(codes(tomato, ["windy"])).toContain("tie-in-wind");
    expect(codes(tomato)).not.toContain("tie-in-wind");
    const low = planOf("round-10-gal", planting(10, "radish/root", "2026-05-20", { plants: 9 }));
    expect(codes(low, ["windy"])).not.toContain("tie-in-wind");
  });

  it("nets and turns once for all bags, and only where something is to come", () => {
    const two: Plan = {
      bags: [...tomato.bags, { ...tomato.bags[0]!, id: id(5) }],
      rows: [
        ...tomato.rows,
        { id: id(6), bagId: id(5), gapCm: null, plantings: [planting(11, "chard/leaf", "2026-05-20")] },
      ],
    };
    const all = codes(two, ["animals", "turned"]);
    expect(all.filter((c) => c === "net")).toHaveLength(1);
    expect(all.filter((c) => c === "turn")).toHaveLength(1);
    expect(codes(planOf("round-10-gal"), ["animals", "turned"])).toEqual(["stands-empty"]);
  });

  it("fills a heavy new bag where it stands, up stairs; one that stands there already is not carried", () => {
    const fresh = { ...tomato, bags: tomato.bags.map((bag) => ({ ...bag, atHand: false })) };
    const [told] = advice(fresh, ["stairs"]).filter(({ code }) => code === "fill-in-place");
    expect(told).toMatchObject({ rowId: id(2) });
    expect((told as { kg: number }).kg).toBeGreaterThan(20);
    expect(codes(tomato, ["stairs"])).not.toContain("fill-in-place");
    const small = planOf("jug-6-l", planting(10, "chives/leaf", "2026-05-20"));
    const light = { ...small, bags: small.bags.map((bag) => ({ ...bag, atHand: false })) };
    expect(codes(light, ["stairs"])).not.toContain("fill-in-place");
  });
});

describe("a bag's life", () => {
  it("counts seasons from its first, and says when it is past the longest that its kind lasts", () => {
    const aged = (firstSeason: number | null) =>
      assessGarden({ ...tomato, bags: tomato.bags.map((bag) => ({ ...bag, firstSeason })) }, settingWith())
        .rows[0]!;
    expect(bagAge(aged(null), TODAY)).toBeUndefined();
    // Fabric lasts five seasons at the longest. Common practice.
    expect(bagAge(aged(2022), TODAY)).toEqual({ season: 5, worn: false });
    expect(bagAge(aged(2021), TODAY)).toEqual({ season: 6, worn: true });
    // Bought for next year it is in its first season.
    expect(bagAge(aged(2027), TODAY)!.season).toBe(1);
  });

  it("says that a bag stands empty once all in it is over", () => {
    const radish = planOf("round-10-gal", planting(10, "radish/root", "2026-03-20", { plants: 9 }));
    expect(advice(radish, [], "2026-04-01").map(({ code }) => code)).not.toContain("stands-empty");
    expect(advice(radish, [], "2026-10-01").map(({ code }) => code)).toContain("stands-empty");
  });
});

it("minds a crop after one of its own family, and fresh mix after a heavy feeder, from today on", () => {
  const plan = planOf(
    "round-20-gal",
    planting(10, "cabbage/compact", "2026-02-20", { method: "cells" }),
    planting(11, "radish/root", "2026-09-10", { plants: 9 }),
  );
  const told = advice(plan).filter((a) => "plantingId" in a && a.plantingId === id(11));
  expect(told).toContainEqual(
    expect.objectContaining({ code: "same-family", beforeGoalId: "cabbage/compact" }),
  );
  expect(told).toContainEqual(expect.objectContaining({ code: "refresh-mix" }));
  // What has begun cannot be advised on any more.
  expect(advice(plan, [], "2026-12-01").filter((a) => a.code === "same-family")).toEqual([]);
});
