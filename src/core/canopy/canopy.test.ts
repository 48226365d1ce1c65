import { expect, it } from "vitest";
import { findClimate, findGoal } from "@/library";
import { canopyOn, grownOn, standsFrom } from ".";
import { stagesFrom } from "../calendar";
import { addDays } from "../day";

const grown = (goalId: string, method = 0) => {
  const { crop, goal } = findGoal(goalId)!;
  return {
    goal,
    stages: stagesFrom(crop, goal, goal.methods[method]!, "2026-04-01", findClimate("larkmouth")!),
  };
};

it("is nothing in the tray, small when moved, whole at the first pick, and never shrinks", () => {
  const { goal, stages } = grown("kale/leaf");
  const from = standsFrom(stages);
  expect(from).toBe(stages.move!.likely);
  expect(grownOn(stages, addDays(from, -1))).toBe(0);
  expect(grownOn(stages, from)).toBeCloseTo(0.1, 9);
  expect(grownOn(stages, stages.firstPick!.likely)).toBe(1);
  expect(canopyOn(goal, stages, stages.firstPick!.likely)).toEqual({
    widthCm: goal.widthCm,
    heightCm: goal.heightCm,
  });
  const course = Array.from({ length: 90 }, (_, i) => grownOn(stages, addDays(from, i)));
  expect(course.every((g, i) => i === 0 || g >= course[i - 1]!)).toBe(true);
});

it("waits for what is sown in place to come up", () => {
  const { stages } = grown("carrot/root");
  expect(grownOn(stages, stages.sow)).toBeLessThan(0.1);
  expect(grownOn(stages, stages.up!.likely)).toBeCloseTo(0.1, 9);
});
