import { type Crop, type Goal, type Method, type SowingMethod, startsFromSeed } from "../crop";
import { type Day, dayNumber, dayOf } from "../day";
import { type Climate, type DayTemperature, NIGHT_SWING_C, temperatures } from "../climate";

/** When something is due: it can be early, it is likely, and after `late` something is wrong. */
export interface Window {
  readonly early: Day;
  readonly likely: Day;
  readonly late: Day;
}

/** Why a date is not where the packet puts it. Temperatures in °C. */
export type DateReason =
  | {
      readonly code: "nights-cold";
      readonly needC: number;
      readonly haveC: number;
      readonly from: Day;
      readonly to: Day;
      readonly days: number;
    }
  | {
      readonly code: "slower-here";
      readonly packetDays: number;
      readonly days: number;
      readonly meanC: number;
      readonly atC: number;
    }
  | {
      readonly code: "faster-here";
      readonly packetDays: number;
      readonly days: number;
      readonly meanC: number;
      readonly atC: number;
    }
  | { readonly code: "short-days"; readonly hours: number; readonly percent: number }
  | { readonly code: "long-days-end-picking"; readonly hours: number; readonly day: Day }
  | { readonly code: "heat-ends-picking"; readonly heatC: number; readonly day: Day }
  | { readonly code: "frost-ends-picking"; readonly standsC: number; readonly day: Day };

/** What is grown, what for, and how it is started. */
export interface Way {
  readonly crop: Crop;
  readonly goal: Goal;
  readonly method: Method;
}

export interface Stages {
  readonly method: SowingMethod;
  readonly sow: Day;
  readonly up?: Window;
  /** Planting out of a raised seedling. */
  readonly move?: Window;
  readonly feeds: readonly { readonly stage: Goal["feeds"][number]["stage"]; readonly day: Day }[];
  /** While it bears, what is picked for long is fed with liquid feed every week or two. */
  readonly liquidFeeds?: { readonly from: Day; readonly to: Day };
  /** Undefined when warmth for a first pick does not come within the horizon. */
  readonly firstPick?: Window;
  readonly lastPick?: Window;
  readonly reasons: readonly DateReason[];
  /** Days that a raised seedling waits in its tray for warm nights; 0 when it need not. */
  readonly heldDays: number;
}

/** Trays stand on a sill or under a cover, this much warmer than outdoors. Assumption, no source. */
const TRAY_WARMER_C = 3;
/** How much warmer than outdoors seed lies, °C. */
export const warmerBy = (method: Method): number => (method.move ? TRAY_WARMER_C : 0);

/** Emergence may run this far either side of the likely day. Common practice. */
const EARLY = 0.8;
const LATE = 1.3;
/** A day's soak before spreading is a day's start. Common practice. */
const SOAK_DAYS = 1;
const HORIZON_DAYS = 400;

type Weather = (day: number) => DayTemperature;

/** What is picked for longer than this is fed while it bears, days. Common practice: every 7 to 14 days with liquid feed. */
const LONG_PICKING_DAYS = 30;

/** Leaf grows at full pace from this length of day on, and hardly below the other. Light sets the winter pace; assumption, no source. */
const FULL_LIGHT_H = 10;
const LEAST_LIGHT_H = 7;
const LEAST_PACE = 0.3;
const LEAFY = new Set<Goal["kind"]>(["leaf", "baby-leaf", "tops", "herb"]);

/** Share of the full pace that the length of the day lets leaf grow at. */
const lightPace = (hours: number) =>
  Math.min(1, Math.max(LEAST_PACE, (hours - LEAST_LIGHT_H) / (FULL_LIGHT_H - LEAST_LIGHT_H)));

/** Days after `from` until the sum of `rate` reaches `goal`, parts of a day and all; undefined past the horizon. */
function daysUntil(from: number, goal: number, rate: (day: number) => number): number | undefined {
  let sum = 0;
  for (let days = 0; days < HORIZON_DAYS; days++) {
    const today = rate(from + days);
    if (sum + today >= goal) return days + (goal - sum) / today;
    sum += today;
  }
  return undefined;
}

const warmth = (meanC: number, baseC: number, bestC: number) => Math.max(0, Math.min(meanC, bestC) - baseC);

