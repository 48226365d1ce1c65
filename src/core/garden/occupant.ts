import { Course, courseOf, type Stay } from "../course";
import { byPacket, type Crop, type Goal } from "../crop";
import { type Day, dayOf } from "../day";
import { methodsFor, rankMethods } from "../fit";
import type { Planting } from "../plan";
import { whereOf } from "../placement";
import type { SchoolsInForce } from "../school";
import type { Setting } from "../setting";

/** A planting as it takes its place in a bag: what the library knows of it, and its course. */
export interface Occupant {
  /** As it stands: without the plants that were lost. */
  readonly planting: Planting;
  readonly planned: Planting;
  readonly goal: Goal;
  readonly crop: Crop;
  /** Why it is started as it is, see `rankMethods`. */
  readonly why: string;
  readonly course: Course;
}

/** Undefined for a goal that the library no longer has. */
export function occupantOf(
  planting: Planting,
  setting: Setting,
  schools: SchoolsInForce,
): Occupant | undefined {
  const found = setting.findGoal(planting.goalId);
  if (!found) return undefined;

  const real = setting.happened?.[planting.id];
  const { crop } = found;
  const goal = byPacket(found.goal, real?.packetDays ?? planting.packet?.days);
  const where = whereOf(planting.surface);
  const ranked = rankMethods(goal, where, schools.start, setting.hands);
  const choice = ranked.find((c) => c.method.method === planting.method);
  const method = choice?.method ?? methodsFor(goal, where)[0] ?? goal.methods[0];
  if (!method) return undefined;
  const { sowOn, outBy, plants } = planting;
  const course = courseOf({ crop, goal, method, sowOn, outBy, real }, setting);
  const standing = plants !== null && real?.lost ? { ...planting, plants: plants - real.lost } : planting;
  return { planting: standing, planned: planting, crop, goal, why: choice?.why ?? method.why, course };
}

/** Whether two stand in a bag at the same time; one that comes in on the day that the other goes does not. */
export const overlaps = (a: { readonly course: Stretch }, b: { readonly course: Stretch }): boolean =>
  a.course.from < b.course.to && b.course.from < a.course.to;

/** First and last day of something, as numbers. */
export type Stretch = Pick<Course, "from" | "to">;

/** A stretch in calendar dates. */
export const stayOf = ({ from, to }: Stretch): Stay => ({ from: dayOf(from), to: dayOf(to) });

/** Whether a day, as text, lies in a stay. */
export const liesIn = (day: Day, { from, to }: Stay): boolean => from <= day && day <= to;
