import type { SeasonReason } from "../calendar";
import { type Day, daysBetween } from "../day";
import type { PlantingView, RowView } from "./assess";
import { isSilent, silentSince } from "./silent";

/** What the records change about a planting, or ask about it. */
export type Heard = { readonly plantingId: string; readonly goalId: string } & (
  | { readonly code: "silent"; readonly day: Day }
  | { readonly code: "ended"; readonly day: Day }
  | { readonly code: "lost"; readonly lost: number; readonly of: number }
  /** Its first pick has moved by so many days, sooner for fewer than none. */
  | { readonly code: "moved"; readonly days: number; readonly now: Day; readonly was: Day }
  /** It stands, and will not make it. `on`: which day of how many it is, where a first pick would come at all. */
  | {
      readonly code: "too-late";
      readonly reason: SeasonReason;
      readonly on?: { readonly day: number; readonly of: number; readonly pick: Day };
    }
);

/** Dates differ by less than this on any packet. */
const WORTH_TELLING_DAYS = 3;

/** Reasons of the season that no patience mends once a planting stands. */
const HOPELESS = new Set<SeasonReason["code"]>([
  "never-ripens",
  "frost-first",
  "nights-too-cold",
  "stands-still",
  "sets-nothing",
  "bolts-first",
  "days-too-long",
  "days-too-short",
]);

function tooLate({ season, planting, goal }: PlantingView, today: Day): Heard | undefined {
  if (season.grade !== "wrong" || !HOPELESS.has(season.reason.code)) return undefined;
  const { sow, firstPick } = season.stages;
  const on = firstPick && {
    day: Math.max(0, daysBetween(sow, today)),
    of: daysBetween(sow, firstPick.likely),
    pick: firstPick.likely,
  };
  return { plantingId: planting.id, goalId: goal.id, code: "too-late", reason: season.reason, on };
}

/** What the records say of a row's plantings on a day: what is silent, lost, over, later or sooner than planned, or too late. */
export function heardOf({ plantings, setting }: RowView, today: Day): Heard[] {
  return plantings.flatMap((p): Heard[] => {
    const { planting, real, planned, season, stay } = p;
    const who = { plantingId: planting.id, goalId: p.goal.id };
    if (isSilent(silentSince(p, setting), today) && stay.to >= today)
      return [{ ...who, code: "silent", day: planting.sowOn }];
    if (!real) return [];
    if (real.endedOn) return [{ ...who, code: "ended", day: real.endedOn }];
    const lost: Heard[] =
      real.lost && planting.plants ? [{ ...who, code: "lost", lost: real.lost, of: planting.plants }] : [];
    if (real.pickedOn) return lost;
    const late = tooLate(p, today);
    if (late) return [...lost, late];
    const [now, was] = [season.stages.firstPick?.likely, planned?.firstPick?.likely];
    const days = now && was ? daysBetween(was, now) : 0;
    return now && was && Math.abs(days) >= WORTH_TELLING_DAYS
      ? [...lost, { ...who, code: "moved", days, now, was }]
      : lost;
  });
}
