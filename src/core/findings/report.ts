import type { Weighing } from "../record";
import { type Calibrated, calibrationOf, type Foretold, widening } from "./calibration";
import { type Drive, drivesOf } from "./drivers";
import { type Gave, gaveOf } from "./gave";
import { groupBy } from "./group";
import { toldBy } from "./harvest";
import type { Line } from "./line";
import { logRank } from "./log-rank";
import { type Losses, lossesOf } from "./losses";
import { type Count, type Estimate, shareOfAll } from "./share";
import { dayBy, survival } from "./survival";
import {
  type Asked,
  type Became,
  becameOf,
  heardUntil,
  type HeardUntil,
  PICK,
  type Timing,
  timingOf,
  UP,
  waitOf,
} from "./timing";

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
  readonly cameUp?: Estimate & { readonly seeds: number };
  readonly losses?: Losses;
  readonly became?: Became;
  readonly gave?: Gave;
  readonly drives: readonly Drive[];
  /** By the year of sowing, the latest first; left out where there is one alone. */
  readonly seasons: readonly Season[];
  /** How often chance alone makes seasons as unlike in their days to the first pick. */
  readonly seasonsP?: number;
}

/** One season of a goal. */
export interface Season {
  readonly year: number;
  readonly plantings: number;
  readonly pickDays?: number;
  /** kg a planting, the middle. */
  readonly kg?: number;
}

/** Seasons of a goal beside each other, and whether they differ in their days to the first pick by more than chance (log-rank). */
function seasonsOf(
  lines: readonly Line[],
  { heard, weighings }: { readonly heard: HeardUntil; readonly weighings: readonly Weighing[] },
): Pick<GoalReport, "seasons" | "seasonsP"> {
  const years = [
    ...groupBy(
      lines.filter((l) => l.sownOn !== null),
      (l) => Number(l.sownOn?.slice(0, 4)),
    ),
  ].sort((a, b) => b[0] - a[0]);
  if (years.length < 2) return { seasons: [] };
  const waits = years.map(([, own]) => own.flatMap((l) => waitOf(l, PICK, heard) ?? []));
  const test = logRank(waits);
  return {
    seasons: years.map(([year, own], i): Season => {
      const pickDays = dayBy(survival(waits[i] ?? []), 0.5).day;
      const kg = gaveOf(own, { weighings, scale: 1 })?.middle;
      return {
        ...{ year, plantings: own.length },
        ...(pickDays !== undefined && { pickDays }),
        ...(kg !== undefined && { kg }),
      };
    }),
    ...(test && { seasonsP: test.p }),
  };
}

/**
 * What a programme's records say, by goal, those with the most plantings first.
 *
 * @param weighings what bunches and pieces weigh
 * @param scalesOf what the programme's own values make of a goal's
 */
export function reportOf(
  lines: readonly Line[],
  weighings: readonly Weighing[],
  scalesOf: (goalId: string) => Scales = () => AS_SHIPPED,
): GoalReport[] {
  const heard = heardUntil(lines);
  return [...groupBy(lines, (l) => l.goalId)]
    .map(([goalId, own]): GoalReport => {
      const scales = scalesOf(goalId);
      const weighed = weighings.filter((w) => w.goalId === goalId);
      const counted = own.filter((l) => l.seeds > 0);
      const seeds = [...groupBy(counted, (l) => l.householdId).values()].map((all): Count => ({
        k: all.reduce((sum, l) => sum + l.ups, 0),
        n: all.reduce((sum, l) => sum + l.seeds, 0),
      }));
      return {
        goalId,
        cropId: own[0]?.cropId ?? goalId,
        plantings: own.length,
        households: new Set(own.map((l) => l.householdId)).size,
        up: timingOf(own, UP, { heard, scale: scales.up }),
        pick: timingOf(own, PICK, { heard, scale: scales.pick }),
        ...(seeds.length > 0 && {
          cameUp: { ...shareOfAll(seeds), seeds: seeds.reduce((sum, { n }) => sum + n, 0) },
        }),
        losses: lossesOf(own),
        became: becameOf(own, heard),
        gave: gaveOf(own, { weighings: weighed, scale: scales.harvest }),
        drives: drivesOf(own, weighed),
        ...seasonsOf(own, { heard, weighings: weighed }),
      };
    })
    .sort((a, b) => b.plantings - a.plantings || a.goalId.localeCompare(b.goalId));
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