/** Days from sowing until seedlings show, by thermal time; undefined when it stays too cold. */
export function emergenceDays(crop: Crop, meanC: (dayAfter: number) => number): number | undefined {
  const { baseC, bestC, degreeDays } = crop.emergence;
  return daysUntil(0, degreeDays, (d) => warmth(meanC(d), baseC, bestC));
}

const windowOf = (start: number, low: number, likely: number, high: number): Window => ({
  early: dayOf(start + low),
  likely: dayOf(start + likely),
  late: dayOf(start + high),
});

/** Where days differ less than this over the year, nothing waits for them, h. */
const SEASONAL_H = 1.5;

/** Whether a goal whose year begins when days lengthen still sleeps on a day: until the first day of lengthening days that are long enough. */
function sleeperOf({ days: { wakesH } }: Goal, sow: number, weather: Weather): (day: number) => boolean {
  if (wakesH === undefined) return () => false;
  const hours = Array.from({ length: 366 }, (_, i) => weather(sow + i).lightHours);
  if (Math.max(...hours) - Math.min(...hours) < SEASONAL_H) return () => false;
  const wakes = hours.findIndex((h, i) => h >= wakesH && weather(sow + i + 1).lightHours > h);
  return (day) => day < sow + wakes;
}

/** Takes a raised seedling from its tray to its bag: the window of the move, and how long cold nights hold it. */
function moveOut(crop: Crop, up: number, move: NonNullable<Method["move"]>, weather: Weather) {
  const ready = up + move.afterUp.likely;
  const warmEnough = (d: number) => weather(d).nightC >= crop.nights.plantOutC;
  const wait = Array.from({ length: HORIZON_DAYS }, (_, i) => i).find((i) => warmEnough(ready + i)) ?? 0;
  const day = ready + wait;
  const held = day - ready;
  const reason: DateReason | undefined =
    held > 0
      ? {
          code: "nights-cold",
          needC: crop.nights.plantOutC,
          haveC: weather(ready).nightC,
          from: dayOf(ready),
          to: dayOf(day),
          days: held,
        }
      : undefined;
  return {
    day,
    held,
    window: windowOf(up + held, move.afterUp.low, move.afterUp.likely, move.afterUp.high),
    reason,
  };
}

/** Leaf is hurt by heat later than heads are, °C. Assumption, no source. */
const LEAF_STANDS_C: Partial<Record<Goal["kind"], number>> = { leaf: 3, "baby-leaf": 4 };

/** Days of this heat spoil a goal. */
export const heatFor = (crop: Crop, { kind }: Goal): number => crop.heatC + (LEAF_STANDS_C[kind] ?? 0);

/** Where heat, long days or frost cut the picking short, if any does. */
function cutShort(
  { crop, goal }: Pick<Way, "crop" | "goal">,
  from: number,
  to: number,
  weather: Weather,
): { day: number; reason: DateReason } | undefined {
  for (let d = from; d <= to; d++) {
    const { dayC, nightC } = weather(d);
    if (crop.boltsH !== undefined && weather(d).lightHours > crop.boltsH)
      return { day: d, reason: { code: "long-days-end-picking", hours: crop.boltsH, day: dayOf(d) } };
    const heatC = heatFor(crop, goal);
    if (dayC >= heatC) return { day: d, reason: { code: "heat-ends-picking", heatC, day: dayOf(d) } };
    if (nightC - NIGHT_SWING_C < crop.nights.standsC) {
      return { day: d, reason: { code: "frost-ends-picking", standsC: crop.nights.standsC, day: dayOf(d) } };
    }
  }
  return undefined;
}

/**
 * The stages of a planting from its sowing day: up, moved, fed, first and last pick, with why each is where it is.
 *
 * Emergence and growth follow the town's normals by thermal time; a raised seedling waits for warm nights.
 *
 * @param sowOn the day of sowing, or of setting in place what is not raised from seed here
 */
