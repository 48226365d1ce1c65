import {
  type BagMake,
  type BagShape,
  bagMass,
  checkLabel,
  type LabelCheck,
  soilDepthCm,
  soilVolumeL,
  usualGapCm,
} from "../bag";
import { nextSowing, type Real, type Season, type Stages, stagesFrom } from "../calendar";
import { type Course, type Harvest, harvestOf, LIGHT_FROM, lightOn, type Stay } from "../course";
import type { Crop, Goal, Method } from "../crop";
import { type Day, dayNumber } from "../day";
import { type Fit, fit } from "../fit";
import type { Mix } from "../mix";
import { bearingOf, type HookLoad, type Load, loadOn } from "../load";
import { distanceBetween, type Point, type SidePoint, whereOf } from "../placement";
import { type BagThing, halfOf, type Plan, type Planting, type Row } from "../plan";
import { inForce, type SchoolsInForce } from "../school";
import { mixOf, type Setting, settingUnder, shapeOf } from "../setting";
import { type Clash, clashesOf, type RowFacts } from "./clash";
import { claimedFrom, daysTogether } from "./crowd";
import { liesIn, type Occupant, occupantOf, overlaps } from "./occupant";
import { type Patch, positionsOf, wantApart } from "./positions";
import { groundFor, openFloor } from "./ground";
import { isSilent, silentSince } from "./silent";
import { litShare } from "./shade";

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
  /** What is on record of it; and the dates that were planned, where they have moved since. */
  readonly real?: Real;
  readonly planned?: Stages;
  /** From when to when it takes its place in the bag. */
  readonly stay: Stay;
  /** How one unit of it goes, day by day, and how many units there are: plants, or m² of a dense stand. */
  readonly course: Course;
  readonly units: number;
  /** What all of it gives over its picks, kg. */
  readonly harvest: Harvest;
  readonly fit: Fit;
  readonly neighbours: readonly Neighbour[];
  /** Where its plants stand: on the top in cm from the middle, or among side holes. */
  readonly top: readonly Point[];
  readonly sides: readonly SidePoint[];
  /** Its part of the top, when it is sown dense. */
  readonly patch?: Patch;
  readonly ground?: readonly Point[];
}

