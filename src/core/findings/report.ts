import type { Weighing } from "../record";
import { type Became, becameOf } from "./became";
import { type Beside, besideOf } from "./beside";
import { type Calibrated, calibrationOf, type Foretold, widening } from "./calibration";
import { type Drive, drivesOf } from "./drivers";
import { type Gave, gaveOf } from "./gave";
import { groupBy } from "./group";
import { toldBy } from "./harvest";
import type { Line } from "./line";
import { type Losses, lossesOf } from "./losses";
import { type Count, type Estimate, shareOfAll } from "./share";
import { type Asked, END, heardUntil, PICK, type Timing, timingOf, UP, waitOf } from "./timing";

/** What a programme's own values make of a goal's shipped ones, as ratios: what was expected is held against the shipped library, so that what was taken from records once is not taken twice. */
export interface Scales {
  readonly up: number;
  readonly pick: number;
  readonly harvest: number;
}
export const AS_SHIPPED: Scales = { up: 1, pick: 1, harvest: 1 };

/** What is known of one goal. */
export interface GoalReport {
  readonly goalId: string;
  readonly cropId: string;
  readonly plantings: number;
  readonly households: number;
  readonly up?: Timing;
  readonly pick?: Timing;
  /** Until it was pulled. */
  readonly end?: Timing;
  readonly cameUp?: Estimate & { readonly seeds: number };
  readonly losses?: Losses;
  readonly became?: Became;
  readonly gave?: Gave;
  readonly drives: readonly Drive[];
  readonly beside: readonly Beside[];
}

/**
 * What a programme's records say, by goal, those with the most plantings first.
 *
 * @param weighings what bunches and pieces weigh
 * @param scalesOf what the programme's own values make of a goal's
 */
export function reportsOf(
  lines: readonly Line[],
  weighings: readonly Weighing[],
  scalesOf: (goalId: string) => Scales = () => AS_SHIPPED,
): GoalReport[] {
  const heard = heardUntil(lines);
  const goals = [...groupBy(lines, (l) => l.goalId)].sort(
    ([a, ours], [b, theirs]) => theirs.length - ours.length || a.localeCompare(b),
  );
  return goals.map(([goalId, own]) => {
    const scales = scalesOf(goalId);
    const weighed = weighings.filter((w) => w.goalId === goalId);
    return {
      ...{ goalId, cropId: own[0]?.cropId ?? goalId, plantings: own.length },
      households: new Set(own.map((l) => l.householdId)).size,
      up: timingOf(own, UP, { heard, scale: scales.up }),
      pick: timingOf(own, PICK, { heard, scale: scales.pick }),
      end: timingOf(own, END, { heard, scale: scales.pick }),
      cameUp: cameUpOf(own),
      losses: lossesOf(own),
      became: becameOf(own, heard),
      gave: gaveOf(own, { weighings: weighed, scale: scales.harvest }),
      drives: drivesOf(own, weighed),
      beside: besideOf(own, { heard, weighings: weighed }),
    };
  });
}

/** How much of the seed came up, where it was counted. */
function cameUpOf(lines: readonly Line[]): GoalReport["cameUp"] {
  const counted = lines.filter((l) => l.seeds > 0);
  if (counted.length === 0) return undefined;
  const seeds = [...groupBy(counted, (l) => l.householdId).values()].map((own): Count => ({
    k: own.reduce((sum, l) => sum + l.ups, 0),
    n: own.reduce((sum, l) => sum + l.seeds, 0),
  }));
  return { ...shareOfAll(seeds), seeds: seeds.reduce((sum, { n }) => sum + n, 0) };
}

/** Days to up, days to a first pick and harvests as they were expected, against what came: whether four ranges of five held. */
export function calibrations(
  lines: readonly Line[],
  weighings: readonly Weighing[],
): Record<"up" | "pick" | "harvest", Calibrated> {
  const heard = heardUntil(lines);
  const days = (asked: Asked): Foretold[] =>
    lines.flatMap((line) => {
      const [wait, expected] = [waitOf(line, asked, heard), asked.expected(line)];
      return wait?.isOver && expected ? [{ expected, real: wait.days }] : [];
    });
  const harvests = toldBy(lines, weighings).map(({ expected, kg }): Foretold => ({ expected, real: kg }));
  const calibrated = (all: readonly Foretold[]): Calibrated => ({
    held: calibrationOf(all),
    widen: widening(all),
  });
  return { up: calibrated(days(UP)), pick: calibrated(days(PICK)), harvest: calibrated(harvests) };
}
