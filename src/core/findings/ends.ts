import { groupBy } from "./group";

/** How long a planting was watched, and what it came to: one of several ends, or none yet. */
export interface Ended<E extends string> {
  readonly days: number;
  readonly end: E | null;
}

/** Shares that came to each end by the end of a day. */
export interface EndStep<E extends string> {
  readonly day: number;
  readonly shares: Readonly<Partial<Record<E, number>>>;
}

/**
 * What plantings come to, where one end shuts out the others: the estimate of Aalen and Johansen (1978). A planting that
 * was lost is not one that still waits for its first pick.
 */
export function endsByDay<E extends string>(watched: readonly Ended<E>[]): EndStep<E>[] {
  const days = [...groupBy(watched, (w) => w.days)].sort(([a], [b]) => a - b);
  let [left, atRisk] = [1, watched.length];
  let shares: Partial<Record<E, number>> = {};
  return days.flatMap(([day, here]) => {
    const [before, each] = [atRisk, left / atRisk];
    atRisk = before - here.length;
    const ended = here.flatMap(({ end }) => end ?? []);
    if (ended.length === 0) return [];
    const now: Partial<Record<E, number>> = { ...shares };
    for (const end of ended) now[end] = (now[end] ?? 0) + each;
    left -= each * ended.length;
    shares = now;
    return [{ day, shares }];
  });
}
