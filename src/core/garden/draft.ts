import { standsFrom } from "../canopy";
import { judgeSeason, type Season } from "../calendar";
import type { Crop, Goal, Method } from "../crop";
import { addDays, type Day } from "../day";
import { methodsFor, rankMethods } from "../fit";
import { whereOf } from "../placement";
import type { SchoolsInForce } from "../school";
import type { Planting } from "./plan";
import type { Setting } from "./setting";

/** A planting with what the library knows of it, and when it stands in its bag. */
export interface Draft {
  readonly planting: Planting;
  readonly crop: Crop;
  readonly goal: Goal;
  readonly method: Method;
  readonly why: string;
  readonly season: Season;
  readonly stay: Stay;
}

export interface Stay {
  readonly from: Day;
  readonly to: Day;
}

/** A planting that never ripens is pulled after this long. Memory. */
const GIVEN_UP_DAYS = 60;

/** From when to when a planting takes its place in the bag: to its last pick, or to the day that it is to be out by. */
function stayOf({ stages }: Season, outBy: Day | undefined): Stay {
  const from = standsFrom(stages);
  const to = stages.lastPick?.likely ?? stages.firstPick?.likely ?? addDays(from, GIVEN_UP_DAYS);
  return { from, to: outBy !== undefined && outBy < to ? (outBy > from ? outBy : from) : to };
}

/** Undefined for a goal that the library no longer has. */
export function draftOf(planting: Planting, setting: Setting, schools: SchoolsInForce): Draft | undefined {
  const found = setting.findGoal(planting.goalId);
  if (!found) return undefined;
  const { crop, goal } = found;
  const where = whereOf(planting.surface);
  const ranked = rankMethods(goal, where, schools.start, setting.hands);
  const choice = ranked.find((c) => c.method.method === planting.method);
  const method = choice?.method ?? methodsFor(goal, where)[0] ?? goal.methods[0]!;
  const season = judgeSeason(crop, goal, method, planting.sowOn, setting.climate);
  return {
    planting,
    crop,
    goal,
    method,
    why: choice?.why ?? method.why,
    season,
    stay: stayOf(season, planting.outBy),
  };
}

export const overlaps = (a: { readonly stay: Stay }, b: { readonly stay: Stay }) =>
  a.stay.from < b.stay.to && b.stay.from < a.stay.to;
