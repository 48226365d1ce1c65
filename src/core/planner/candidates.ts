import { judgeSeason, type Season } from "../calendar";
import { type Crop, type Goal, type Method, startsFromSeed } from "../crop";
import { addDays, type Day } from "../day";
import { rankMethods } from "../fit";
import { FOOD_GROUPS, foodGroup, NO_WANTS, tableOf, tasteOf, weeklyWantG } from "../food";
import {
  assessGarden,
  type Garden,
  halfOf,
  type Planting,
  type Setting,
  shadeAcross,
  standingInHalf,
  type Stood,
  sunWhile,
  unitsOf,
  weeklyThirst,
} from "../garden";
import { costMinor } from "../money";
import { type Half, otherHalf, whereOf } from "../placement";
import { inForce } from "../school";
import { type SowingBill, sowingBill } from "../sowing";
import { drawnL, evaporationOn, openCm2, wallFactor } from "../water";
import { MINUTES, startMinutes } from "../work";
import { type Ask, WEIGHTS } from "./ask";
import { classesOf, type Left, standingMinor, standingPart, thereAlready } from "./bags";
import { byFortnight, type Course, courseOf, lanesOf, type Stand, standOf, weekOf } from "./course";
import {
  type BagClass,
  type Candidate,
  type CropFacts,
  FORTNIGHTS,
  type Instance,
  type Lane,
  WEEKS,
} from "./instance";

/** Sowing days that are tried: every fortnight is fine enough for a year, and a bag that waits a week loses little. */
const SOW_EVERY_WEEKS = 2;
/** Share of a floor that bags may cover, so that people still reach them and get past. Memory. */
const FLOOR_SHARE = 0.55;
/** Walls of a kind that nobody knows are taken for dark fabric. */
const UNKNOWN_WALL = 1.375;
/** What is strewn or drilled takes as long as a few places. */
const SOWN_PLACES = 5;
/** Sure enough that a sowing gives its plants. */
const CONFIDENCE = 0.9;

