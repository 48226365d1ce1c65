import type { Weighing } from "../record";
import { isClaimed } from "./claims";
import { middleKgOf } from "./gave";
import { groupBy } from "./group";
import type { Line } from "./line";
import { logRank } from "./log-rank";
import { type DayBy, dayBy, survival } from "./survival";
import { type HeardUntil, PICK, waitOf } from "./timing";
import { WAY_NAMES, type WayName, wayOf } from "./ways";

/** Plantings of a goal that were grown one way. */
export interface Group {
  readonly way: string;
  readonly plantings: number;
  readonly households: number;
  /** Days to the first pick, by which half have come. */
  readonly pick: DayBy;
  /** kg a planting, the middle. */
  readonly kg?: number;
}

/** Plantings of a goal grown one way beside those grown another, as they are: households are not held apart. */
export interface Beside {
  readonly by: WayName;
  readonly groups: readonly Group[];
  /** How often chance alone makes groups as unlike in their days to the first pick (log-rank); undefined where nothing can be compared. */
  readonly p?: number;
  /** Whether they differ by more than chance gives anywhere among all that stand beside each other for this goal (Bonferroni). */
  readonly differ: boolean;
}

/** Plantings of one goal beside each other, for each kind of way in which they differ; seasons with the latest first. */
export function besideOf(
  lines: readonly Line[],
  { heard, weighings }: { readonly heard: HeardUntil; readonly weighings: readonly Weighing[] },
): Beside[] {
  const sown = lines.filter((l) => l.sownOn !== null);
  const all = WAY_NAMES.flatMap((by) => {
    const known = sown.filter((line) => wayOf(by, line) !== null);
    const ways = [...groupBy(known, (line) => wayOf(by, line) ?? "")].sort(([a], [b]) => a.localeCompare(b));
    if (ways.length < 2) return [];
    if (by === "season") ways.reverse();
    const waits = ways.map(([, own]) => own.flatMap((l) => waitOf(l, PICK, heard) ?? []));
    return [
      {
        by,
        p: logRank(waits)?.p,
        groups: ways.map(([way, own], i): Group => {
          const kg = middleKgOf(own, weighings);
          return {
            ...{ way, plantings: own.length, households: new Set(own.map((l) => l.householdId)).size },
            pick: dayBy(survival(waits[i] ?? []), 0.5),
            ...(kg !== undefined && { kg }),
          };
        }),
      },
    ];
  });
  const tests = all.filter(({ p }) => p !== undefined).length;
  return all.map(({ by, p, groups }) => ({
    ...{ by, groups },
    ...(p !== undefined && { p }),
    differ: p !== undefined && isClaimed(p, tests),
  }));
}
