import { judgeSeason, nextSowing, type Season } from "../calendar";
import type { Crop, Goal, Method, Where } from "../crop";
import type { Day } from "../day";
import { inForce } from "../school";
import { chooseMethod, type Fit, fit, type MethodChoice, surfaceFor } from "../fit";
import { shapeOf, type Setting } from "./assess";
import type { BagThing } from "./plan";

/** How a goal is started on a surface, and what the season says to that. */
interface Start {
  readonly choice: MethodChoice;
  readonly season: Season;
}

export interface MatchCell extends Start {
  readonly bagId: string;
  readonly where: Where;
  readonly fit: Fit;
  /** Where the side holes take the goal: what the top takes besides, with the soil that is left. */
  readonly top?: Fit;
}

/** One crop and goal against every bag; bags that have no surface for it are missing. Its start is that on the usual surface. */
export interface MatchLine extends Start {
  readonly crop: Crop;
  readonly goal: Goal;
  readonly cells: readonly MatchCell[];
}

/** One cell opened up: its verdict with the next right sowing day among its fixes, which takes too long to find for all. */
export function openCell(line: MatchLine, cell: MatchCell, bag: BagThing, sowOn: Day, setting: Setting): Fit {
  const shape = shapeOf(bag, setting);
  if (!shape || cell.season.grade === "right") return cell.fit;
  const next = nextSowing(line.crop, line.goal, cell.choice.method, sowOn, setting.climate);
  return fit({ goal: line.goal, shape, where: cell.where, sunHours: setting.sunHours, season: cell.season, nextSowing: next, schools: inForce(setting.schools) });
}

/** Every goal against every bag for one sowing day. The season is judged once for each way to start, since bags do not change it. */
export function matchAll(
  goals: readonly { crop: Crop; goal: Goal }[],
  bags: readonly BagThing[],
  sowOn: Day,
  setting: Setting,
): MatchLine[] {
  const schools = inForce(setting.schools);
  return goals.flatMap(({ crop, goal }) => {
    const seasons = new Map<Method, Season>();
    const startOn = (where: Where): Start | undefined => {
      const choice = chooseMethod(goal, where, schools.start);
      if (!choice) return undefined;
      const season = seasons.get(choice.method) ?? judgeSeason(crop, goal, choice.method, sowOn, setting.climate);
      seasons.set(choice.method, season);
      return { choice, season };
    };
    const usual = startOn(goal.where.includes("top") ? "top" : "side");
    if (!usual) return [];
    const cells = bags.flatMap((bag): MatchCell[] => {
      const shape = shapeOf(bag, setting);
      const where = shape && surfaceFor(goal, shape);
      const start = where && startOn(where);
      if (!start) return [];
      const ask = { goal, shape, sunHours: setting.sunHours, schools };
      const own = fit({ ...ask, where, season: start.season });
      const cell = { bagId: bag.id, where, ...start, fit: own };
      if (where !== "side" || !goal.where.includes("top") || goal.stand.type !== "plants") return [cell];
      const claimedL = (own.plants ?? 0) * goal.stand.soilL.least;
      return [{ ...cell, top: fit({ ...ask, where: "top", season: usual.season, claimedL }) }];
    });
    return [{ crop, goal, ...usual, cells }];
  });
}
