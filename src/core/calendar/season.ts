import { type GoalKind, startsFromSeed } from "../crop";
import { addDays, type Day, dayNumber, dayOf } from "../day";
import { type Climate, type DayTemperature, NIGHT_SWING_C, temperatures, trayC } from "../climate";
import { fruitSet } from "./fruit-set";
import { heatFor, type Stages, stagesFrom, type Way } from "./stages";
import { known } from "../known";

export type SeasonGrade = "right" | "tight" | "wrong";

/** What the season says to a sowing day. Temperatures in °C. */
export type SeasonReason =
  | { readonly code: "season-fits" }
  | { readonly code: "too-cold-to-come-up"; readonly baseC: number }
  | { readonly code: "soil-too-cold"; readonly needC: number; readonly haveC: number }
  | { readonly code: "slow-to-come-up"; readonly days: number }
  | { readonly code: "no-chill"; readonly nights: number; readonly have: number; readonly belowC: number }
  | { readonly code: "days-too-long"; readonly hours: number; readonly day: Day }
  | { readonly code: "days-too-short"; readonly hours: number }
  | {
      readonly code: "sets-nothing";
      readonly kind: "flowers" | "tubers";
      readonly dayC: number;
      readonly nightC: number;
      readonly hotDays: number;
      readonly day: Day;
    }
  | { readonly code: "stands-still"; readonly days: number; readonly usual: number }
  | { readonly code: "never-ripens" }
  | { readonly code: "nights-too-cold"; readonly needC: number; readonly haveC: number; readonly day: Day }
  | {
      readonly code: "held-too-long";
      readonly days: number;
      readonly holdDays: number;
      readonly needC: number;
    }
  | { readonly code: "bolts-first"; readonly heatC: number; readonly hotDays: number; readonly day: Day }
  | { readonly code: "frost-first"; readonly standsC: number; readonly day: Day }
  | { readonly code: "tray-frost"; readonly standsC: number; readonly day: Day }
  | { readonly code: "short-picking"; readonly days: number; readonly usual: number; readonly day: Day };

export interface Season {
  readonly grade: SeasonGrade;
  readonly reason: SeasonReason;
  readonly stages: Stages;
}

/** Heat in this many days before the first pick spoils it; heat that ends earlier is outgrown. Assumption, no source. */
const HEAT_LEAD_DAYS = 20;
/** How long a planting counts as a seedling once it stands outdoors. Assumption, no source. */
const SEEDLING_DAYS = 21;
/** Nights under the mark slow a crop and cost it yield; so far under it, it fails: fruit sets badly sooner than leaf stops. Assumption, no source. */
const COLD_FAILS_C = 6;
const FRUIT_FAILS_C: Partial<Record<GoalKind, number>> = { fruit: 3.5, pod: 4, cob: 5 };
/** A crop of warm nights that takes so many times as long as usual only stands there. Assumption, no source. */
const STANDS_STILL = 2.2;
const WARM_C = 8;
/** Fruit is set in so many days before its first pick; where most of their nights are under the mark it does not set. Assumption, no source. */
const SET_DAYS = 40;
/** Mix in a bag in the sun is so much warmer than the mean of the air. Assumption, no source. */
const BAG_WARMER_C = 2;
/** As near its least as this, seed comes up thinly. Assumption, no source. */
const SOIL_NEAR_C = 2;
/** Seed that lies longer than this in cold soil comes up thinly, or not at all. Assumption, no source. */
const SLOW_DAYS = 30;
const TOO_SLOW_DAYS = 45;
/** What long days find this long before its first pick runs up to seed. Assumption, no source. */
const BOLTING_DAYS = 21;
/** Soil is looked at over the first days in it. */
const SOIL_DAYS = 7;

type Weather = (day: number) => DayTemperature;

/** The days from `from` to `to` that pass. */
function daysWhere(from: number, to: number, passes: (day: number) => boolean): number[] {
  const days: number[] = [];
  for (let d = from; d <= to; d++) if (passes(d)) days.push(d);
  return days;
}

const verdict = (grade: SeasonGrade, reason: SeasonReason, stages: Stages): Season => ({
  grade,
  reason,
  stages,
});