export interface RowView {
  readonly row: Row;
  readonly bag: BagThing;
  readonly shape: BagShape;
  /** What it is judged against: the household's setting, or that under its cover. */
  readonly setting: Setting;
  /** What it is made of; undefined for a kind that the library no longer has. */
  readonly make?: BagMake;
  readonly gapCm: number;
  readonly schools: SchoolsInForce;
  readonly soilL: number;
  /** What it is filled with. */
  readonly mix: Mix;
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
  /** Day of a sowing of which nothing is on record, where records are kept. */
  readonly silentSince?: Day;
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

/** Light that a planting gets a day on average while it grows to its first pick, under what stands taller in its bag. */
function lightUnder(
  own: Occupant,
  others: readonly Occupant[],
  { positions, lightOn: of }: RowFacts,
): number {
  const { course } = own;
  const { firstPick } = course.season.stages;
  const until = firstPick ? dayNumber(firstPick.likely) : course.to;
  const grows = (day: number) => day <= until && course.grown(day) >= LIGHT_FROM;
  const days = [...new Set(others.flatMap((other) => daysTogether(own, other)))].filter(grows);
  const growing = daysTogether(own, { course: { from: course.from, to: until } }).filter(grows);
  if (days.length === 0 || growing.length === 0) return course.lightMol;
  const shaded = days.reduce((sum, day) => sum + of(day) * (1 - litShare(own, others, day, positions)), 0);
  return Math.max(0, course.lightMol - shaded / Math.max(days.length, growing.length));
}

function neighboursOf(
  own: Occupant,
  others: readonly Occupant[],
  { positions }: Pick<RowFacts, "positions">,
): Neighbour[] {
  const top = positions.get(own)?.top ?? [];
  return others.map((other) => {
    const [a, b] = [own.course.stay, other.course.stay];
    const common = {
      plantingId: other.planting.id,
      goalId: other.goal.id,
      from: a.from > b.from ? a.from : b.from,
      to: a.to < b.to ? a.to : b.to,
    };
    const theirs = positions.get(other)?.top ?? [];
    if (top.length === 0 || theirs.length === 0) return common;
    return { ...common, apartCm: distanceBetween(top, theirs), wantCm: wantApart(own, other) };
  });
}

/** What a planting's verdict takes besides what stands beside it. */
interface RowSetting extends RowFacts {
  readonly open: number;
  readonly gapCm: number;
  readonly schools: SchoolsInForce;
  readonly setting: Setting;
}

function viewPlanting(own: Occupant, row: RowSetting): PlantingView {
  const { positions, shape, gapCm, soilL, schools, setting } = row;
  const { planting, crop, goal, course } = own;
  const { season, method } = course;
  const real = setting.happened?.[planting.id];
  const others = row.occupants.filter((other) => other !== own && overlaps(other, own));
  const isSided = planting.surface === "side";
  const sameSide = isSided ? others.filter((other) => other.planting.surface === "side") : [];
  const { top, sides, patch, ground: sown } = positions.get(own) ?? { top: [], sides: [] };
  const patchOf = (o: Occupant) => positions.get(o)?.patch;
  const ground = groundFor(own, others, { shape, soilL, patchOf, open: row.open });
  const verdict = fit({
    goal,
    shape,
    gapCm,
    where: whereOf(planting.surface),
    half: halfOf(planting),
    plants: planting.plants ?? undefined,
    lightMol: isSided ? course.lightMol : lightUnder(own, others, row),
    season,
    nextSowing:
      season.grade === "right" || real
        ? undefined
        : nextSowing({ crop, goal, method }, planting.sowOn, setting.climate),
    schools,
    claimedL: claimedFrom(own, others, soilL),
    claimedHoles: sameSide.reduce((sum, other) => sum + (other.planting.plants ?? 0), 0),
    areaCm2: patch?.areaCm2,
  });
  return {
    planting: own.planned,
    crop,
    goal,
    method,
    season,
    real,
    planned: real && stagesFrom({ crop, goal, method }, planting.sowOn, setting.climate),
    stay: course.stay,
    course,
    units: ground.units,
    harvest: harvestOf(course, ground),
    methodWhy: own.why,
    fit: verdict,
    neighbours: neighboursOf(own, others, row),
    top,
    sides,
    patch,
    ground: sown,
  };
}

/**
 * One row: its bag's soil and mass, and every planting judged with what stands beside it.
 *
 * @param open share of their light that its crowns keep among those of all bags, see `openFloor`
 */
export function assessRow(row: Row, bag: BagThing, setting: Setting, open = 1): RowView | undefined {
  const schools = inForce(setting.schools, row.schools);
  const shape = shapeOf(bag, setting, schools, row);
  if (!shape) return undefined;
  const gapCm = row.gapCm ?? usualGapCm(shape);
  const soilL = soilVolumeL(shape, gapCm);
  const under = settingUnder(setting, shape, row);
  const occupants = row.plantings
    .map((p) => occupantOf(p, under, schools))
    .filter((occupant) => occupant !== undefined);
  const positions = positionsOf(occupants, shape);
  const facts = { occupants, positions, shape, soilL, lightOn: (day: number) => lightOn(under, day) };
  const mix = mixOf(row, setting, schools);
  const mass = bagMass(shape, mix, gapCm);
  return {
    row,
    bag,
    shape,
    gapCm,
    schools,
    soilL,
    mix,
    ...mass,
    setting: under,
    make: setting.findMake(bag.kindId),
    depthCm: soilDepthCm(shape, gapCm),
    ...bearingOf(shape, mass.wetKg, setting),
    label: checkLabel(shape),
    plantings: occupants.map((own) => viewPlanting(own, { ...facts, open, gapCm, schools, setting: under })),
    clashes: clashesOf(facts),
  };
}

/** Rows judged before: edits leave untouched rows the same object, so a change costs one row and not the garden. */
const judged = new WeakMap<
  Row,
  {
    readonly bag: BagThing;
    readonly setting: Setting;
    readonly open: number;
    readonly view: RowView | undefined;
  }
>();

function assessOnce(row: Row, bag: BagThing, setting: Setting, open: number): RowView | undefined {
  const known = judged.get(row);
  if (known && known.bag === bag && known.setting === setting && known.open === open) return known.view;
  const view = assessRow(row, bag, setting, open);
  judged.set(row, { bag, setting, open, view });
  return view;
}

/** The whole plan: each row, and the totals that never leave sight. A row whose bag nobody knows is left out. */
export function assessGarden(plan: Plan, setting: Setting): Garden {
  const filled = plan.rows.flatMap((row) => {
    const bag = plan.bags.find((b) => b.id === row.bagId);
    const shape = bag && shapeOf(bag, setting, inForce(setting.schools, row.schools), row);
    return shape ? [{ row, bag, shape }] : [];
  });
  const planted = filled.filter(({ row }) => row.plantings.length > 0);
  const open = openFloor(
    planted.map(({ shape }) => shape),
    setting,
  );
  const rows = filled
    .map(({ row, bag }) => assessOnce(row, bag, setting, open))
    .filter((r) => r !== undefined);
  const hanging = rows.filter((r) => r.hook).length;
  const meals = rows
    .flatMap((r) => r.plantings)
    .flatMap((p) =>
      p.season.stages.firstPick && p.fit.grade !== "wrong" && p.season.stages.firstPick.likely <= p.stay.to
        ? [
            {
              day: p.season.stages.firstPick.likely,
              goalId: p.goal.id,
              plantingId: p.planting.id,
              silentSince: silentSince(p, setting),
            },
          ]
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

/** So many times over a limit is no close call any more. Ours to choose. */
const FAR_OVER = 1.5;

/** How many times its limit the floor bears under the worst bag, where that is no close call; undefined where it is none. */
export function farOver({ rows }: Garden): number | undefined {
  const times = Math.max(0, ...rows.map(({ load }) => load?.share ?? 0));
  return times >= FAR_OVER ? times : undefined;
}

/** The plantings of a row that stand in its bag on a day. */
export const standingOn = (view: RowView, day: Day): PlantingView[] =>
  view.plantings.filter((p) => liesIn(day, p.stay));

/** The next first pick from `today` on; the very first one when all are past, and none without any. */
export function nextMeal(
  garden: Garden,
  today: Day,
): { day: Day; goalId: string; first: boolean } | undefined {
  const counted = garden.meals.filter((m) => !isSilent(m.silentSince, today));
  const meal = counted.find((m) => m.day >= today) ?? counted[0];
  return meal && { ...meal, first: meal === counted[0] };
}
