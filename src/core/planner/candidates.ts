import { type BagShape, bagMass, footprint, outlineArea, sideHoles, soilVolumeL, usualGapCm } from "../bag";
import { judgeSeason, type Season } from "../calendar";
import { canopyOn, grownOn, standsFrom } from "../canopy";
import { type Crop, type Goal, type Method, startsFromSeed } from "../crop";
import { addDays, type Day, daysBetween } from "../day";
import { fit, rankMethods } from "../fit";
import { FOOD_GROUPS, foodGroup, NO_WANTS, picksOf, tasteOf, weeklyWantG } from "../food";
import { assessGarden, type BagThing, type Garden, type Planting, type Row, shapeOf, type Setting, weeklyThirst } from "../garden";
import { loadOnSpot } from "../load";
import { inForce } from "../school";
import { type SowingBill, sowingBill } from "../sowing";
import { coefficient, drawnL, evaporationOn, openCm2, wallFactor } from "../water";
import { pickMinutes, startMinutes } from "../work";
import { type Ask, WEIGHTS } from "./ask";
import { type BagClass, type Candidate, type CropFacts, FORTNIGHTS, type Instance, type Lane, WEEKS } from "./instance";

/** Sowing days that are tried: every fortnight is fine enough for a year, and a bag that waits a week loses little. */
const SOW_EVERY_WEEKS = 2;
/** A tower's top leaves its sides this share of the soil. Common practice: the top takes what stands, on the same mix. */
const SIDE_SHARE = 0.75;
/** Share of a floor that bags may cover, so that people still reach them and get past. Memory. */
const FLOOR_SHARE = 0.55;
/** Least floor that a bag takes with the reach round it, m². */
const REACH_M2 = 0.02;
/** Walls of a kind that nobody knows are taken for dark fabric. */
const UNKNOWN_WALL = 1.375;
/** At most this many bags of one kind are bought. */
const MOST_BOUGHT = 8;
/** What is strewn or drilled takes as long as a few places; what is picked again is picked weekly. */
const SOWN_PLACES = 5;
const PICKS_A_FORTNIGHT = 2;
/** Sure enough that a sowing gives its plants. */
const CONFIDENCE = 0.9;

interface BagAsk {
  readonly bag: BagThing;
  readonly row: Row | undefined;
  readonly freeFrom: number;
}

const weekOf = (today: Day, day: Day) => Math.floor(daysBetween(today, day) / 7);

/** What stays as it is: rows that are pinned, and plantings that are sown already. */
export function standingPart(ask: Ask): Ask["plan"] {
  const { plan, today } = ask;
  return {
    bags: plan.bags,
    rows: plan.rows.map((row) => (row.pinned ? row : { ...row, plantings: row.plantings.filter((p) => p.sowOn < today) })),
  };
}

/** The household's bags that can take something, each with the week from which it is free. */
function openBags(ask: Ask, standing: Garden): BagAsk[] {
  return ask.plan.bags.flatMap((bag): BagAsk[] => {
    const row = ask.plan.rows.find((r) => r.bagId === bag.id);
    if (row?.pinned || !bag.atHand) return [];
    const view = standing.rows.find((r) => r.bag.id === bag.id);
    const busy = (view?.plantings ?? []).map((p) => weekOf(ask.today, p.stay.to) + 1);
    return [{ bag, row, freeFrom: Math.max(0, ...busy) }];
  });
}

/** Mix, wet mass and floor that a bag takes, with the reach round it; none of the floor for one that hangs. */
function measureOf(shape: BagShape, gapCm: number | null, setting: Setting) {
  const gap = gapCm ?? usualGapCm(shape);
  const ground = footprint(shape);
  return { mixL: soilVolumeL(shape, gap), wetKg: bagMass(shape, setting.mix, gap).wetKg, floorM2: ground ? outlineArea(ground) / 10_000 + REACH_M2 : 0 };
}

/** What the bags that stay weigh and cover: those at hand, planted or not, and those that stand in the plan already. */
function thereAlready(ask: Ask, standing: Garden): { kg: number; m2: number } {
  const staying = ask.plan.bags.filter((bag) => bag.atHand || standing.rows.some((r) => r.bag.id === bag.id && (r.row.pinned || r.plantings.length > 0)));
  return staying.reduce(
    (sum, bag) => {
      const row = ask.plan.rows.find((r) => r.bagId === bag.id);
      const shape = shapeOf(bag, ask.setting, inForce(ask.setting.schools, row?.schools), row);
      if (!shape) return sum;
      const { wetKg, floorM2 } = measureOf(shape, row?.gapCm ?? null, ask.setting);
      return { kg: sum.kg + wetKg, m2: sum.m2 + floorM2 };
    },
    { kg: 0, m2: 0 },
  );
}

