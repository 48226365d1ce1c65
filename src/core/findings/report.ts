import { type Day, daysBetween } from "../day";
import { type Detail, inKg, type Weighing } from "../record";
import { believe, type Belief, type House, type Range } from "./belief";
import { type Calibrated, calibrationOf, type Foretold, widening } from "./calibration";
import { alikeOf, type Count, type Estimate, shareOf } from "./share";
import { type Drive, drivesOf } from "./drivers";
import type { Line } from "./line";
import { type Ended, endsByDay } from "./ends";
import { logRank } from "./log-rank";
import { isTooMuch } from "./odd";
import { dayBy, type DayBy, type Step, survival, type Wait } from "./survival";

/** How long something took: what is on record, what was to be expected, and what to expect from now on. */
export interface Timing {
  readonly steps: readonly Step[];
  /** Days by which half have come so far, with its interval; and by which a quarter and three quarters. */
  readonly half: DayBy;
  readonly quarters: readonly [DayBy, DayBy];
  readonly came: number;
  readonly waiting: number;
  /** The middle of what was to be expected of each, days. */
  readonly expected: Range;
  /** The middle of what packets promise; undefined where nobody noted it. */
  readonly packetDays?: number;
  readonly belief?: Belief;
}

/** Plants that were lost, and what took most of them. */
export interface Losses {
  readonly share: Estimate;
  readonly lost: number;
  readonly of: number;
  readonly young: number;
  readonly main?: { readonly reason: NonNullable<Detail["reason"]>; readonly plants: number };
}

/** What plantings gave. */
export interface Gave {
  /** kg a planting: the middle, and the quarters; those that gave nothing count, those that nobody wrote of do not. */
  readonly middle: number;
  readonly quarters: readonly [number, number];
  /** g a plant, the middle; undefined for stands sown dense. */
  readonly plantG?: number;
  readonly plantings: number;
  readonly nothing: number;
  /** Sown by record, and nobody wrote what became of them. */
  readonly unknown: number;
  /** So many gave more than can well be: they are asked about, and say nothing of what is expected. */
  readonly doubtful: number;
  /** Of the weight, the part that was counted. */
  readonly countedKg: number;
  readonly belief?: Belief;
}

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
  /** What became of plantings by the last day on which any was picked or gone, as shares of all; the rest still grows. */
  readonly became?: { readonly day: number; readonly picked: number; readonly gone: number };
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

/** The middle of some values, or what stands at another share of their order. */
function quantile(values: readonly number[], share = 0.5): number {
  const sorted = [...values].sort((a, b) => a - b);
  const at = (sorted.length - 1) * share;
  const [below, above] = [sorted[Math.floor(at)] ?? Number.NaN, sorted[Math.ceil(at)] ?? Number.NaN];
  return below + (at - Math.floor(at)) * (above - below);
}

const groupBy = <T, K>(all: readonly T[], keyOf: (one: T) => K): Map<K, T[]> => {
  const groups = new Map<K, T[]>();
  for (const one of all) groups.set(keyOf(one), [...(groups.get(keyOf(one)) ?? []), one]);
  return groups;
};

/** Counts of all households together; as much worth as so many plants alone, since plants of one household go alike. */
function shareOfAll(counts: readonly Count[]): Estimate {
  const k = counts.reduce((sum, c) => sum + c.k, 0);
  const n = counts.reduce((sum, c) => sum + c.n, 0);
  const alike = 1 / (alikeOf(counts).weight + 1);
  const each = n / counts.length;
  const effect = 1 + Math.max(0, each - 1) * alike;
  return shareOf({ k: k / effect, n: n / effect });
}

/** Until when a household was heard of. */
type HeardUntil = ReadonlyMap<string, Day>;

/** What a timing is of. */
interface Asked {
  readonly on: (line: Line) => Day | null;
  readonly expected: (line: Line) => Range | null;
  /** Whether what was expected came from the library: a packet's own days tell of the packet. */
  readonly isOfLibrary: (line: Line) => boolean;
  /** Whether it came about without anybody noting the day: such a planting tells nothing of it. */
  readonly isPassed: (line: Line) => boolean;
}

