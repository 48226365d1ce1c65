import {
  type BagMake,
  type BagShape,
  bagMass,
  checkLabel,
  footprint,
  type LabelCheck,
  outlineArea,
  soilDepthCm,
  soilVolumeL,
  usualGapCm,
} from "../bag";
import { grownOn } from "../canopy";
import { nextSowing, type Season } from "../calendar";
import type { Crop, Goal, Method } from "../crop";
import type { Day } from "../day";
import { type Fit, fit } from "../fit";
import { type HookLoad, type Load, loadOn, loadOnHook, loadOnSpot } from "../load";
import { distanceBetween, type Point, type SidePoint, whereOf } from "../placement";
import { inForce, type SchoolsInForce } from "../school";
import { type Clash, clashesOf } from "./clash";
import { claimedFrom, daysTogether } from "./crowd";
import { type Draft, draftOf, overlaps } from "./draft";
import { sunWhile } from "./light";
import { type BagThing, halfOf, type Plan, type Planting, type Row } from "./plan";
import { type Patch, type Standing, standingsOf, wantApart } from "./positions";
import { type Setting, shapeOf } from "./setting";
import { sunUnder } from "./shade";

/** Another planting in the bag at the same time, and how near its plants come. */
export interface Neighbour {
  readonly plantingId: string;
  readonly goalId: string;
  readonly from: Day;
  readonly to: Day;
  /** Least distance between plants of the two on the top, and what both want at least; undefined off the top. */
  readonly apartCm?: number;
  readonly wantCm?: number;
}

export interface PlantingView {
  readonly planting: Planting;
  readonly crop: Crop;
  readonly goal: Goal;
  readonly method: Method;
  readonly methodWhy: string;
  readonly season: Season;
  /** From when to when it takes its place in the bag. */
  readonly stay: { readonly from: Day; readonly to: Day };
  readonly fit: Fit;
  readonly neighbours: readonly Neighbour[];
  /** Where its plants stand: on the top in cm from the middle, or among side holes. */
  readonly top: readonly Point[];
  readonly sides: readonly SidePoint[];
  /** Its part of the top, when it is sown thick. */
  readonly patch?: Patch;
  readonly ground?: readonly Point[];
}

export interface RowView {
  readonly row: Row;
  readonly bag: BagThing;
  readonly shape: BagShape;
  /** What it is made of; undefined for a kind that the library no longer has. */
  readonly make?: BagMake;
  readonly gapCm: number;
  readonly schools: SchoolsInForce;
  readonly soilL: number;
  readonly depthCm: number;
  readonly dryKg: number;
  readonly wetKg: number;
  /** The bag on what it covers of the floor; undefined for one that hangs. */
  readonly load?: Load;
  /** The bag on its hook; undefined for one that stands. */
  readonly hook?: HookLoad;
  readonly label?: LabelCheck;
  readonly plantings: readonly PlantingView[];
  /** Where its plantings are in each other's way. */
  readonly clashes: readonly Clash[];
}

/** A first pick that can be counted on. */
export interface Meal {
  readonly day: Day;
  readonly goalId: string;
  readonly plantingId: string;
}

export interface Garden {
  readonly rows: readonly RowView[];
  readonly soilL: number;
  /** All bags over the whole floor; hanging bags too, since their hooks hand the mass on. */
  readonly load: Load;
  /** Bags that hang, and how many more they are than there are hooks. */
  readonly hanging: { readonly bags: number; readonly unhooked: number };
  /** First picks that can be counted on, the earliest first. */
  readonly meals: readonly Meal[];
}

/** Smaller than this, a plant does not yet need its light. */
const LIGHT_FROM = 0.3;

/** Hours of sun that a planting gets on average while it grows to its first pick, under what stands taller in its bag. */
function sunFor(
  draft: Draft,
  others: readonly Draft[],
  standings: ReadonlyMap<Draft, Standing>,
  sunHours: number,
): number {
  const { stages } = draft.season;
  const until = stages.firstPick?.likely ?? draft.stay.to;
  const days = [...new Set(others.flatMap((o) => daysTogether(draft, o)))].filter(
    (day) => day <= until && grownOn(stages, day) >= LIGHT_FROM,
  );
  const growing = daysTogether(draft, { stay: { from: draft.stay.from, to: until } }).filter(
    (day) => grownOn(stages, day) >= LIGHT_FROM,
  );
  if (days.length === 0 || growing.length === 0) return sunHours;
  const shaded = days.reduce(
    (sum, day) => sum + sunHours - sunUnder(draft, others, day, sunHours, standings),
    0,
  );
  return sunHours - shaded / Math.max(days.length, growing.length);
}

function neighboursOf(
  draft: Draft,
  others: readonly Draft[],
  standings: ReadonlyMap<Draft, Standing>,
): Neighbour[] {
  const own = standings.get(draft)!.top;
  return others.map((other) => {
    const common = {
      plantingId: other.planting.id,
      goalId: other.goal.id,
      from: draft.stay.from > other.stay.from ? draft.stay.from : other.stay.from,
      to: draft.stay.to < other.stay.to ? draft.stay.to : other.stay.to,
    };
    const theirs = standings.get(other)!.top;
    if (own.length === 0 || theirs.length === 0) return common;
    return { ...common, apartCm: distanceBetween(own, theirs), wantCm: wantApart(draft, other) };
  });
}

interface Bag {
  readonly shape: BagShape;
  readonly gapCm: number;
  readonly soilL: number;
}