function classesOf(ask: Ask, standing: Garden): BagClass[] {
  const { setting } = ask;
  const measure = (shape: BagShape, gapCm: number | null) => measureOf(shape, gapCm, setting);
  const classes = new Map<string, BagClass & { bagIds: string[] }>();
  for (const { bag, row, freeFrom } of openBags(ask, standing)) {
    const settings = { gapCm: row?.gapCm ?? null, rolledToCm: row?.rolledToCm, schools: row?.schools };
    const shape = shapeOf(bag, setting, inForce(setting.schools, row?.schools), settings);
    if (!shape || freeFrom >= WEEKS) continue;
    // A repair keeps what it can where it is, so that its bags are told apart.
    const key = JSON.stringify([bag.kindId, bag.shape, settings, freeFrom, ask.repair ? bag.id : ""]);
    const known = classes.get(key);
    if (known) known.bagIds.push(bag.id);
    else classes.set(key, { kindId: bag.kindId, shape, row: settings, bagIds: [bag.id], freeFrom, buyable: 0, minor: 0, ...measure(shape, settings.gapCm) });
  }
  for (const kindId of ask.kinds) {
    const shape = shapeOf({ id: kindId, kindId, shape: null, atHand: false, firstSeason: null }, setting);
    if (!shape) continue;
    const measured = measure(shape, null);
    // A bag too heavy for the spot it stands on is not proposed; hanging bags weigh on a hook, and need one.
    if (loadOnSpot(measured.wetKg, measured.floorM2, setting.limitKgM2).grade === "over") continue;
    classes.set(kindId, { kindId, shape, row: { gapCm: null }, bagIds: [], freeFrom: 0, buyable: MOST_BOUGHT, minor: setting.prices?.[`bag/${kindId}`]?.minor ?? 0, ...measured });
  }
  return [...classes.values()];
}

/** Sums an amount by day into fortnights from `today` on; what lies outside is left out. */
function byFortnight(today: Day, amounts: readonly (readonly [day: Day, amount: number])[]): [number, number][] {
  const sums = new Map<number, number>();
  for (const [day, amount] of amounts) {
    const fortnight = Math.floor(daysBetween(today, day) / 14);
    if (fortnight >= 0 && fortnight < FORTNIGHTS && amount > 0) sums.set(fortnight, (sums.get(fortnight) ?? 0) + amount);
  }
  return [...sums].sort((a, b) => a[0] - b[0]);
}

/** How one planting goes from a sowing day on, for each plant or m²: food and leaves by fortnight. The same in every bag. */
interface Course {
  readonly inBag: Day;
  readonly to: Day;
  readonly food: readonly (readonly [fortnight: number, g: number])[];
  readonly leaves: readonly (readonly [fortnight: number, cm2: number, kc: number])[];
}

/** Undefined for what never ripens, or has no pick within the year. */
function courseOf(crop: Crop, goal: Goal, { stages }: Season, today: Day, outBy: Day | undefined): Course | undefined {
  if (!stages.firstPick || !stages.lastPick || weekOf(today, stages.firstPick.likely) >= WEEKS) return undefined;
  const to = outBy !== undefined && outBy < stages.lastPick.likely ? outBy : stages.lastPick.likely;
  const food = byFortnight(today, picksOf(goal, stages, 1).filter((p) => p.day <= to).map((p) => [p.day, p.g] as const));
  if (food.length === 0) return undefined;
  const inBag = standsFrom(stages);
  const leaves = Array.from({ length: FORTNIGHTS }, (_, fortnight) => fortnight).flatMap((fortnight): [number, number, number][] => {
    const day = addDays(today, 14 * fortnight + 7);
    if (day < inBag || day > to) return [];
    const grown = grownOn(stages, day);
    // A m² sown thick is covered by its leaves, and no more.
    const cm2 = goal.stand.type === "thick" ? 10_000 * grown : Math.PI * (canopyOn(goal, stages, day).widthCm / 2) ** 2;
    return [[fortnight, cm2, coefficient(crop.water, grown)]];
  });
  return { inBag, to, food, leaves };
}

/** How many of a goal a bag's lane takes, whatever the day; undefined when it takes none. */
interface Stand {
  readonly plants: number | undefined;
  readonly areaCm2: number;
  /** Plants, or m². */
  readonly units: number;
}

function standOf(k: BagClass, lane: Lane, goal: Goal, season: Season, setting: Setting, plants?: number): Stand | undefined {
  const soilL = soilVolumeL(k.shape, k.row.gapCm ?? usualGapCm(k.shape));
  const claimedL = sideHoles(k.shape) > 0 ? (lane === "side" ? 1 - SIDE_SHARE : SIDE_SHARE) * soilL : 0;
  const verdict = fit({ goal, shape: k.shape, gapCm: k.row.gapCm ?? undefined, where: lane, plants, sunHours: setting.sunHours, season, schools: inForce(setting.schools, k.row.schools), claimedL });
  if (verdict.limits.some((l) => l.code !== "season" && l.grade === "wrong") || verdict.plants === 0) return undefined;
  const areaCm2 = verdict.sown?.areaCm2 ?? 0;
  return { plants: verdict.plants, areaCm2, units: verdict.sown ? areaCm2 / 10_000 : (verdict.plants ?? 0) };
}