/** Seed in soil that is too cold for it. */
function cold({ crop, method, real }: Way, sowOn: Day, stages: Stages, climate: Climate): Season[] {
  // Seed that came up was warm enough.
  if (!startsFromSeed(method.method) || !stages.up || real?.upOn || real?.movedOn) return [];
  const sow = dayNumber(stages.sow);
  const weather = temperatures(climate);
  const days = Array.from({ length: SOIL_DAYS }, (_, i) => weather(sow + i).meanC);
  const airC = days.reduce((sum, c) => sum + c, 0) / SOIL_DAYS;
  const haveC = (method.move ? trayC(climate, airC) : airC) + BAG_WARMER_C;
  const needC = crop.emergence.leastC;
  const upDays = dayNumber(stages.up.likely) - sow;
  const found: Season[] = [];
  if (haveC < needC + SOIL_NEAR_C)
    found.push(verdict(haveC < needC ? "wrong" : "tight", { code: "soil-too-cold", needC, haveC }, stages));
  if (upDays > SLOW_DAYS)
    found.push(
      verdict(upDays > TOO_SLOW_DAYS ? "wrong" : "tight", { code: "slow-to-come-up", days: upDays }, stages),
    );
  return found;
}

/** Seedlings whose tray stands too cold from the day they are up. Trays are carried in on the few coldest nights, so the usual night counts. */
function coldTray({ crop, real }: Way, stages: Stages, climate: Climate): Season[] {
  if (!stages.up || !stages.move || real?.movedOn) return [];
  const standsC = crop.nights.seedlingStandsC;
  if (trayC(climate, Math.min(...climate.lowC)) >= standsC) return [];
  const weather = temperatures(climate);
  const [night] = daysWhere(
    dayNumber(stages.up.likely),
    dayNumber(stages.move.likely) - 1,
    (d) => trayC(climate, weather(d).nightC) < standsC,
  );
  return night === undefined
    ? []
    : [verdict("wrong", { code: "tray-frost", standsC, day: dayOf(night) }, stages)];
}

/** What wants a cold rest first, and what runs up to seed in long days. */
function byDayLength({ crop, goal }: Way, sowOn: Day, stages: Stages, weather: Weather): Season[] {
  const found: Season[] = [];
  const first = dayNumber(stages.firstPick?.likely ?? sowOn);
  const { boltsH } = crop;
  const { chill } = goal.days;
  if (chill) {
    const have = daysWhere(dayNumber(sowOn), first, (d) => weather(d).nightC < chill.belowC).length;
    if (have < chill.nights)
      found.push(
        verdict(
          have < chill.nights / 2 ? "wrong" : "tight",
          { code: "no-chill", nights: chill.nights, have, belowC: chill.belowC },
          stages,
        ),
      );
  }
  if (goal.days.bulbs && stages.bulb?.kind === undefined)
    found.push(verdict("wrong", { code: "days-too-short", hours: stages.bulb?.hours ?? 0 }, stages));
  if (boltsH !== undefined) {
    const long = daysWhere(
      dayNumber(stages.up?.likely ?? sowOn),
      first,
      (d) => weather(d).lightHours > boltsH,
    );
    const [from] = long;
    if (from !== undefined)
      found.push(
        verdict(
          first - from > BOLTING_DAYS ? "wrong" : "tight",
          { code: "days-too-long", hours: boltsH, day: dayOf(from) },
          stages,
        ),
      );
  }
  return found;
}

/** Flowers that heat drops before fruit is set, and tubers that do not form in warm nights. */
function unsetByHeat({ crop, goal }: Way, stages: Stages, weather: Weather): Season[] {
  const set = stages.firstPick && fruitSet(crop, goal, dayNumber(stages.firstPick.likely), weather);
  if (!set || !crop.setsBelow || set.hotFrom === undefined || set.hotDays <= set.days / 4) return [];
  const grade = set.hotDays > (3 * set.days) / 4 ? "wrong" : "tight";
  const { kind, hotDays, hotFrom } = set;
  return [
    verdict(grade, { code: "sets-nothing", kind, ...crop.setsBelow, hotDays, day: dayOf(hotFrom) }, stages),
  ];
}