function viewPlanting(
  draft: Draft,
  drafts: readonly Draft[],
  standings: ReadonlyMap<Draft, Standing>,
  { shape, gapCm, soilL }: Bag,
  setting: Setting,
  schools: SchoolsInForce,
): PlantingView {
  const { planting, crop, goal, method, season } = draft;
  const sunHours = sunWhile(season, setting);
  const others = drafts.filter((d) => d !== draft && overlaps(d, draft));
  const sameSide = others.filter((d) => d.planting.surface === "side" && planting.surface === "side");
  const { top, sides, patch, ground } = standings.get(draft)!;
  const verdict = fit({
    goal,
    shape,
    gapCm,
    where: whereOf(planting.surface),
    half: halfOf(planting),
    plants: planting.plants ?? undefined,
    sunHours: planting.surface === "side" ? sunHours : sunFor(draft, others, standings, sunHours),
    season,
    nextSowing:
      season.grade === "right" ? undefined : nextSowing(crop, goal, method, planting.sowOn, setting.climate),
    schools,
    claimedL: claimedFrom(draft, others, soilL),
    claimedHoles: sameSide.reduce((sum, d) => sum + (d.planting.plants ?? 0), 0),
    areaCm2: patch?.areaCm2,
  });
  return {
    planting,
    crop,
    goal,
    method,
    season,
    stay: draft.stay,
    methodWhy: draft.why,
    fit: verdict,
    neighbours: neighboursOf(draft, others, standings),
    top,
    sides,
    patch,
    ground,
  };
}

/** One row: its bag's soil and mass, and every planting judged with what stands beside it. */
export function assessRow(row: Row, bag: BagThing, setting: Setting): RowView | undefined {
  const schools = inForce(setting.schools, row.schools);
  const shape = shapeOf(bag, setting, schools, row);
  if (!shape) return undefined;
  const gapCm = row.gapCm ?? usualGapCm(shape);
  const soilL = soilVolumeL(shape, gapCm);
  const drafts = row.plantings.map((p) => draftOf(p, setting, schools)).filter((d) => d !== undefined);
  const standings = standingsOf(drafts, shape);
  const mass = bagMass(shape, setting.mix, gapCm);
  const ground = footprint(shape);
  return {
    row,
    bag,
    shape,
    gapCm,
    schools,
    soilL,
    ...mass,
    make: setting.findMake(bag.kindId),
    depthCm: soilDepthCm(shape, gapCm),
    load: ground && loadOnSpot(mass.wetKg, outlineArea(ground) / 10_000, setting.limitKgM2),
    hook: ground ? undefined : loadOnHook(mass.wetKg, setting.hooks?.limitKg),
    label: checkLabel(shape),
    plantings: drafts.map((d) =>
      viewPlanting(d, drafts, standings, { shape, gapCm, soilL }, setting, schools),
    ),
    clashes: clashesOf(drafts, standings, shape, soilL, setting.sunHours),
  };
}

/** Rows judged before: edits leave untouched rows the same object, so a change costs one row and not the garden. */
const judged = new WeakMap<
  Row,
  { readonly bag: BagThing; readonly setting: Setting; readonly view: RowView | undefined }
>();

function assessOnce(row: Row, bag: BagThing, setting: Setting): RowView | undefined {
  const known = judged.get(row);
  if (known && known.bag === bag && known.setting === setting) return known.view;
  const view = assessRow(row, bag, setting);
  judged.set(row, { bag, setting, view });
  return view;
}

/** The whole plan: each row, and the totals that never leave sight. A row whose bag nobody knows is left out. */
export function assessGarden(plan: Plan, setting: Setting): Garden {
  const rows = plan.rows
    .map((row) => {
      const bag = plan.bags.find((b) => b.id === row.bagId);
      return bag && assessOnce(row, bag, setting);
    })
    .filter((r) => r !== undefined);
  const hanging = rows.filter((r) => r.hook).length;
  const meals = rows
    .flatMap((r) => r.plantings)
    .flatMap((p) =>
      p.season.stages.firstPick && p.fit.grade !== "wrong"
        ? [{ day: p.season.stages.firstPick.likely, goalId: p.goal.id, plantingId: p.planting.id }]
        : [],
    )
    .sort((a, b) => a.day.localeCompare(b.day));
  return {
    rows,
    soilL: rows.reduce((sum, r) => sum + r.soilL, 0),
    load: loadOn(
      rows.reduce((sum, r) => sum + r.wetKg, 0),
      setting.floorM2,
      setting.limitKgM2,
    ),
    hanging: { bags: hanging, unhooked: Math.max(0, hanging - (setting.hooks?.count ?? hanging)) },
    meals,
  };
}

/** Whether a bag is over the limit of what bears it: its spot of floor, or its hook. */
export const isTooHeavy = ({ load, hook }: RowView): boolean =>
  load?.grade === "over" || hook?.grade === "over";

/** The plantings of a row that stand in its bag on a day. */
export const standingOn = (view: RowView, day: Day): PlantingView[] =>
  view.plantings.filter((p) => p.stay.from <= day && day <= p.stay.to);

/** The next first pick from `today` on; the very first one when all are past, and none without any. */
export function nextMeal(
  garden: Garden,
  today: Day,
): { day: Day; goalId: string; first: boolean } | undefined {
  const meal = garden.meals.find((m) => m.day >= today) ?? garden.meals[0];
  return meal && { ...meal, first: meal === garden.meals[0] };
}
