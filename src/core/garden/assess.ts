import { type BagShape, bagMass, checkLabel, footprint, type LabelCheck, outlineArea, plantingTop, sideRings, soilDepthCm, soilVolumeL, usualGapCm } from "../bag";
import { type Climate, judgeSeason, nextSowing, type Season } from "../calendar";
import type { Crop, Goal, Method } from "../crop";
import { addDays, type Day } from "../day";
import { chooseMethod, type Fit, fit, methodsFor } from "../fit";
import { type Load, loadOn } from "../load";
import type { Mix } from "../mix";
import { inForce, type Schools, type SchoolsInForce } from "../school";
import { distanceBetween, placeAlongEdge, placeAround, placeSides, type Point, type SidePoint } from "../placement";
import type { BagThing, Plan, Planting, Row } from "./plan";

/** The library as plain data, so that it can be sent to where the computing is done. */
export interface Reference {
  readonly crops: readonly Crop[];
  readonly bagKinds: readonly { readonly id: string; readonly shape: BagShape }[];
}

/** The part of a `Setting` that is plain data. */
export interface PlainSetting {
  readonly climate: Climate;
  readonly mix: Mix;
  readonly sunHours: number;
  /** Floor of the place, m². */
  readonly floorM2: number;
  readonly limitKgM2?: number;
  /** What programme and household have chosen. */
  readonly schools?: Schools;
}

/** What a plan is judged against. */
export interface Setting extends PlainSetting {
  readonly findShape: (kindId: string) => BagShape | undefined;
  readonly findGoal: (goalId: string) => { crop: Crop; goal: Goal } | undefined;
}

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
}

export interface RowView {
  readonly row: Row;
  readonly bag: BagThing;
  readonly shape: BagShape;
  readonly gapCm: number;
  readonly schools: SchoolsInForce;
  readonly soilL: number;
  readonly depthCm: number;
  readonly dryKg: number;
  readonly wetKg: number;
  /** The bag on what it covers of the floor; undefined for one that hangs. */
  readonly load?: Load;
  readonly label?: LabelCheck;
  readonly plantings: readonly PlantingView[];
}

export interface Garden {
  readonly rows: readonly RowView[];
  readonly soilL: number;
  /** All bags over the whole floor; hanging bags too, since their hooks hand the mass on. */
  readonly load: Load;
  /** First picks that can be counted on, the earliest first. */
  readonly meals: readonly { readonly day: Day; readonly goalId: string }[];
}

/** The shape of a bag: its own measures, else its kind's; a tower without a core where that is the school. */
export function shapeOf(bag: BagThing, setting: Setting, schools = inForce(setting.schools)): BagShape | undefined {
  const shape = bag.shape ?? setting.findShape(bag.kindId);
  return shape?.kind === "tower" && schools.core === "none" ? coreless(shape) : shape;
}

/** Kept, so that the same tower stays the same object from question to question. */
const withoutCore = new WeakMap<BagShape, BagShape>();
function coreless(shape: Extract<BagShape, { kind: "tower" }>): BagShape {
  const known = withoutCore.get(shape) ?? { ...shape, coreCm: 0 };
  withoutCore.set(shape, known);
  return known;
}

/** From when to when a planting takes its place in the bag; a raised seedling comes in when it is moved. */
function stay({ stages }: Season): { from: Day; to: Day } {
  const from = stages.move?.likely ?? stages.sow;
  return { from, to: stages.lastPick?.likely ?? stages.firstPick?.likely ?? addDays(from, 60) };
}

interface Draft {
  planting: Planting;
  crop: Crop;
  goal: Goal;
  method: Method;
  why: string;
  season: Season;
  stay: { from: Day; to: Day };
}

const overlaps = (a: Draft, b: Draft) => a.stay.from < b.stay.to && b.stay.from < a.stay.to;

function draftOf(planting: Planting, setting: Setting, schools: SchoolsInForce): Draft | undefined {
  const found = setting.findGoal(planting.goalId);
  if (!found) return undefined;
  const { crop, goal } = found;
  const where = planting.surface === "side" ? "side" : "top";
  const chosen = chooseMethod(goal, where, schools.start);
  const method = methodsFor(goal, where).find((m) => m.method === planting.method) ?? chosen?.method ?? goal.methods[0]!;
  const why = method === chosen?.method ? chosen.why : method.why;
  const season = judgeSeason(crop, goal, method, planting.sowOn, setting.climate);
  return { planting, crop, goal, method, why, season, stay: stay(season) };
}

/** Litres that a planting needs while it stands in the bag. */
const claim = ({ goal, planting }: Draft): number =>
  goal.stand.type === "plants" ? goal.stand.soilL.good * (planting.plants ?? 0) : 0;

const spacingOf = ({ goal }: Draft) => (goal.stand.type === "plants" ? goal.stand.spacingCm : { least: 0, good: 0 });

/** Half-way between what two neighbours need at least from their own kind. */
const wantApart = (a: Draft, b: Draft): number => (spacingOf(a).least + spacingOf(b).least) / 2;

