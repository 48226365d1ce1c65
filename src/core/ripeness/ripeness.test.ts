import { expect, it } from "vitest";
import { CROP_GOALS, findGoal } from "@/library";
import * as words from "@/ui/words/en";
import { ripenessOf } from ".";

const of = (id: string) => ripenessOf(findGoal(id)!.goal);

/** Common practice, no source. */
it("judges and cuts as growers do", () => {
  expect(of("kale/leaf")).toEqual({ sign: "leaf-size", cut: "outer-leaves", leaves: 0.25, isEnd: false });
  expect(of("lettuce/leaf")).toMatchObject({ cut: "here-and-there", aboveCrownCm: 5, leaves: 0.25 });
  expect(of("cabbage/compact")).toEqual({ sign: "firm-head", cut: "whole-head", isEnd: true });
  expect(of("onion/sets")).toMatchObject({ sign: "neck-fallen", cut: "lift-and-dry" });
  expect(of("radish/microgreens")).toMatchObject({ sign: "before-true-leaves", isEnd: true });
  expect(of("long-bean/bush")).toMatchObject({ cut: "often", isEnd: false });
  expect(of("onion/spring")).toEqual({ sign: "thick-stem", cut: "pull", isEnd: false });
  expect(of("tomato/bush").isEnd).toBe(false);
  expect(of("fig/fruit").isEnd).toBe(false);
});

it("spares the crown of all that is to come again, and has words for every goal of the library", () => {
  for (const { goal } of CROP_GOALS) {
    const { sign, cut, aboveCrownCm, leaves, isEnd } = ripenessOf(goal);
    expect(words.ripeness.signs).toHaveProperty(sign);
    expect(words.ripeness.cuts).toHaveProperty(cut);
    expect(isEnd, goal.id).toBe(goal.picking.pattern === "once" && !goal.bears);
    if (isEnd) expect([aboveCrownCm, leaves], goal.id).toEqual([undefined, undefined]);
  }
});
