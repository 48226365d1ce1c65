import { type Course, courseOf } from "../course";
import type { Crop, Goal, Method } from "../crop";
import type { Day } from "../day";
import { chooseStart, fit, GRADES, rankMethods, surfaceFor } from "../fit";
import { whereOf } from "../placement";
import type { RowView } from "../garden";
import { type MatchLine, matchAll } from "./match";
import { type BagThing, halfOf, type Planting } from "../plan";
import type { Setting } from "../setting";
import { known } from "../known";

/** Plants of a ring round others: as many as are usual at canes. Common practice. */
const ROUND_THE_EDGE = 4;

/**
 * A goal as it would be planted in a row from a day: on its better surface or the one that is asked for, by its method,
 * as many as reach good. Undefined when it does not grow there.
 */
export function plantingOf(
  { crop, goal, on }: { readonly crop: Crop; readonly goal: Goal; readonly on?: Planting["surface"] },
  row: RowView,
  sowOn: Day,
  setting: Setting,
): Omit<Planting, "id"> | undefined {
  const where = on === undefined ? surfaceFor(goal, row.shape) : whereOf(on);
  if (where && !goal.where.includes(where)) return undefined;
  const courses = new Map<Method, Course>();
  const judge = (method: Method) => {
    const course = courseOf({ crop, goal, method, sowOn }, setting);
    courses.set(method, course);
    return course.season;
  };
  const start = where && chooseStart(rankMethods(goal, where, row.schools.start, setting.hands), judge);
  const course = start && courses.get(start.choice.method);
  if (!course) return undefined;
  const { choice, season } = start;
  const surface = on === "edge" && goal.stand.type === "dense" ? "top" : (on ?? where);
  const { plants } = fit({
    goal,
    shape: row.shape,
    gapCm: row.gapCm,
    where,
    half: halfOf({ surface }),
    lightMol: course.lightMol,
    season,
    schools: row.schools,
  });
  const count = surface === "edge" && plants !== undefined ? Math.min(plants, ROUND_THE_EDGE) : plants;
  return { goalId: goal.id, surface, method: choice.method.method, plants: count ?? null, sowOn };
}

/** What a bag could take from a day on: the goal that fits best, the one that is picked first among equals. */
export function suggestGoal(
  goals: readonly { crop: Crop; goal: Goal }[],
  bag: BagThing,
  sowOn: Day,
  setting: Setting,
): { crop: Crop; goal: Goal } | undefined {
  const meal = (line: MatchLine) => line.cells[0]?.season.stages.firstPick?.likely ?? "9";
  const grade = (line: MatchLine) => GRADES.indexOf(known(line.cells[0]).fit.grade);
  return matchAll(goals, [bag], sowOn, setting)
    .filter((line) => line.cells.length > 0)
    .sort((a, b) => grade(a) - grade(b) || meal(a).localeCompare(meal(b)))[0];
}
