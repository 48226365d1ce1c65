import type { Stages } from "../calendar";
import type { Goal } from "../crop";
import { addDays, type Day, daysBetween } from "../day";
import type { Pick } from "./picks";

/**
 * What comes to the table of a planting and when. What is picked again and again is eaten as long as each pick keeps;
 * what is picked once is taken as it is wanted while it stands ready, and keeps from then on. Eaten evenly, week by week.
 *
 * @param picks up to then, from `picksOf`; @param to the last day on which it stands
 * @returns helpings by day of the week's beginning, not in order; together they are the picks up to that day
 */
export function tableOf(goal: Goal, stages: Stages, picks: readonly Pick[], to: Day): Pick[] {
  const { firstPick, lastPick } = stages;
  const stands = firstPick && lastPick ? daysBetween(firstPick.likely, lastPick.likely) : 0;
  return picks.flatMap(({ day, g }) => {
    const ready = goal.picking.pattern === "once" ? Math.min(stands, daysBetween(day, to)) : 0;
    const weeks = 1 + Math.floor((ready + goal.keepsDays) / 7);
    return Array.from({ length: weeks }, (_, week) => ({ day: addDays(day, 7 * week), g: g / weeks }));
  });
}