const UP: Asked = {
  on: (l) => l.upOn,
  expected: (l) => l.expectedUp,
  isOfLibrary: () => true,
  isPassed: (l) => l.upOn === null && (l.movedOn !== null || l.firstPickOn !== null),
};
const PICK: Asked = {
  on: (l) => l.firstPickOn,
  expected: (l) => l.expectedPick,
  isOfLibrary: (l) => l.packetDays === null,
  isPassed: () => false,
};

/** Nobody still waits after so many times the longest that was expected: what is silent then is not watched any more. Assumption, no source. */
const WATCHED = 3;

/** Days from sowing until something came, or until it was watched no longer: given up, the household silent, or long past. */
function waitOf(line: Line, { on, expected }: Asked, heard: HeardUntil): Wait | undefined {
  if (line.sownOn === null) return undefined;
  const came = on(line);
  const until = came ?? line.endedOn ?? heard.get(line.householdId) ?? line.sownOn;
  const most = came === null ? Math.round(WATCHED * (expected(line)?.high ?? 0)) : Number.POSITIVE_INFINITY;
  const days = Math.min(most, daysBetween(line.sownOn, until));
  return days > 0 ? { days, isOver: came !== null } : undefined;
}

function timingOf(
  lines: readonly Line[],
  asked: Asked,
  { heard, scale }: { readonly heard: HeardUntil; readonly scale: number },
): Timing | undefined {
  const own = lines.flatMap((line) => {
    const wait = asked.isPassed(line) ? undefined : waitOf(line, asked, heard);
    const expected = asked.expected(line);
    return wait && expected ? [{ line, wait, expected }] : [];
  });
  if (!own.some(({ wait }) => wait.isOver)) return undefined;
  const steps = survival(own.map(({ wait }) => wait));
  const middle = (of: (range: Range) => number) => quantile(own.map(({ expected }) => of(expected)));
  const expected = {
    low: middle((r) => r.low),
    likely: middle((r) => r.likely),
    high: middle((r) => r.high),
  };
  const packets = own.flatMap(({ line }) => line.packetDays ?? []);
  const houses = [...groupBy(own, ({ line }) => line.householdId)].map(([id, all]): House => ({
    id,
    ratios: all.flatMap((o) =>
      o.wait.isOver && asked.isOfLibrary(o.line) ? [(scale * o.wait.days) / o.expected.likely] : [],
    ),
  }));
  const came = own.filter(({ wait }) => wait.isOver).length;
  return {
    steps,
    half: dayBy(steps, 0.5),
    quarters: [dayBy(steps, 0.25), dayBy(steps, 0.75)],
    came,
    waiting: own.length - came,
    expected,
    ...(packets.length > 0 && { packetDays: quantile(packets) }),
    belief: believe(expected, houses, scale),
  };
}

function lossesOf(lines: readonly Line[]): Losses | undefined {
  const counted = lines.filter((l) => l.plants !== null && l.plants > 0 && l.sownOn !== null);
  if (counted.length === 0) return undefined;
  const counts = [...groupBy(counted, (l) => l.householdId).values()].map((own): Count => {
    const n = own.reduce((sum, l) => sum + (l.plants ?? 0), 0);
    return {
      n,
      k: Math.min(
        n,
        own.reduce((sum, l) => sum + l.lostYoung + l.lostGrown, 0),
      ),
    };
  });
  const lost = counts.reduce((sum, { k }) => sum + k, 0);
  const reasons = new Map<NonNullable<Detail["reason"]>, number>();
  for (const line of counted)
    for (const [reason, plants] of Object.entries(line.reasons))
      reasons.set(
        reason as NonNullable<Detail["reason"]>,
        (reasons.get(reason as NonNullable<Detail["reason"]>) ?? 0) + plants,
      );
  const [main] = [...reasons].sort((a, b) => b[1] - a[1]);
  return {
    share: shareOfAll(counts),
    lost,
    of: counts.reduce((sum, { n }) => sum + n, 0),
    young: counted.reduce((sum, l) => sum + l.lostYoung, 0),
    ...(main && main[1] > 0 && { main: { reason: main[0], plants: main[1] } }),
  };
}