function lanesOf(k: BagClass, goal: Goal): Lane[] {
  const holed = sideHoles(k.shape) > 0;
  return [...(goal.where.includes("top") ? (["top"] as const) : []), ...(holed && goal.where.includes("side") ? (["side"] as const) : [])];
}

/** What the planner may choose from, in plain numbers: every goal that the household eats, in every class of bag, on every sowing day that works. */
export function instanceOf(ask: Ask): Instance {
  const { setting, reference, today } = ask;
  const standing = assessGarden(standingPart(ask), setting);
  const classes = classesOf(ask, standing);
  const wants = setting.wants ?? NO_WANTS;
  const people = setting.people ?? { adults: 2, children: 0 };
  const want = weeklyWantG(wants, people);
  const goals = reference.crops.flatMap((crop) => crop.goals.map((goal) => ({ crop, goal }))).filter(({ crop, goal }) => foodGroup(goal) !== undefined && tasteOf(crop, goal, wants) !== "refused" && !ask.without.includes(goal.id));
  const crops = reference.crops.filter((crop) => goals.some((g) => g.crop === crop));
  const facts = crops.map((crop): CropFacts => {
    const packet = setting.prices?.[`packet/${crop.id}`];
    return { id: crop.id, packetMinor: packet?.minor ?? 0, packetG: packet?.size ?? 1, must: wants.must.includes(crop.id) };
  });
  const mm = Array.from({ length: FORTNIGHTS }, (_, f) => evaporationOn(setting.climate, addDays(today, 14 * f + 7)));
  const dishes: string[] = [];
  const dishOf = (crop: Crop, group: string) => {
    const name = `${crop.id} ${group}`;
    if (!dishes.includes(name)) dishes.push(name);
    return dishes.indexOf(name);
  };

  const candidates: Candidate[] = [];
  const cellsCount = setting.hands?.cells ?? null;
  const add = (k: BagClass, lane: Lane, crop: Crop, goal: Goal, method: Method, season: Season, course: Course, stand: Stand, bill: SowingBill, planned?: Planting) => {
    const from = weekOf(today, course.inBag);
    const end = Math.min(WEEKS, weekOf(today, course.to) + 1);
    if (from < k.freeFrom || from >= end) return;
    const group = foodGroup(goal)!;
    const make = setting.findMake(k.kindId);
    const wall = make ? wallFactor(make) : UNKNOWN_WALL;
    candidates.push({
      classIndex: classes.indexOf(k), lane, goalId: goal.id,
      cropIndex: crops.indexOf(crop),
      dishIndex: dishOf(crop, group),
      surface: planned?.surface ?? (lane === "side" ? "side" : "top"),
      method: method.method,
      plants: stand.plants ?? null,
      sowOn: season.stages.sow, from, end,
      group: FOOD_GROUPS.indexOf(group),
      food: course.food.map(([fortnight, g]) => [fortnight, g * stand.units] as const),
      water: ask.waterLDay === undefined ? [] : course.leaves.map(([fortnight, cm2, kc]) => [fortnight, 7 * drawnL(mm[fortnight]!, openCm2(k.shape), [{ leafCm2: cm2 * stand.units, kc }], wall)] as const),
      cells: bill.places && method.method === "cells" && cellsCount !== null ? { n: bill.places.count, from: Math.max(0, weekOf(today, season.stages.sow)), end: Math.max(1, from) } : undefined,
      seedG: startsFromSeed(method.method) ? (bill.seedG ?? 0) : 0,
      pieceMinor: (bill.pieces ?? 0) * (setting.prices?.[`piece/${crop.id}`]?.minor ?? 0),
      minutes: startMinutes(method, bill.pieces ?? bill.places?.count ?? SOWN_PLACES) + pickMinutes(goal, PICKS_A_FORTNIGHT * course.food.length),
      plantingId: planned?.id,
    });
  };
  const billFor = (crop: Crop, goal: Goal, method: Method, season: Season, stand: Stand) =>
    sowingBill({ crop, goal, method, stages: season.stages }, { plants: stand.plants, areaCm2: stand.areaCm2 }, CONFIDENCE, setting.germination?.[crop.id]?.share);

  for (const { crop, goal } of goals) {
    // What does not change with the bag is worked out once for each day, what does not change with the day once for each bag.
    const courses = new Map<string, { season: Season; course: Course | undefined }>();
    const on = (method: Method, day: Day) => {
      const key = `${method.method} ${day}`;
      const known = courses.get(key);
      if (known) return known;
      const season = judgeSeason(crop, goal, method, day, setting.climate);
      const found = { season, course: season.grade === "wrong" ? undefined : courseOf(crop, goal, season, today, undefined) };
      courses.set(key, found);
      return found;
    };
    for (const k of classes) {
      for (const lane of lanesOf(k, goal)) {
        const [best] = rankMethods(goal, lane, inForce(setting.schools, k.row.schools).start, setting.hands);
        if (!best) continue;
        let stand: Stand | undefined;
        let bill: SowingBill | undefined;
        for (let week = 0; week < WEEKS; week += SOW_EVERY_WEEKS) {
          const { season, course } = on(best.method, addDays(today, 7 * week));
          if (!course) continue;
          stand ??= standOf(k, lane, goal, season, setting);
          if (!stand) break;
          bill ??= billFor(crop, goal, best.method, season, stand);
          add(k, lane, crop, goal, best.method, season, course, stand, bill);
        }
      }
    }
  }
  for (const { p, k } of ask.repair ? plannedIn(ask, classes) : []) {
    const found = setting.findGoal(p.goalId);
    const method = found?.goal.methods.find((m) => m.method === p.method);
    if (!found || !method || !foodGroup(found.goal)) continue;
    const { crop, goal } = found;
    const lane = p.surface === "side" ? "side" : "top";
    const season = judgeSeason(crop, goal, method, p.sowOn, setting.climate);
    const course = season.grade === "wrong" ? undefined : courseOf(crop, goal, season, today, p.outBy);
    const stand = course && standOf(k, lane, goal, season, setting, p.plants ?? undefined);
    if (course && stand && crops.includes(crop)) add(k, lane, crop, goal, method, season, course, stand, billFor(crop, goal, method, season, stand), p);
  }

  const there = thereAlready(ask, standing);
  const waterL = ask.waterLDay === undefined ? undefined : mm.map((_, f) => Math.max(0, 7 * ask.waterLDay! - weeklyThirst(standing, addDays(today, 14 * f + 7), setting)));
  return {
    classes, candidates,
    crops: facts,
    groups: FOOD_GROUPS,
    dishes: dishes.map((name) => FOOD_GROUPS.indexOf(name.split(" ")[1] as (typeof FOOD_GROUPS)[number])),
    wantG: FOOD_GROUPS.map((g) => Math.max(1, 2 * want[g])),
    helpingG: FOOD_GROUPS.map((g) => (g === "herbs" ? 5 : 80)),
    baseG: baseFood(standing, today),
    athome: Array.from({ length: FORTNIGHTS }, (_, f) => !ask.away.some((a) => a.from <= addDays(today, 14 * f + 4) && a.to >= addDays(today, 14 * f + 10))),
    weights: { ...WEIGHTS[ask.aim], keep: ask.repair ? 30 : 0 },
    budgetMinor: ask.budgetMinor,
    loadKg: setting.limitKgM2 === undefined ? undefined : Math.max(0, setting.limitKgM2 * setting.floorM2 - there.kg),
    floorM2: Math.max(0, FLOOR_SHARE * setting.floorM2 - there.m2),
    waterL,
    cells: setting.hands?.cells ?? undefined,
    mixMinor: setting.prices?.[`mix/${setting.mix.id}`]?.minor ?? 0,
    mixSackL: setting.prices?.[`mix/${setting.mix.id}`]?.size ?? 40,
  };
}

