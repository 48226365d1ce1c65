import { judgeSeason } from "../calendar";
import type { Crop, Goal } from "../crop";
import type { Day } from "../day";
import { fit, GRADES, rankMethods, surfaceFor } from "../fit";
import type { RowView } from "./assess";
import { type MatchLine, matchAll } from "./match";
import { sunWhile } from "./light";
import type { BagThing, Planting } from "./plan";
import type { Setting } from "./setting";
import { chooseStart } from "./start";

/** A goal as it would be planted in a row from a day: on its better surface, by its method, as many as reach good. */
export function plantingOf({ crop, goal }: { crop: Crop; goal: Goal }, row: RowView, sowOn: Day, setting: Setting): Omit<Planting, "id"> | undefined {
  const surface = surfaceFor(goal, row.shape);
  const start = surface && chooseStart(rankMethods(goal, surface, row.schools.start, setting.hands), (method) => judgeSeason(crop, goal, method, sowOn, setting.climate));
  if (!start) return undefined;
  const { choice, season } = start;
  const { plants } = fit({ goal, shape: row.shape, gapCm: row.gapCm, where: surface, sunHours: sunWhile(season, setting), season, schools: row.schools });
  return { goalId: goal.id, surface, method: choice.method.method, plants: plants ?? null, sowOn };
}

/** What a bag could take from a day on: the goal that fits best, the one that is picked first among equals. */
export function suggestGoal(goals: readonly { crop: Crop; goal: Goal }[], bag: BagThing, sowOn: Day, setting: Setting): { crop: Crop; goal: Goal } | undefined {
  const meal = (line: MatchLine) => line.cells[0]?.season.stages.firstPick?.likely ?? "9";
  const grade = (line: MatchLine) => GRADES.indexOf(line.cells[0]!.fit.grade);
  return matchAll(goals, [bag], sowOn, setting)
    .filter((line) => line.cells.length > 0)
    .sort((a, b) => grade(a) - grade(b) || meal(a).localeCompare(meal(b)))[0];
}
