import type { Climate } from "../climate";
import { type Stages, stagesFrom } from "../calendar";
import type { Crop, Goal, Method } from "../crop";
import { addDays, type Day, daysBetween } from "../day";
import { firstOn, type GardenRecord } from "./record";

/** A thing to do or to look for. `late`: its window is over and nothing was recorded. */
export interface Due {
  readonly task: "sow" | "up" | "move" | "pick";
  readonly day: Day;
  readonly late: boolean;
  /** Days past the window when late, days until it when not. */
  readonly days: number;
}

export interface Followed {
  readonly crop: Crop;
  readonly goal: Goal;
  readonly method: Method;
  readonly sowOn: Day;
  readonly records: readonly GardenRecord[];
}

/** How far ahead the trainer looks. */
const AHEAD_DAYS = 7;

/** The stages of a planting counted from the day that it was really sown, where that is on record. */
export function stagesOf(p: Followed, climate: Climate): Stages {
  return stagesFrom(p.crop, p.goal, p.method, firstOn(p.records, "sown") ?? p.sowOn, climate);
}

/** The next thing that a planting waits for, when it falls within a week or is late; undefined when nothing is pressing. */
export function nextDue(p: Followed, climate: Climate, today: Day): Due | undefined {
  const stages = stagesOf(p, climate);
  const has = (kind: GardenRecord["kind"]) => firstOn(p.records, kind) !== undefined;
  if (has("ended")) return undefined;
  const steps: { task: Due["task"]; done: boolean; from?: Day; until?: Day }[] = [
    {
      task: "sow",
      done: has("sown") || has("up") || has("moved") || has("picked"),
      from: p.sowOn,
      until: addDays(p.sowOn, 3),
    },
    {
      task: "up",
      done: has("up") || has("moved") || has("picked"),
      from: stages.up?.early,
      until: stages.up?.late,
    },
    {
      task: "move",
      done: has("moved") || has("picked"),
      from: stages.move?.likely,
      until: stages.move?.late,
    },
    { task: "pick", done: has("picked"), from: stages.firstPick?.early, until: stages.firstPick?.late },
  ];
  const open = steps.find((s) => !s.done && s.from !== undefined);
  if (!open?.from || !open.until || addDays(today, AHEAD_DAYS) < open.from) return undefined;
  const late = today > open.until;
  return {
    task: open.task,
    day: open.from,
    late,
    days: late ? daysBetween(open.until, today) : Math.max(0, daysBetween(today, open.from)),
  };
}

/** How far a household has come. */
export type HouseholdStage = "new" | "surveyed" | "planned" | "sown" | "picking" | "finished";

/** The stage that records and plan show. Finished: every planting was ended, or picked until its last pick was past. */
export function stageOf(
  surveyed: boolean,
  plantings: readonly Followed[],
  climate: Climate,
  today: Day,
): HouseholdStage {
  if (!surveyed) return "new";
  if (plantings.length === 0) return "surveyed";
  const over = (p: Followed) => {
    if (firstOn(p.records, "ended") !== undefined) return true;
    const { lastPick } = stagesOf(p, climate);
    return firstOn(p.records, "picked") !== undefined && lastPick !== undefined && lastPick.late < today;
  };
  if (plantings.every(over)) return "finished";
  const any = (kinds: GardenRecord["kind"][]) =>
    plantings.some((p) => kinds.some((k) => firstOn(p.records, k) !== undefined));
  if (any(["picked"])) return "picking";
  return any(["sown", "up", "moved", "lost", "fed"]) ? "sown" : "planned";
}