/** The plan's own plantings that are not sown yet, each with the bag that it is in, so that a repair can keep them. */
function plannedIn(ask: Ask, classes: readonly BagClass[]): { p: Planting; k: BagClass }[] {
  return ask.plan.rows
    .filter((row) => !row.pinned)
    .flatMap((row) => {
      const k = classes.find((c) => c.bagIds.includes(row.bagId));
      return k ? row.plantings.filter((p) => p.sowOn >= ask.today && !ask.without.includes(p.goalId)).map((p) => ({ p, k })) : [];
    });
}

/** Food that stands already, g, by fortnight and kind. */
function baseFood(standing: Garden, today: Day): number[][] {
  const table = Array.from({ length: FORTNIGHTS }, () => FOOD_GROUPS.map(() => 0));
  for (const p of standing.rows.flatMap((r) => r.plantings)) {
    const group = foodGroup(p.goal);
    if (!group || p.fit.grade === "wrong") continue;
    const units = p.patch ? p.patch.areaCm2 / 10_000 : (p.planting.plants ?? 0);
    for (const [fortnight, g] of byFortnight(today, picksOf(p.goal, p.season.stages, units).map((x) => [x.day, x.g] as const))) table[fortnight]![FOOD_GROUPS.indexOf(group)]! += g;
  }
  return table;
}
