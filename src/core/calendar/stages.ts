import { type Bulb, bulbFor } from "./bulb";
import type { Real } from "./real";
import { type Crop, type Goal, type Method, type SowingMethod, startsFromSeed } from "../crop";
import { addDays, type Day, dayNumber, dayOf } from "../day";
import {
  type Climate,
  type DayTemperature,
  NIGHT_SWING_C,
  SHELTER_WARMER_C,
  temperatures,
  trayC,
} from "../climate";

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
  /** What is on record of it: later dates follow. */
  readonly real?: Real;
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
  /** For what bears for years: each season's likely picking, and the share of a grown plant's harvest that it gives. */
  readonly seasons?: readonly { readonly from: Day; readonly to: Day; readonly share: number }[];
  /** For what swells by the length of the day: which kind does at that time. */
  readonly bulb?: Bulb;
  readonly reasons: readonly DateReason[];
  /** Days that a raised seedling waits in its tray for warm nights; 0 when it need not. */
  readonly heldDays: number;
}

/** A seedling that waits in its tray grows on at this share of its pace. Assumption, no source. */
const WAITING_PACE = 0.3;

/** Emergence may run this far either side of the likely day. Common practice. */
const EARLY = 0.8;
const LATE = 1.3;
/** A day's soak before spreading is a day's start. Common practice. */
const SOAK_DAYS = 1;
const HORIZON_DAYS = 400;
const YEAR_DAYS = 365.25;

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
 * What is on record stands as it was, and what comes after is counted from it.
 *
 * @param planned the day of sowing, or of setting in place what is not raised from seed here
 */
export function stagesFrom({ crop, goal, method, real = {} }: Way, planned: Day, climate: Climate): Stages {
  const weather = temperatures(climate);
  const sowOn = real.sownOn ?? planned;
  const sow = dayNumber(sowOn);
  // A record of a day before the one that must come first tells nothing.
  const after = (day: Day | undefined, least: number) =>
    day !== undefined && dayNumber(day) >= least ? dayNumber(day) : undefined;
  const reasons: DateReason[] = [];
  const seeded = startsFromSeed(method.method);
  const raisedC = (d: number) => trayC(climate, weather(d).meanC);
  const seedC = method.move ? raisedC : (d: number) => weather(d).meanC;
  // Packets count with trays that stand under shelter.
  const sheltered = method.move ? SHELTER_WARMER_C : 0;
  const emerges = seeded ? emergenceDays(crop, (d) => seedC(sow + d)) : undefined;
  const soak = method.method === "soaked" ? SOAK_DAYS : 0;
  const seenUp = seeded ? after(real.upOn, sow + 1) : undefined;
  const upDays = seenUp === undefined ? emerges && Math.max(1, Math.round(emerges - soak)) : seenUp - sow;
  if (seeded && upDays === undefined)
    return { method: method.method, sow: sowOn, feeds: [], reasons, heldDays: 0 };
  const up =
    upDays === undefined
      ? undefined
      : seenUp === undefined
        ? windowOf(sow, Math.round(upDays * EARLY), upDays, Math.ceil(upDays * LATE))
        : windowOf(seenUp, 0, 0, 0);

  const seenMoved = method.move ? after(real.movedOn, sow + 1) : undefined;
  const moved =
    upDays === undefined || !method.move
      ? undefined
      : seenMoved === undefined
        ? moveOut(crop, sow + upDays, method.move, weather)
        : { day: seenMoved, held: 0, window: windowOf(seenMoved, 0, 0, 0), reason: undefined };
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
    ? -Math.min(WAITING_PACE * (moved?.held ?? 0), method.move?.holdDays ?? 0)
    : seeded
      ? (from === "sowing" ? 0 : nurseryDays) - toCome
      : from === "sowing"
        ? -nurseryDays
        : 0;
  const { baseC, bestC } = crop.growth;
  const asleep = sleeperOf(goal, sow, weather);
  const rate = (d: number) => {
    if (asleep(d)) return 0;
    const inTray = moved !== undefined && d < planted;
    const waiting = inTray && d >= planted - moved.held ? WAITING_PACE : 1;
    const light = LEAFY.has(goal.kind) ? lightPace(weather(d).lightHours) : 1;
    const c = inTray ? raisedC(d) : weather(d).meanC;
    return (waiting * light * warmth(c, baseC, bestC)) / (atC + (inTray ? sheltered : 0) - baseC);
  };
  const seenPick = after(real.pickedOn, start);
  const [low, likely, high] = [window.low, window.likely, window.high].map((days) => {
    if (seenPick !== undefined) return seenPick - start;
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
  if (took > 0 && Math.abs(took - packetDays) > 0.1 * packetDays) {
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
  const seasons = goal.bears?.map((share, year) => ({
    from: addDays(firstPick.likely, Math.round(YEAR_DAYS * year)),
    to: addDays(lastPick.likely, Math.round(YEAR_DAYS * year)),
    share,
  }));
  const isLong = end(usual) > LONG_PICKING_DAYS && goal.feeds.length > 0;
  return {
    method: method.method,
    sow: sowOn,
    up,
    move: moved?.window,
    feeds,
    liquidFeeds: isLong ? { from: firstPick.likely, to: lastPick.likely } : undefined,
    firstPick,
    lastPick,
    seasons,
    bulb: goal.days.bulbs && bulbFor(planted, first, (d) => weather(d).lightHours),
    reasons,
    heldDays: moved?.held ?? 0,
  };
}
