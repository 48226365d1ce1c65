import { startsFromSeed } from "../crop";
import { addDays, type Day, dayNumber, dayOf } from "../day";
import { type Climate, NIGHT_SWING_C, temperatures } from "../climate";
import { type Stages, stagesFrom, type Way } from "./stages";
import { known } from "../known";

export type SeasonGrade = "right" | "tight" | "wrong";

/** What the season says to a sowing day. Temperatures in °C. */
export type SeasonReason =
  | { readonly code: "season-fits" }
  | { readonly code: "too-cold-to-come-up"; readonly baseC: number }
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
/** Nights may be this much below the mark, and for a third of the time, for a crop to stand still and not fail. Assumption, no source. */
const COLD_GRACE_C = 2;

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

/** Judges a sowing day by nights, heat and frost: whether it comes up, stands, and is picked as it should be. */
export function judgeSeason(way: Way, sowOn: Day, climate: Climate): Season {
  const { crop, goal, method } = way;
  const stages = stagesFrom(way, sowOn, climate);
  const weather = temperatures(climate);
  if (!stages.firstPick || !stages.lastPick) {
    const asleep = startsFromSeed(method.method) && stages.up === undefined;
    return verdict(
      "wrong",
      asleep ? { code: "too-cold-to-come-up", baseC: crop.emergence.baseC } : { code: "never-ripens" },
      stages,
    );
  }
  const found: Season[] = [];
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
    const grade = haveC < needC - COLD_GRACE_C || cool.length > (first - out) / 3 ? "wrong" : "tight";
    found.push(verdict(grade, { code: "nights-too-cold", needC, haveC, day: dayOf(coldest) }, stages));
  }
  const standsC = (d: number) =>
    d < out + SEEDLING_DAYS ? crop.nights.seedlingStandsC : crop.nights.standsC;
  const [frost] = daysWhere(out, first, (d) => weather(d).nightC - NIGHT_SWING_C < standsC(d));
  if (frost !== undefined)
    found.push(verdict("wrong", { code: "frost-first", standsC: standsC(frost), day: dayOf(frost) }, stages));
  const leadFrom = Math.max(out, first - HEAT_LEAD_DAYS + 1);
  const hot = daysWhere(leadFrom, first, (d) => weather(d).dayC >= crop.heatC);
  if (hot.length > 0) {
    const grade = hot.length > (first - leadFrom + 1) / 4 ? "wrong" : "tight";
    found.push(
      verdict(
        grade,
        { code: "bolts-first", heatC: crop.heatC, hotDays: hot.length, day: dayOf(known(hot[0])) },
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

/** The last day from `from` on, within a year, before the season turns against a sowing that it does not forbid yet; undefined when it never does. */
export function lastSowing(way: Way, from: Day, climate: Climate): Day | undefined {
  const open = (day: Day) => judgeSeason(way, day, climate).grade !== "wrong";
  if (!open(from)) return undefined;
  for (let days = STEP_DAYS; days <= 366; days += STEP_DAYS) {
    if (open(addDays(from, days))) continue;
    for (let back = 1; back <= STEP_DAYS; back++)
      if (open(addDays(from, days - back))) return addDays(from, days - back);
  }
  return undefined;
}

/** The latest sowing day from which the first pick is likely by `mealOn`; undefined when none in the year before gives one. */
export function sowingFor(way: Way, mealOn: Day, climate: Climate): Day | undefined {
  for (let days = 1; days <= 366; days++) {
    const day = addDays(mealOn, -days);
    const { firstPick } = stagesFrom(way, day, climate);
    if (firstPick && firstPick.likely <= mealOn) return day;
  }
  return undefined;
}
