import type { Goal } from "./crop";

/** A goal as a packet promises it: its days to the first pick, spread as those of the library are. @param days counted as the goal's own are, from sowing or from planting out */
export function byPacket(goal: Goal, days: number | undefined): Goal {
  if (days === undefined) return goal;
  const { low, likely, high } = goal.days.window;
  const window = {
    low: Math.max(1, Math.round((days * low) / likely)),
    likely: days,
    high: Math.round((days * high) / likely),
  };
  return { ...goal, days: { ...goal.days, window } };
}