export function stagesFrom({ crop, goal, method }: Way, sowOn: Day, climate: Climate): Stages {
  const weather = temperatures(climate);
  const sow = dayNumber(sowOn);
  const reasons: DateReason[] = [];
  const seeded = startsFromSeed(method.method);
  const sheltered = warmerBy(method);
  const emerges = seeded ? emergenceDays(crop, (d) => weather(sow + d).meanC + sheltered) : undefined;
  const soak = method.method === "soaked" ? SOAK_DAYS : 0;
  const upDays = emerges && Math.max(1, Math.round(emerges - soak));
  if (seeded && upDays === undefined)
    return { method: method.method, sow: sowOn, feeds: [], reasons, heldDays: 0 };
  const up =
    upDays === undefined
      ? undefined
      : windowOf(sow, Math.round(upDays * EARLY), upDays, Math.ceil(upDays * LATE));

  const moved =
    upDays !== undefined && method.move ? moveOut(crop, sow + upDays, method.move, weather) : undefined;
  if (moved?.reason) reasons.push(moved.reason);
  const planted = moved?.day ?? sow;

  const { window, from, nurseryDays, atC } = goal.days;
  const fromMove = from === "planting" && moved !== undefined;
  // From sowing: what seed takes to come up has its own clock, so the rest of the packet's days starts when it is up.
  const toCome =
    seeded && !fromMove
      ? crop.emergence.degreeDays / warmth(atC + sheltered, crop.emergence.baseC, crop.emergence.bestC) - soak
      : 0;
  const start = fromMove ? planted : sow + (upDays ?? 0);
  const added = fromMove
    ? 0
    : seeded
      ? (from === "sowing" ? 0 : nurseryDays) - toCome
      : from === "sowing"
        ? -nurseryDays
        : 0;
  const { baseC, bestC } = crop.growth;
  const asleep = sleeperOf(goal, sow, weather);
  // A seedling that waits in its tray for warm nights stands still; before that it grows as trays usually do.
  const rate = (d: number) => {
    const tray = d < planted ? sheltered : 0;
    if (moved && d >= planted - moved.held && d < planted) return 0;
    if (asleep(d)) return 0;
    const light = LEAFY.has(goal.kind) ? lightPace(weather(d).lightHours) : 1;
    return (light * warmth(weather(d).meanC + tray, baseC, bestC)) / (atC + tray - baseC);
  };
  const [low, likely, high] = [window.low, window.likely, window.high].map((days) => {
    const needed = daysUntil(start, Math.max(1, days + added), rate);
    return needed && Math.round(needed);
  });
  if (low === undefined || likely === undefined || high === undefined) {
    return {
      method: method.method,
      sow: sowOn,
      up,
      move: moved?.window,
      feeds: [],
      reasons,
      heldDays: moved?.held ?? 0,
    };
  }
  const firstPick = windowOf(start, low, likely, high);
  const counted = fromMove ? planted : sow;
  const took = start + likely - counted;
  const packetDays = Math.max(1, Math.round(window.likely + added + toCome));
  if (Math.abs(took - packetDays) > 0.1 * packetDays) {
    const meanC =
      Array.from({ length: took }, (_, d) => weather(counted + d).meanC).reduce((a, b) => a + b, 0) / took;
    reasons.push({
      code: took > packetDays ? "slower-here" : "faster-here",
      packetDays,
      days: took,
      meanC,
      atC,
    });
  }

  const light = Array.from({ length: likely }, (_, d) => weather(start + d).lightHours);
  const pace = light.reduce((sum, hours) => sum + lightPace(hours), 0) / likely;
  if (LEAFY.has(goal.kind) && pace < 0.95)
    reasons.push({ code: "short-days", hours: Math.min(...light), percent: Math.round(100 * pace) });

  const first = start + likely;
  const { low: few, likely: usual, high: many } = goal.picking.window;
  const cut = cutShort({ crop, goal }, first + 1, first + usual, weather);
  if (cut) reasons.push(cut.reason);
  const end = (days: number) => (cut ? Math.min(days, cut.day - first) : days);
  const lastPick = windowOf(first, end(few), end(usual), end(many));
  const feeds = goal.feeds.map((feed) => ({
    stage: feed.stage,
    day: dayOf(planted + feed.share * (first - planted)),
  }));
  const bears = end(usual) > LONG_PICKING_DAYS && goal.feeds.length > 0;
  return {
    method: method.method,
    sow: sowOn,
    up,
    move: moved?.window,
    feeds,
    liquidFeeds: bears ? { from: firstPick.likely, to: lastPick.likely } : undefined,
    firstPick,
    lastPick,
    reasons,
    heldDays: moved?.held ?? 0,
  };
}
