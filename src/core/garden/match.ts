import { judgeSeason, nextSowing, type Season } from "../calendar";
import type { Crop, Goal, Method, Where } from "../crop";
import type { Day } from "../day";
import { inForce } from "../school";
import { type Fit, fit, rankMethods, surfaceFor } from "../fit";
import { sunWhile } from "./light";
import type { BagThing } from "./plan";
import { shapeOf, type Setting } from "./setting";
import { chooseStart, type Start } from "./start";

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
  return fit({
    goal: line.goal,
    shape,
    where: cell.where,
    sunHours: sunWhile(cell.season, setting),
    season: cell.season,
    nextSowing: next,
    schools: inForce(setting.schools),
  });
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
    const judge = (method: Method) => {
      const season = seasons.get(method) ?? judgeSeason(crop, goal, method, sowOn, setting.climate);
      seasons.set(method, season);
      return season;
    };
    const starts = new Map<Where, Start | undefined>();
    const startOn = (where: Where): Start | undefined => {
      if (!starts.has(where))
        starts.set(where, chooseStart(rankMethods(goal, where, schools.start, setting.hands), judge));
      return starts.get(where);
    };
    const usual = startOn(goal.where.includes("top") ? "top" : "side");
    if (!usual) return [];
    const cells = bags.flatMap((bag): MatchCell[] => {
      const shape = shapeOf(bag, setting);
      const where = shape && surfaceFor(goal, shape);
      const start = where && startOn(where);
      if (!start) return [];
      const ask = { goal, shape, sunHours: sunWhile(start.season, setting), schools };
      const own = fit({ ...ask, where, season: start.season });
      const cell = { bagId: bag.id, where, ...start, fit: own };
      if (where !== "side" || !goal.where.includes("top") || goal.stand.type !== "plants") return [cell];
      const claimedL = (own.plants ?? 0) * goal.stand.soilL.least;
      return [
        {
          ...cell,
          top: fit({
            ...ask,
            sunHours: sunWhile(usual.season, setting),
            where: "top",
            season: usual.season,
            claimedL,
          }),
        },
      ];
    });
    return [{ crop, goal, ...usual, cells }];
  });
}
