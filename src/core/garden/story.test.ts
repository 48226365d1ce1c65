import { expect, it } from "vitest";
import { planOf, planting, settingWith } from "@/testing/garden";
import { addDays } from "../day";
import { assessGarden } from ".";
import { storyOf } from "./story";

it("tells each step against its window: before it, in it, after it, or not yet", () => {
  const view = assessGarden(
    planOf("round-10-gal", planting(10, "kale/leaf", "2026-04-01", { method: "cells", plants: 2 })),
    settingWith(),
  ).rows[0]!.plantings[0]!;
  const { up, move, firstPick } = view.season.stages;
  const real = {
    sownOn: "2026-04-04",
    upOn: up!.likely,
    movedOn: addDays(move!.early, -2),
    pickedOn: addDays(firstPick!.late, 9),
  };
  const story = storyOf(view, real);
  expect(story.map(({ step, offDays }) => [step, offDays])).toEqual([
    ["sow", 3],
    ["up", 0],
    ["move", -2],
    ["first-pick", 9],
    ["end", undefined],
  ]);
  expect(storyOf(view).every(({ real: day, offDays }) => day === undefined && offDays === undefined)).toBe(
    true,
  );
});
