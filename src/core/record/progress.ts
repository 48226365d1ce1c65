import { type Stages, stagesFrom, type Way } from "../calendar";
import type { Climate } from "../climate";
import { byPacket, startsFromSeed } from "../crop";
import { addDays, type Day, daysBetween } from "../day";
import type { Packet } from "../plan";
import type { GardenRecord } from "./contract";
import { happeningsIn, realOf } from "./happened";
import type { Measure } from "./kinds";
import { pickedTotals, validRecords } from "./record";

/** A planting with what was recorded of it. */
export interface Followed extends Way {
  readonly sowOn: Day;
  readonly packet?: Packet | null;
  /** Plants that were planned; null for a stand sown dense. */
  readonly plants: number | null;
  readonly records: readonly GardenRecord[];
}

/** What a planting waits for next, and in which days it is due. */
export interface Waiting {
  readonly task: "sow" | "up" | "move" | "pick";
  readonly from: Day;
  readonly until: Day;
}

/** How far a planting is by its records, whatever day it is today. */
export interface Progress {
  /** Something was done to it: sown, up, moved, lost or fed. */
  readonly isStarted: boolean;
  readonly isPicked: boolean;
  /** Anything at all was recorded of it. */
  readonly isRecorded: boolean;
  readonly endedOn?: Day;
  readonly waiting?: Waiting;
  /** Days in which its first pick is to be expected; undefined for what never ripens. */
  readonly firstPick?: { readonly from: Day; readonly until: Day };
  /** Day of its latest last pick; undefined for what never ripens. */
  readonly overOn?: Day;
  readonly picked: Partial<Record<Measure, number>>;
  /** Seeds that were counted at sowing, and those of them that came up; 0 where they were not both counted, or cannot be. */
  readonly seeds: number;
  readonly ups: number;
}

/** A sowing is late when it is not done so many days after its own. Common practice. */
const SOW_WITHIN_DAYS = 3;

/** What is known of a planting from its records. */
interface Known {
  readonly isUp: boolean;
  readonly has: (...kinds: GardenRecord["kind"][]) => boolean;
}

/** What a planting still waits for, in order, each with the days in which it is due; what is on record is left out. */
export function stepsOf(sowOn: Day, stages: Stages, { isUp, has }: Known): Waiting[] {
  const steps: { task: Waiting["task"]; isDone: boolean; from?: Day; until?: Day }[] = [
    {
      task: "sow",
      isDone: has("sown", "up", "moved", "picked"),
      from: sowOn,
      until: addDays(sowOn, SOW_WITHIN_DAYS),
    },
    { task: "up", isDone: isUp || has("moved", "picked"), from: stages.up?.early, until: stages.up?.late },
    { task: "move", isDone: has("moved", "picked"), from: stages.move?.likely, until: stages.move?.late },
    { task: "pick", isDone: has("picked"), from: stages.firstPick?.early, until: stages.firstPick?.late },
  ];
  return steps.flatMap(({ task, isDone, from, until }) =>
    !isDone && from !== undefined && until !== undefined ? [{ task, from, until }] : [],
  );
}

/** Seeds and seedlings that were both counted; counts that cannot be are left out. */
function countsOf({ method, records }: Followed): { seeds: number; ups: number } {
  const count = (kind: "sown" | "up") =>
    validRecords(records)
      .filter((r) => r.kind === kind)
      .reduce((sum, r) => sum + (r.amount?.value ?? 0), 0);
  const [seeds, ups] = [count("sown"), count("up")];
  const isCounted = startsFromSeed(method.method) && seeds > 0 && ups > 0 && ups <= seeds;
  return isCounted ? { seeds, ups } : { seeds: 0, ups: 0 };
}

/** How far a planting is. The same whatever day it is, so that it can be kept and changes only with plan, records and climate. */
export function progressOf(p: Followed, climate: Climate): Progress {
  const { "": real = {} } = realOf(happeningsIn(p.records, { of: "", plants: p.plants }));
  const goal = byPacket(p.goal, real.packetDays ?? p.packet?.days);
  const stages = stagesFrom({ ...p, goal, real }, p.sowOn, climate);
  const kinds = new Set(validRecords(p.records).map((r) => r.kind));
  const has = (...any: GardenRecord["kind"][]) => any.some((kind) => kinds.has(kind));
  return {
    isStarted: has("sown", "up", "thinned", "moved", "staked", "lost", "fed"),
    isPicked: has("picked"),
    isRecorded: p.records.length > 0,
    endedOn: real.endedOn,
    waiting: real.endedOn ? undefined : stepsOf(p.sowOn, stages, { has, isUp: real.upOn !== undefined })[0],
    firstPick: stages.firstPick && { from: stages.firstPick.early, until: stages.firstPick.late },
    overOn: stages.seasons?.at(-1)?.to ?? stages.lastPick?.late,
    picked: pickedTotals(p.records),
    ...countsOf(p),
  };
}

/** A thing to do or to look for. `late`: its window is over and nothing was recorded. */
export interface Due {
  readonly task: Waiting["task"];
  readonly day: Day;
  readonly late: boolean;
  /** Days past the window when late, days until it when not. */
  readonly days: number;
}

/** How far ahead the trainer looks, days. */
export const AHEAD_DAYS = 7;

/** A household in which something grows has gone quiet after so many days without a record. Assumption, no source: three visits a week apart. */
export const QUIET_DAYS = 21;

/** What a planting waits for as it looks on a day, when it falls within a week or is late; undefined when nothing is pressing. */
export function dueOn(waiting: Waiting | undefined, today: Day): Due | undefined {
  if (!waiting || addDays(today, AHEAD_DAYS) < waiting.from) return undefined;
  const { task, from, until } = waiting;
  const late = today > until;
  return {
    task,
    day: from,
    late,
    days: late ? daysBetween(until, today) : Math.max(0, daysBetween(today, from)),
  };
}

/** How far a household has come. */
export const HOUSEHOLD_STAGES = ["new", "surveyed", "planned", "sown", "picking", "finished"] as const;
export type HouseholdStage = (typeof HOUSEHOLD_STAGES)[number];

/** The stage of a household, and the first day on which it is finished; undefined while something still stands. */
export interface HouseholdProgress {
  readonly stage: Exclude<HouseholdStage, "finished">;
  readonly finishedFrom?: Day;
}

/** The stage that plan and records show. Finished: every planting was ended, or picked until its last pick was past. */
export function householdProgress(isSurveyed: boolean, plantings: readonly Progress[]): HouseholdProgress {
  if (!isSurveyed) return { stage: "new" };
  if (plantings.length === 0) return { stage: "surveyed" };
  const ends = plantings.map((p) => p.endedOn ?? (p.isPicked && p.overOn ? addDays(p.overOn, 1) : undefined));
  const known = ends.filter((day) => day !== undefined).sort();
  return {
    stage: plantings.some((p) => p.isPicked)
      ? "picking"
      : plantings.some((p) => p.isStarted)
        ? "sown"
        : "planned",
    finishedFrom: known.length === ends.length ? known.at(-1) : undefined,
  };
}

/** The stage as it looks on a day. */
export const stageOn = ({ stage, finishedFrom }: HouseholdProgress, today: Day): HouseholdStage =>
  finishedFrom !== undefined && finishedFrom <= today ? "finished" : stage;
