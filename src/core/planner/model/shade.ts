import { type GoalInPlace, positionsInHalf, shadeAcross } from "../../garden";
import { type Half, otherHalf } from "../../placement";
import type { Setting } from "../../setting";
import type { BagClass, Candidate, Instance } from "./instance";

/** Shade between the halves of a bag, worked out once for each pair of stands that are alike; places are worked out once for each stand. */
export function shadeIn(
  classes: readonly BagClass[],
  candidates: readonly Candidate[],
  setting: Setting,
): Instance["shade"] {
  const alike = new Map<string, number>();
  const kindOf = candidates.map(({ classIndex, goalId, plants }) => {
    const key = `${classIndex} ${goalId} ${plants}`;
    const kind = alike.get(key) ?? alike.size;
    alike.set(key, kind);
    return kind;
  });
  const known = {
    "first-half": new Map<number, GoalInPlace>(),
    "second-half": new Map<number, GoalInPlace>(),
  };
  const placed = (half: Half, index: number): GoalInPlace => {
    const { classIndex, goalId, plants } = candidates[index]!;
    const there = known[half].get(kindOf[index]!);
    if (there) return there;
    const { goal } = setting.findGoal(goalId)!;
    const found = { goal, positions: positionsInHalf(classes[classIndex]!.shape, goal, half, plants) };
    known[half].set(kindOf[index]!, found);
    return found;
  };
  const shares = { "first-half": new Map<number, number>(), "second-half": new Map<number, number>() };
  return (index, half, other) => {
    const pair = kindOf[index]! * alike.size + kindOf[other]!;
    const share = shares[half].get(pair) ?? shadeAcross(placed(half, index), placed(otherHalf(half), other));
    shares[half].set(pair, share);
    return share;
  };
}
