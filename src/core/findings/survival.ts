import normalQuantile from "@stdlib/stats-base-dists-normal-quantile";
import { groupBy } from "./group";

/** How long something took, or how long somebody has waited for it so far, days. */
export interface Wait {
  readonly days: number;
  readonly isOver: boolean;
}

/** Of what still waits, on a day on which something happened or on which a wait breaks off. */
export interface Step {
  readonly day: number;
  /** So many were watched until that day. */
  readonly atRisk: number;
  readonly happened: number;
  readonly brokeOff: number;
  /** Share for which it had not happened by the end of that day, and its interval. */
  readonly share: number;
  readonly low: number;
  readonly high: number;
}

const z95 = normalQuantile(0.975, 0, 1);

/**
 * The share that still waits, day by day: Kaplan and Meier's estimate (1958) with Greenwood's variance and an interval on
 * the logarithm. Those that still wait count for as long as they were watched.
 *
 * @returns a step for each day on which anything is known, in order
 */
export function survival(waits: readonly Wait[]): Step[] {
  const days = [...groupBy(waits, (w) => w.days)].sort(([a], [b]) => a - b);
  let [share, variance, left] = [1, 0, waits.length];
  return days.map(([day, here]) => {
    const atRisk = left;
    left -= here.length;
    const happened = here.filter((w) => w.isOver).length;
    share *= 1 - happened / atRisk;
    if (happened < atRisk) variance += happened / (atRisk * (atRisk - happened));
    const off = z95 * Math.sqrt(variance);
    return {
      day,
      atRisk,
      happened,
      brokeOff: here.length - happened,
      share,
      low: share === 0 ? 0 : share * Math.exp(-off),
      high: share === 0 ? 0 : Math.min(1, share * Math.exp(off)),
    };
  });
}

/** The day by which it has happened for a share of all, with its interval; undefined where that day has not come. */
export interface DayBy {
  readonly day?: number;
  readonly low?: number;
  readonly high?: number;
}

const NEAR = 1e-9;

/**
 * The first day on which no more than `1 - share` still wait. Where that is so exactly for a while, the middle of that
 * while. The interval is where the curve's own interval crosses (Brookmeyer and Crowley 1982).
 */
export function dayBy(steps: readonly Step[], share: number): DayBy {
  const left = 1 - share;
  const crosses = (of: (step: Step) => number): number | undefined => {
    const at = steps.findIndex((step) => of(step) <= left + NEAR);
    const step = steps[at];
    if (!step) return undefined;
    const next = steps.slice(at + 1).find((later) => later.happened > 0);
    return Math.abs(of(step) - left) <= NEAR && next ? (step.day + next.day) / 2 : step.day;
  };
  return { day: crosses((s) => s.share), low: crosses((s) => s.low), high: crosses((s) => s.high) };
}

/** The share that still waits on a day. */
export const shareOn = (steps: readonly Step[], day: number): number =>
  steps.findLast((step) => step.day <= day)?.share ?? 1;