/** Judges a sowing day by nights, heat and frost: whether it comes up, stands, and is picked as it should be. */
export function judgeSeason(way: Way, sowOn: Day, climate: Climate): Season {
  const { crop, goal, method } = way;
  const stages = stagesFrom(way, sowOn, climate);
  const weather = temperatures(climate);
  // What is over is not judged any more.
  if (way.real?.endedOn) return verdict("right", { code: "season-fits" }, stages);
  if (!stages.firstPick || !stages.lastPick) {
    const asleep = startsFromSeed(method.method) && stages.up === undefined;
    return verdict(
      "wrong",
      asleep ? { code: "too-cold-to-come-up", baseC: crop.emergence.baseC } : { code: "never-ripens" },
      stages,
    );
  }
  const found: Season[] = [
    ...cold(way, sowOn, stages, climate),
    ...coldTray(way, stages, climate),
    ...byDayLength(way, sowOn, stages, weather),
    ...unsetByHeat(way, stages, weather),
  ];
  const out = dayNumber(stages.move?.likely ?? stages.up?.likely ?? sowOn);
  const first = dayNumber(stages.firstPick.likely);

  const holdDays = method.move?.holdDays ?? 0;
  if (stages.heldDays > holdDays) {
    const grade = stages.heldDays > 2 * holdDays ? "wrong" : "tight";
    found.push(
      verdict(
        grade,
        { code: "held-too-long", days: stages.heldDays, holdDays, needC: crop.nights.plantOutC },
        stages,
      ),
    );
  }
  const needC = crop.nights.plantOutC;
  const cool = daysWhere(out, first, (d) => weather(d).nightC < needC);
  if (cool.length > 0) {
    const coldest = cool.reduce((a, b) => (weather(b).nightC < weather(a).nightC ? b : a));
    const haveC = weather(coldest).nightC;
    const unset = goal.kind === "fruit" && cool.filter((d) => d > first - SET_DAYS).length > SET_DAYS / 2;
    const isTooCold = haveC < needC - (FRUIT_FAILS_C[goal.kind] ?? COLD_FAILS_C);
    const grade = unset || isTooCold ? "wrong" : "tight";
    found.push(verdict(grade, { code: "nights-too-cold", needC, haveC, day: dayOf(coldest) }, stages));
  }
  const slower = stages.reasons.find((r) => r.code === "slower-here");
  if (needC >= WARM_C && slower && slower.days > STANDS_STILL * slower.packetDays)
    found.push(
      verdict("wrong", { code: "stands-still", days: slower.days, usual: slower.packetDays }, stages),
    );
  const standsC = (d: number) =>
    d < out + SEEDLING_DAYS ? crop.nights.seedlingStandsC : crop.nights.standsC;
  const [frost] = daysWhere(out, first, (d) => weather(d).nightC - NIGHT_SWING_C < standsC(d));
  if (frost !== undefined)
    found.push(verdict("wrong", { code: "frost-first", standsC: standsC(frost), day: dayOf(frost) }, stages));
  const leadFrom = Math.max(out, first - HEAT_LEAD_DAYS + 1);
  const hot = daysWhere(leadFrom, first, (d) => weather(d).dayC >= heatFor(crop, goal));
  if (hot.length > 0) {
    const grade = hot.length > (first - leadFrom + 1) / 4 ? "wrong" : "tight";
    found.push(
      verdict(
        grade,
        { code: "bolts-first", heatC: heatFor(crop, goal), hotDays: hot.length, day: dayOf(known(hot[0])) },
        stages,
      ),
    );
  }
  const picking = dayNumber(stages.lastPick.likely) - first;
  const usual = goal.picking.window.likely;
  if (picking < usual / 2 && hot.length === 0) {
    found.push(
      verdict("tight", { code: "short-picking", days: picking, usual, day: stages.lastPick.likely }, stages),
    );
  }
  return (
    found.find((s) => s.grade === "wrong") ?? found[0] ?? verdict("right", { code: "season-fits" }, stages)
  );
}

/** Steps of three days are fine enough for a bag. */
const STEP_DAYS = 3;

/** The next day from `from` on, within a year, on which sowing is right. */
export function nextSowing(way: Way, from: Day, climate: Climate): Day | undefined {
  for (let days = 0; days <= 366; days += STEP_DAYS) {
    const day = addDays(from, days);
    if (judgeSeason(way, day, climate).grade === "right") return day;
  }
  return undefined;
}

/** The last day from `from` on, within a year, on which a sowing that is right is right still; undefined when it is not, or always is. */
export function lastSowing(way: Way, from: Day, climate: Climate): Day | undefined {
  const open = (day: Day) => judgeSeason(way, day, climate).grade === "right";
  if (!open(from)) return undefined;
  for (let days = STEP_DAYS; days <= 366; days += STEP_DAYS) {
    if (open(addDays(from, days))) continue;
    for (let back = 1; back <= STEP_DAYS; back++)
      if (open(addDays(from, days - back))) return addDays(from, days - back);
  }
  return undefined;
}

/** The latest right sowing day from which the first pick is likely by `mealOn`; undefined when none in the year before gives one. */
export function sowingFor(way: Way, mealOn: Day, climate: Climate): Day | undefined {
  for (let days = 1; days <= 366; days++) {
    const day = addDays(mealOn, -days);
    const { firstPick } = stagesFrom(way, day, climate);
    if (firstPick && firstPick.likely <= mealOn && judgeSeason(way, day, climate).grade === "right")
      return day;
  }
  return undefined;
}