function gaveOf(
  lines: readonly Line[],
  { weighings, scale }: { readonly weighings: readonly Weighing[]; readonly scale: number },
): Gave | undefined {
  const weighed = lines.map((line) => ({ line, ...inKg(line, weighings) }));
  // What only stands as a count that nobody can weigh is not known in weight.
  const known = weighed.filter(
    ({ line, left, kg }) =>
      (line.picks > 0 && (kg > 0 || left.pieces + left.bunches === 0)) ||
      (line.picks === 0 && line.endedOn !== null && line.sownOn !== null),
  );
  if (known.length === 0) return undefined;
  const kgs = known.map(({ kg }) => kg);
  const eachG = known.flatMap(({ line, kg }) => (line.plants ? [(1000 * kg) / line.plants] : []));
  const isDoubtful = ({ line, kg }: (typeof known)[number]) => isTooMuch(kg, line.expectedKg);
  const over = known.filter(
    (one) =>
      one.line.endedOn !== null && (one.line.expectedKg?.likely ?? 0) > 0 && one.kg > 0 && !isDoubtful(one),
  );
  const houses = [...groupBy(over, ({ line }) => line.householdId)].map(([id, own]): House => ({
    id,
    ratios: own.map(({ line, kg }) => (scale * kg) / (line.expectedKg?.likely ?? kg)),
  }));
  const middle = (of: (range: Range) => number) =>
    quantile(over.flatMap(({ line }) => (line.expectedKg ? [of(line.expectedKg)] : [])));
  const expected = {
    low: middle((r) => r.low),
    likely: middle((r) => r.likely),
    high: middle((r) => r.high),
  };
  return {
    middle: quantile(kgs),
    quarters: [quantile(kgs, 0.25), quantile(kgs, 0.75)],
    ...(eachG.length > 0 && { plantG: quantile(eachG) }),
    plantings: known.length,
    nothing: kgs.filter((kg) => kg === 0).length,
    unknown: lines.filter((l) => l.sownOn !== null && l.picks === 0 && l.endedOn === null).length,
    doubtful: known.filter(isDoubtful).length,
    countedKg: known.reduce((sum, { countedKg }) => sum + countedKg, 0),
    ...(over.length > 0 && { belief: believe(expected, houses, scale) }),
  };
}

/** What became of plantings: picked, or gone without a pick; those that are watched no longer count for as long as they were. */
function becameOf(lines: readonly Line[], heard: HeardUntil): GoalReport["became"] {
  const ended = lines.flatMap((line): Ended<"picked" | "gone">[] => {
    const wait = waitOf(line, PICK, heard);
    if (!wait || line.sownOn === null) return [];
    if (wait.isOver) return [{ days: wait.days, end: "picked" }];
    const isLost = line.plants !== null && line.plants > 0 && line.lostYoung + line.lostGrown >= line.plants;
    const goneOn = line.endedOn ?? (isLost ? line.lastOn : null);
    return goneOn === null
      ? [{ days: wait.days, end: null }]
      : [{ days: Math.max(1, daysBetween(line.sownOn, goneOn)), end: "gone" }];
  });
  const last = endsByDay(ended).at(-1);
  return last && { day: last.day, picked: last.shares.picked ?? 0, gone: last.shares.gone ?? 0 };
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

function heardUntil(lines: readonly Line[]): HeardUntil {
  const heard = new Map<string, Day>();
  for (const { householdId, lastOn } of lines)
    if (lastOn !== null && lastOn > (heard.get(householdId) ?? "")) heard.set(householdId, lastOn);
  return heard;
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
  const harvests = lines.flatMap((line): Foretold[] => {
    const { kg } = inKg(
      line,
      weighings.filter((w) => w.goalId === line.goalId),
    );
    return line.endedOn !== null && line.expectedKg && kg > 0
      ? [{ expected: line.expectedKg, real: kg }]
      : [];
  });
  const calibrated = (all: readonly Foretold[]): Calibrated => ({
    held: calibrationOf(all),
    widen: widening(all),
  });
  return { up: calibrated(days(UP)), pick: calibrated(days(PICK)), harvest: calibrated(harvests) };
}
