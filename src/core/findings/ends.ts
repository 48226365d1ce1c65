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
  const days = [...new Set(watched.flatMap((w) => (w.end ? [w.days] : [])))].sort((a, b) => a - b);
  let left = 1;
  let shares: Partial<Record<E, number>> = {};
  return days.map((day) => {
    const atRisk = watched.filter((w) => w.days >= day).length;
    const before = left;
    const now: Partial<Record<E, number>> = { ...shares };
    for (const { end } of watched.filter((w) => w.days === day)) {
      if (end === null) continue;
      now[end] = (now[end] ?? 0) + before / atRisk;
      left -= before / atRisk;
    }
    shares = now;
    return { day, shares };
  });
}
