import { type Day, daysBetween } from "../day";
import { believe, type Belief, type House, type Range } from "./belief";
import { groupBy } from "./group";
import type { Line } from "./line";
import { quantile } from "./quantile";
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

/** Until when a household was heard of. */
export type HeardUntil = ReadonlyMap<string, Day>;

/** What a timing is of. */
export interface Asked {
  readonly on: (line: Line) => Day | null;
  readonly expected: (line: Line) => Range | null;
  /** Whether what was expected came from the library: a packet's own days tell of the packet. */
  readonly isOfLibrary: (line: Line) => boolean;
  /** Whether it came about without anybody noting the day, or on a day on which it cannot have: such a planting tells nothing of it. */
  readonly isPassed: (line: Line) => boolean;
}

/** Nothing is picked before it is up: one of the two days is a slip. */
export const isPickedBeforeUp = ({ upOn, firstPickOn }: Line): boolean =>
  upOn !== null && firstPickOn !== null && firstPickOn < upOn;

export const UP: Asked = {
  on: (l) => l.upOn,
  expected: (l) => l.expectedUp,
  isOfLibrary: () => true,
  isPassed: (l) => isPickedBeforeUp(l) || (l.upOn === null && (l.movedOn !== null || l.firstPickOn !== null)),
};
export const PICK: Asked = {
  on: (l) => l.firstPickOn,
  expected: (l) => l.expectedPick,
  isOfLibrary: (l) => l.packetDays === null,
  isPassed: isPickedBeforeUp,
};

export const END: Asked = {
  on: (l) => l.endedOn,
  expected: (l) => l.expectedEnd,
  isOfLibrary: (l) => l.packetDays === null,
  isPassed: () => false,
};

/** Nobody still waits after so many times the longest that was expected: what is silent then is not watched any more. Assumption, no source. */
const WATCHED = 3;

/** Days from sowing until something came, or until it was watched no longer: given up, the household silent, or long past. */
export function waitOf(line: Line, { on, expected, isPassed }: Asked, heard: HeardUntil): Wait | undefined {
  if (line.sownOn === null || isPassed(line)) return undefined;
  const came = on(line);
  const until = came ?? line.endedOn ?? heard.get(line.householdId) ?? line.sownOn;
  const most = came === null ? Math.round(WATCHED * (expected(line)?.high ?? 0)) : Number.POSITIVE_INFINITY;
  const days = Math.min(most, daysBetween(line.sownOn, until));
  return days > 0 ? { days, isOver: came !== null } : undefined;
}

/** How long something took for plantings of one goal; undefined where it came to none. @param scale what the programme made of the shipped value, as a ratio */
export function timingOf(
  lines: readonly Line[],
  asked: Asked,
  { heard, scale }: { readonly heard: HeardUntil; readonly scale: number },
): Timing | undefined {
  const own = lines.flatMap((line) => {
    const wait = waitOf(line, asked, heard);
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

/** The last day on which each household wrote anything. */
export function heardUntil(lines: readonly Line[]): HeardUntil {
  const heard = new Map<string, Day>();
  for (const { householdId, lastOn } of lines)
    if (lastOn !== null && lastOn > (heard.get(householdId) ?? "")) heard.set(householdId, lastOn);
  return heard;
}
