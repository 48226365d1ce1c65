import { expect, it } from "vitest";
import { planOf, planting } from "@/testing/garden";
import { isAlike } from "./alike";

it("takes gardens for one that share more than four plantings of five, on whatever days", () => {
  const goals = ["lettuce/leaf", "kale/leaf", "pea/pod", "beet/root", "carrot/root"];
  const garden = (kindId: string, list: string[], day = "2026-05-18") =>
    planOf(kindId, ...list.map((goal, i) => planting(10 + i, goal, day)));
  const five = garden("round-10-gal", goals);
  expect(isAlike(five, garden("round-10-gal", goals, "2026-06-01"))).toBe(true);
  expect(isAlike(five, garden("round-10-gal", [...goals.slice(1), "radish/root"]))).toBe(false);
  expect(isAlike(five, garden("tub-80-l", goals))).toBe(false);
  // A crop that one has twice is shared once.
  expect(isAlike(garden("round-10-gal", Array(5).fill("pea/pod")), five)).toBe(false);
  expect(isAlike({ bags: [], rows: [] }, { bags: [], rows: [] })).toBe(false);
});
