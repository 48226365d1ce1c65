import { judgeSeason, nextSowing, type Season } from "../calendar";
import type { Crop, Goal, Where } from "../crop";
import type { Day } from "../day";
import { inForce } from "../school";
import { chooseMethod, type Fit, fit, type MethodChoice, surfaceFor } from "../fit";
import { shapeOf, type Setting } from "./assess";
import type { BagThing } from "./plan";

export interface MatchCell {
  readonly bagId: string;
  readonly where: Where;
  readonly fit: Fit;
  /** Where the side holes take the goal: what the top takes besides, with the soil that is left. */
  readonly top?: Fit;
}

/** One crop and goal against every bag; bags that have no surface for it are missing. */
export interface MatchLine {
  readonly crop: Crop;
  readonly goal: Goal;
  readonly choice: MethodChoice;
  readonly season: Season;
  readonly cells: readonly MatchCell[];
}

/** One cell opened up: its verdict with the next right sowing day among its fixes, which takes too long to find for all. */
export function openCell(line: MatchLine, cell: MatchCell, bag: BagThing, sowOn: Day, setting: Setting): Fit {
  const shape = shapeOf(bag, setting);
  if (!shape || line.season.grade === "right") return cell.fit;
  const next = nextSowing(line.crop, line.goal, line.choice.method, sowOn, setting.climate);
  return fit({ goal: line.goal, shape, where: cell.where, sunHours: setting.sunHours, season: line.season, nextSowing: next, schools: inForce(setting.schools) });
}

/** Every goal against every bag for one sowing day. The season is judged once for a goal, since bags do not change it. */
export function matchAll(
  goals: readonly { crop: Crop; goal: Goal }[],
  bags: readonly BagThing[],
  sowOn: Day,
  setting: Setting,
): MatchLine[] {
  const schools = inForce(setting.schools);
  return goals.flatMap(({ crop, goal }) => {
    const choice = chooseMethod(goal, "top", schools.start) ?? chooseMethod(goal, "side", schools.start);
    if (!choice) return [];
    const season = judgeSeason(crop, goal, choice.method, sowOn, setting.climate);
    const cells = bags.flatMap((bag) => {
      const shape = shapeOf(bag, setting);
      const where = shape && surfaceFor(goal, shape);
      if (!where) return [];
      const ask = { goal, shape, sunHours: setting.sunHours, season, schools };
      const own = fit({ ...ask, where });
      if (where !== "side" || !goal.where.includes("top") || goal.stand.type !== "plants") return [{ bagId: bag.id, where, fit: own }];
      const claimedL = (own.plants ?? 0) * goal.stand.soilL.least;
      return [{ bagId: bag.id, where, fit: own, top: fit({ ...ask, where: "top", claimedL }) }];
    });
    return [{ crop, goal, choice, season, cells }];
  });
}
