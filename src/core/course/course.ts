import { fruitSet, judgeSeason, type Season, type Way } from "../calendar";
import { temperatures } from "../climate";
import type { Crop, Goal, Method } from "../crop";
import { addDays, type Day, dayNumber, dayOf, daysBetween } from "../day";
import { type Pick, picksOf, tableOf } from "../food";
import type { Setting } from "../setting";
import { coefficient } from "../water";
import { type Canopy, growthCurve, standsFrom } from "./growth";
import { growthByDay, leavesByDay, mostKg } from "./growth-limit";
import { lightShare } from "./light-share";
import { lightOn, meanOf, sunHoursOn } from "./light";

/** What bears for years is fed by the light of so many days before a pick, and not by that of the year before. Assumption, no source. */
const FED_BY_DAYS = 180;

/** From when to when a planting takes its place in a bag; both days are its own. */
export interface Stay {
  readonly from: Day;
  readonly to: Day;
}

/** What is sown, how and when. */
export interface Sown extends Way {
  readonly sowOn: Day;
  /** Day that it is to be pulled by, where that is before its last pick. */
  readonly outBy?: Day;
  /** What the season says to it, where that has been judged already. */
  readonly season?: Season;
}

/** A planting that never ripens is pulled after so many days. Assumption, no source. */
const GIVEN_UP_DAYS = 60;
/** A plant grown less than this does not yet need its light. Assumption, no source. */
export const LIGHT_FROM = 0.3;
/** Leaves of a dense stand close over the soil once it is grown so far. Assumption, no source. */
const CLOSED_FROM = 2 / 3;

/** To its last pick, that of its last season where it bears for years, or to the day that it is to be out by. */
function stayOf({ stages }: Season, outBy: Day | undefined): { from: number; to: number } {
  const from = dayNumber(standsFrom(stages));
  const end = stages.seasons?.at(-1)?.to ?? (stages.lastPick ?? stages.firstPick)?.likely;
  const to = end ? dayNumber(end) : from + GIVEN_UP_DAYS;
  return { from, to: outBy === undefined ? to : Math.min(to, Math.max(from, dayNumber(outBy))) };
}

/**
 * One planting through its days. Amounts are for one unit, a plant or a m² of a dense stand (see `unitsOf`); how many
 * units a bag holds is for `fit` to say.
 *
 * Days are numbers here, see `dayNumber`. What a day asks for is drawn once, when it is first asked for.
 */
export class Course {
  readonly stay: Stay;
  /** First and last day in the bag, as numbers. */
  readonly from: number;
  readonly to: number;
  private curve: Float64Array | undefined;
  private ownHours: number | undefined;
  private ownMol: number | undefined;
  private ownGrowth: { growth: Float64Array; leaves: Float64Array } | undefined;
  private ownPickedG: number | undefined;
  private ownShare: { picked: number; sunlit: number } | undefined;
  private ownPicks: readonly Pick[] | undefined;
  private ownTable: readonly Pick[] | undefined;

  readonly crop: Crop;
  readonly goal: Goal;
  readonly method: Method;

  constructor(
    { crop, goal, method, outBy, real }: Omit<Sown, "sowOn" | "season">,
    readonly season: Season,
    private readonly setting: Setting,
  ) {
    [this.crop, this.goal, this.method] = [crop, goal, method];
    const out = [outBy, real?.endedOn].filter((day) => day !== undefined).sort()[0];
    ({ from: this.from, to: this.to } = stayOf(season, out));
    this.stay = { from: dayOf(this.from), to: dayOf(this.to) };
  }

  /** Until when its light counts: its first pick, or the day on which it stands there, where it never ripens. */
  private get ripeOn(): number {
    const { firstPick } = this.season.stages;
    return firstPick ? dayNumber(firstPick.likely) : this.from;
  }

  /** Hours of direct sun a day that the place gives it on average until its first pick. */
  get sunHours(): number {
    return (this.ownHours ??= meanOf(sunHoursOn, this.setting, this.from, this.ripeOn));
  }

  /** Light that the place gives it on average until its first pick, mol/m² a day. */
  get lightMol(): number {
    return (this.ownMol ??= meanOf(lightOn, this.setting, this.from, this.ripeOn));
  }

  /** Whether it stands in its bag on a day. */
  standsOn(day: number): boolean {
    return day >= this.from && day <= this.to;
  }