/** Where a planting's plants stand: on the top they leave room for those that stand along the edge at the same time. */
function positions(draft: Draft, others: readonly Draft[], shape: BagShape): { top: Point[]; sides: SidePoint[] } {
  const { planting, goal } = draft;
  const n = planting.plants ?? 0;
  if (planting.surface === "side") return { top: [], sides: placeSides(sideRings(shape), n) };
  const top = plantingTop(shape);
  if (planting.surface === "edge") return { top: placeAlongEdge(top, n, goal.insetCm), sides: [] };
  const edging = others.filter((d) => d.planting.surface === "edge");
  const taken = edging.flatMap((d) => placeAlongEdge(top, d.planting.plants ?? 0, d.goal.insetCm));
  const clearCm = Math.max(1, ...edging.map((d) => wantApart(draft, d)));
  return { top: placeAround(top, n, spacingOf(draft).good, goal.insetCm, taken, clearCm), sides: [] };
}

function neighboursOf(draft: Draft, drafts: readonly Draft[], shape: BagShape): Neighbour[] {
  const beside = (d: Draft) => drafts.filter((x) => x !== d && overlaps(x, d));
  const others = beside(draft);
  const own = positions(draft, others, shape).top;
  return others.map((other) => {
    const common = {
      plantingId: other.planting.id,
      goalId: other.goal.id,
      from: draft.stay.from > other.stay.from ? draft.stay.from : other.stay.from,
      to: draft.stay.to < other.stay.to ? draft.stay.to : other.stay.to,
    };
    const theirs = positions(other, beside(other), shape).top;
    if (own.length === 0 || theirs.length === 0) return common;
    return { ...common, apartCm: distanceBetween(own, theirs), wantCm: wantApart(draft, other) };
  });
}

function viewPlanting(draft: Draft, drafts: readonly Draft[], shape: BagShape, gapCm: number, setting: Setting, schools: SchoolsInForce): PlantingView {
  const { planting, crop, goal, method, season } = draft;
  const others = drafts.filter((d) => d !== draft && overlaps(d, draft));
  const sameSide = others.filter((d) => d.planting.surface === "side" && planting.surface === "side");
  const verdict = fit({
    goal,
    shape,
    gapCm,
    where: planting.surface === "side" ? "side" : "top",
    plants: planting.plants ?? undefined,
    sunHours: setting.sunHours,
    season,
    nextSowing: season.grade === "right" ? undefined : nextSowing(crop, goal, method, planting.sowOn, setting.climate),
    schools,
    claimedL: others.reduce((sum, d) => sum + claim(d), 0),
    claimedHoles: sameSide.reduce((sum, d) => sum + (d.planting.plants ?? 0), 0),
  });
  return {
    planting, crop, goal, method, season,
    stay: draft.stay,
    methodWhy: draft.why,
    fit: verdict,
    neighbours: neighboursOf(draft, drafts, shape),
    ...positions(draft, others, shape),
  };
}

/** One row: its bag's soil and mass, and every planting judged with what stands beside it. */
function assessRow(row: Row, bag: BagThing, setting: Setting): RowView | undefined {
  const schools = inForce(setting.schools, row.schools);
  const shape = shapeOf(bag, setting, schools);
  if (!shape) return undefined;
  const gapCm = row.gapCm ?? usualGapCm(shape);
  const mass = bagMass(shape, setting.mix, gapCm);
  const ground = footprint(shape);
  const drafts = row.plantings.map((p) => draftOf(p, setting, schools)).filter((d) => d !== undefined);
  return {
    row, bag, shape, gapCm, schools, ...mass,
    soilL: soilVolumeL(shape, gapCm),
    depthCm: soilDepthCm(shape, gapCm),
    load: ground && loadOn(mass.wetKg, outlineArea(ground) / 10_000, setting.limitKgM2),
    label: checkLabel(shape),
    plantings: drafts.map((d) => viewPlanting(d, drafts, shape, gapCm, setting, schools)),
  };
}

/** Rows judged before: edits leave untouched rows the same object, so a change costs one row and not the garden. */
const judged = new WeakMap<Row, { readonly bag: BagThing; readonly setting: Setting; readonly view: RowView | undefined }>();

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
  const meals = rows
    .flatMap((r) => r.plantings)
    .flatMap((p) => (p.season.stages.firstPick && p.fit.grade !== "wrong" ? [{ day: p.season.stages.firstPick.likely, goalId: p.goal.id }] : []))
    .sort((a, b) => a.day.localeCompare(b.day));
  return {
    rows,
    soilL: rows.reduce((sum, r) => sum + r.soilL, 0),
    load: loadOn(rows.reduce((sum, r) => sum + r.wetKg, 0), setting.floorM2, setting.limitKgM2),
    meals,
  };
}

/** The plantings of a row that stand in its bag on a day. */
export const standingOn = (view: RowView, day: Day): PlantingView[] => view.plantings.filter((p) => p.stay.from <= day && day <= p.stay.to);

/** The next first pick from `today` on; the very first one when all are past, and none without any. */
export function nextMeal(garden: Garden, today: Day): { day: Day; goalId: string; first: boolean } | undefined {
  const meal = garden.meals.find((m) => m.day >= today) ?? garden.meals[0];
  return meal && { ...meal, first: meal === garden.meals[0] };
}