/** What the planner may choose from, in plain numbers: every goal that the household eats, in every class of bag, on every sowing day that works. */
export function instanceOf(ask: Ask): Instance {
  const { setting, reference, today } = ask;
  const standing = assessGarden(standingPart(ask), setting);
  const there = thereAlready(ask);
  const left: Left = {
    kg:
      setting.limitKgM2 === undefined
        ? undefined
        : Math.max(0, setting.limitKgM2 * setting.floorM2 - there.kg),
    m2: Math.max(0, FLOOR_SHARE * setting.floorM2 - there.m2),
    minor:
      ask.budgetMinor === undefined ? undefined : Math.max(0, ask.budgetMinor - standingMinor(ask, standing)),
    hooks: setting.hooks?.count === undefined ? undefined : Math.max(0, setting.hooks.count - there.hanging),
  };
  const classes = classesOf(ask, standing, left);
  const wants = setting.wants ?? NO_WANTS;
  const people = setting.people ?? { adults: 2, children: 0 };
  const want = weeklyWantG(wants, people);
  const goals = reference.crops
    .flatMap((crop) => crop.goals.map((goal) => ({ crop, goal })))
    .filter(
      ({ crop, goal }) =>
        foodGroup(goal) !== undefined &&
        tasteOf(crop, goal, wants) !== "refused" &&
        !ask.without.includes(goal.id),
    );
  const crops = reference.crops.filter((crop) => goals.some((g) => g.crop === crop));
  const packetOf = (crop: Crop) => setting.prices?.[`packet/${crop.id}`];
  const facts = crops.map((crop): CropFacts => {
    const packet = packetOf(crop);
    return {
      id: crop.id,
      packetMinor: packet && !packet.together ? packet.minor : 0,
      packetG: packet?.size ?? 1,
      must: wants.must.includes(crop.id),
    };
  });
  const mm = Array.from({ length: FORTNIGHTS }, (_, f) =>
    evaporationOn(setting.climate, addDays(today, 14 * f + 7)),
  );
  const dishes: string[] = [];
  const dishOf = (crop: Crop, group: string) => {
    const name = `${crop.id} ${group}`;
    if (!dishes.includes(name)) dishes.push(name);
    return dishes.indexOf(name);
  };

  const candidates: Candidate[] = [];
  const cellsCount = setting.hands?.cells ?? null;
  const add = (
    k: BagClass,
    lane: Lane,
    crop: Crop,
    goal: Goal,
    method: Method,
    season: Season,
    course: Course,
    stand: Stand,
    bill: SowingBill,
    planned?: Planting,
  ) => {
    const from = weekOf(today, course.inBag);
    const end = Math.min(WEEKS, weekOf(today, course.to) + 1);
    if (from < k.freeFrom || from >= end) return;
    const group = foodGroup(goal)!;
    const make = setting.findMake(k.kindId);
    const wall = make ? wallFactor(make) : UNKNOWN_WALL;
    const seedG = startsFromSeed(method.method) ? (bill.seedG ?? 0) : 0;
    const packet = packetOf(crop);
    candidates.push({
      classIndex: classes.indexOf(k),
      lane,
      goalId: goal.id,
      cropIndex: crops.indexOf(crop),
      dishIndex: dishOf(crop, group),
      surface: planned?.surface ?? lane,
      method: method.method,
      plants: stand.plants ?? null,
      sowOn: season.stages.sow,
      from,
      end,
      group: FOOD_GROUPS.indexOf(group),
      food: course.food.map(([fortnight, g]) => [fortnight, g * stand.units] as const),
      water:
        ask.waterLDay === undefined
          ? []
          : course.leaves.map(
              ([fortnight, cm2, kc]) =>
                [
                  fortnight,
                  7 * drawnL(mm[fortnight]!, openCm2(k.shape), [{ leafCm2: cm2 * stand.units, kc }], wall),
                ] as const,
            ),
      cells:
        bill.places && method.method === "cells" && cellsCount !== null
          ? {
              n: bill.places.count,
              from: Math.max(0, weekOf(today, season.stages.sow)),
              end: Math.max(1, from),
            }
          : undefined,
      seedG,
      ownMinor:
        (bill.pieces ?? 0) * (setting.prices?.[`piece/${crop.id}`]?.minor ?? 0) +
        (packet?.together ? costMinor(packet, seedG) : 0),
      minutes:
        startMinutes(method, bill.pieces ?? bill.places?.count ?? SOWN_PLACES) + MINUTES.pick * course.picks,
      plantingId: planned?.id,
      spareLight: 1 - goal.sunHours.least / Math.max(1e-9, sunWhile(season, setting)),
    });
  };
  const billFor = (crop: Crop, goal: Goal, method: Method, season: Season, stand: Stand) =>
    sowingBill(
      { crop, goal, method, stages: season.stages },
      { plants: stand.plants, areaCm2: stand.areaCm2 },
      CONFIDENCE,
      setting.germination?.[crop.id]?.share,
    );

  const isDark = (season: Season, goal: Goal) => sunWhile(season, setting) < goal.sunHours.least;

  for (const { crop, goal } of goals) {
    // What does not change with the bag is worked out once for each day, what does not change with the day once for each bag.
    const courses = new Map<string, { season: Season; course: Course | undefined }>();
    const on = (method: Method, day: Day) => {
      const key = `${method.method} ${day}`;
      const known = courses.get(key);
      if (known) return known;
      const season = judgeSeason(crop, goal, method, day, setting.climate);
      const found = {
        season,
        course:
          season.grade === "wrong" || isDark(season, goal)
            ? undefined
            : courseOf(crop, goal, season, today, undefined),
      };
      courses.set(key, found);
      return found;
    };
    for (const k of classes) {
      for (const lane of lanesOf(k, goal)) {
        const [best] = rankMethods(
          goal,
          whereOf(lane),
          inForce(setting.schools, k.row.schools).start,
          setting.hands,
        );
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
    const lane = laneIn(k, p);
    const season = judgeSeason(crop, goal, method, p.sowOn, setting.climate);
    const course =
      season.grade === "wrong" || isDark(season, goal)
        ? undefined
        : courseOf(crop, goal, season, today, p.outBy);
    const stand = course && standOf(k, lane, goal, season, setting, p.plants ?? undefined);
    if (course && stand && crops.includes(crop))
      add(k, lane, crop, goal, method, season, course, stand, billFor(crop, goal, method, season, stand), p);
  }

  const sack = setting.prices?.[`mix/${setting.mix.id}`];
  const waterL =
    ask.waterLDay === undefined
      ? undefined
      : mm.map((_, f) =>
          Math.max(0, 7 * ask.waterLDay! - weeklyThirst(standing, addDays(today, 14 * f + 7), setting)),
        );
  return {
    classes,
    candidates,
    crops: facts,
    groups: FOOD_GROUPS,
    dishes: dishes.map((name) => FOOD_GROUPS.indexOf(name.split(" ")[1] as (typeof FOOD_GROUPS)[number])),
    wantG: FOOD_GROUPS.map((g) => Math.max(1, 2 * want[g])),
    helpingG: FOOD_GROUPS.map((g) => (g === "herbs" ? 5 : 80)),
    baseG: baseFood(standing, today),
    athome: Array.from(
      { length: FORTNIGHTS },
      (_, f) =>
        !ask.away.some((a) => a.from <= addDays(today, 14 * f + 4) && a.to >= addDays(today, 14 * f + 10)),
    ),
    weights: { ...WEIGHTS[ask.aim], keep: ask.repair ? 30 : 0 },
    budgetMinor: left.minor,
    loadKg: left.kg,
    floorM2: left.m2,
    waterL,
    cells: setting.hands?.cells ?? undefined,
    mixMinor: sack && !sack.together ? sack.minor : 0,
    mixSackL: sack?.size ?? 40,
    shade: shadeIn(classes, candidates, setting),
  };
}

/** Shade between the halves of a bag, worked out once for each pair of stands that are alike; places are worked out once for each stand. */
function shadeIn(
  classes: readonly BagClass[],
  candidates: readonly Candidate[],
  setting: Setting,
): Instance["shade"] {
  const alike = new Map<string, number>();
  const kindOf = candidates.map(({ classIndex, goalId, plants }) => {
    const key = `${classIndex} ${goalId} ${plants}`;
    alike.set(key, alike.get(key) ?? alike.size);
    return alike.get(key)!;
  });
  const stood = { "first-half": new Map<number, Stood>(), "second-half": new Map<number, Stood>() };
  const stoodIn = (half: Half, index: number): Stood => {
    const { classIndex, goalId, plants } = candidates[index]!;
    const known = stood[half].get(kindOf[index]!);
    if (known) return known;
    const { goal } = setting.findGoal(goalId)!;
    const found = { goal, standing: standingInHalf(classes[classIndex]!.shape, goal, half, plants) };
    stood[half].set(kindOf[index]!, found);
    return found;
  };
  const shares = { "first-half": new Map<number, number>(), "second-half": new Map<number, number>() };
  return (index, half, other) => {
    const pair = kindOf[index]! * alike.size + kindOf[other]!;
    const share =
      shares[half].get(pair) ?? shadeAcross(stoodIn(half, index), stoodIn(otherHalf(half), other));
    shares[half].set(pair, share);
    return share;
  };
}

/** The lane of a planting that is planned already. */
function laneIn(k: BagClass, planting: Planting): Lane {
  const half = halfOf(planting);
  if (half && k.parts > 0) return k.parts === 2 ? "first-half" : half;
  return whereOf(planting.surface);
}

/** The plan's own plantings that are not sown yet, each with the bag that it is in, so that a repair can keep them. */
function plannedIn(ask: Ask, classes: readonly BagClass[]): { p: Planting; k: BagClass }[] {
  // A row that is left has no class: its bag is not open.
  return ask.plan.rows.flatMap((row) => {
    const k = classes.find((c) => c.bagIds.includes(row.bagId));
    return k
      ? row.plantings
          .filter((p) => p.sowOn >= ask.today && !ask.without.includes(p.goalId))
          .map((p) => ({ p, k }))
      : [];
  });
}

/** Food that stands already, g, by fortnight and kind. */
function baseFood(standing: Garden, today: Day): number[][] {
  const table = Array.from({ length: FORTNIGHTS }, () => FOOD_GROUPS.map(() => 0));
  for (const p of standing.rows.flatMap((r) => r.plantings)) {
    const group = foodGroup(p.goal);
    if (!group || p.fit.grade === "wrong") continue;
    for (const [fortnight, g] of byFortnight(
      today,
      tableOf(p.goal, p.season.stages, unitsOf(p), p.stay.to).map((x) => [x.day, x.g] as const),
    ))
      table[fortnight]![FOOD_GROUPS.indexOf(group)]! += g;
  }
  return table;
}