  /** How far it is grown on a day, 0 to 1; 0 while it does not stand in its bag. */
  grown(day: number): number {
    if (!this.standsOn(day)) return 0;
    this.curve ??= growthCurve(this.season.stages, this.to - this.from + 1);
    return this.curve[day - this.from]!;
  }

  /** Width and height of one plant on a day. Both follow the same growth, so that a plant keeps its figure. */
  canopy(day: number): Canopy {
    const grown = this.grown(day);
    return { widthCm: this.goal.widthCm * Math.sqrt(grown), heightCm: this.goal.heightCm * grown };
  }

  /** Ground under the leaves of one unit on a day, cm². A dense stand covers its m² and no more. */
  leafCm2(day: number): number {
    const grown = this.grown(day);
    if (this.goal.stand.type === "dense") return 10_000 * Math.min(1, grown / CLOSED_FROM);
    return (Math.PI * this.goal.widthCm ** 2 * grown) / 4;
  }

  /** Its crop coefficient on a day. */
  kc(day: number): number {
    const { firstPick, lastPick } = this.season.stages;
    const first = firstPick ? dayNumber(firstPick.likely) : Number.POSITIVE_INFINITY;
    const last = lastPick ? dayNumber(lastPick.likely) : first;
    const late = day > first ? Math.min(1, (day - first) / Math.max(1, last - first)) : 0;
    return coefficient(this.crop.water, this.grown(day), late);
  }

  /** What one unit gives and when, while it stands, that has all the room and soil which it can use: in the light of the place. */
  get picks(): readonly Pick[] {
    this.ownPicks ??= this.sunlitPicks();
    return this.ownPicks;
  }

  /** What comes to the table of one unit and when, as long as it keeps. */
  get table(): readonly Pick[] {
    this.ownTable ??= tableOf(this.goal, this.season.stages, this.picks, this.stay.to);
    return this.ownTable;
  }

  /** Sum of the picks of one unit, g. */
  get pickedG(): number {
    return (this.ownPickedG ??= this.picks.reduce((sum, { g }) => sum + g, 0));
  }

  /** Share of its picking that its days leave it, and share of a full sun's harvest that its light and the heat do, 0 to 1. */
  get share(): { readonly picked: number; readonly sunlit: number } {
    if (!this.ownShare) {
      const inSun = this.inFullSun().reduce((sum, { g }) => sum + g, 0);
      const whole = this.goal.yieldG.likely;
      this.ownShare =
        inSun > 0 ? { picked: inSun / whole, sunlit: this.pickedG / inSun } : { picked: 0, sunlit: 0 };
    }
    return this.ownShare;
  }

  /** The most that can grow of so many units on an area, kg: see `mostKg`. */
  growthKg(units: number, areaM2: number): number {
    this.ownGrowth ??= { growth: growthByDay(this, this.setting), leaves: leavesByDay(this) };
    return mostKg(this, this.ownGrowth, units, areaM2);
  }

  private inFullSun(): readonly Pick[] {
    const { stages } = this.season;
    const first = picksOf(this.goal, stages, 1);
    const all = stages.seasons
      ? stages.seasons.flatMap(({ from, share }) => {
          const later = daysBetween(first[0]?.day ?? from, from);
          return first.map(({ day, g }) => ({ day: addDays(day, later), g: g * share }));
        })
      : first;
    return all.filter(({ day }) => day <= this.stay.to);
  }

  /** Each pick as the light of the days since the one before it lets it be, and the heat in which its flowers were set. */
  private sunlitPicks(): Pick[] {
    let since = this.from;
    return this.inFullSun().map(({ day, g }) => {
      const on = dayNumber(day);
      const mol = meanOf(lightOn, this.setting, Math.max(since, on - FED_BY_DAYS), on);
      since = on;
      const set = fruitSet(this.crop, this.goal, on, temperatures(this.setting.climate));
      const setShare = set ? 1 - set.hotDays / set.days : 1;
      return { day, g: g * setShare * lightShare(this.goal, mol) };
    });
  }
}

/**
 * The course of something sown at a place.
 *
 * @param sown what, how and when; its season is judged here when it has not been
 * @param setting the place and the town's climate
 */
export function courseOf(sown: Sown, setting: Setting): Course {
  return new Course(sown, sown.season ?? judgeSeason(sown, sown.sowOn, setting.climate), setting);
}
