/** A stretch of sun by the clock, as it is typed. */
interface Typed {
  readonly from: string;
  readonly to: string;
}

/** A time of day as it is typed, `07:30`. */
export const CLOCK = /^([01]\d|2[0-3]):[0-5]\d$/;

/** Whether a stretch is typed whole, and ends after it begins. */
export const isStretch = ({ from, to }: Typed): boolean => CLOCK.test(from) && CLOCK.test(to) && from < to;

const hour = (clock: string) => Number(clock.slice(0, 2)) + Number(clock.slice(3)) / 60;

/** Hours of direct sun in a day; stretches that overlap are counted once. */
export function sunHours(windows: readonly Typed[]): number {
  let sum = 0;
  let until = 0;
  for (const w of [...windows].sort((a, b) => a.from.localeCompare(b.from))) {
    sum += Math.max(0, hour(w.to) - Math.max(until, hour(w.from)));
    until = Math.max(until, hour(w.to));
  }
  return sum;
}

/** Stretches of sun as hours on the clock, 13.5 for half past one. */
export const seenHours = (windows: readonly Typed[]) =>
  windows.map((w) => ({ from: hour(w.from), to: hour(w.to) }));
