import { soilVolumeL, usualGapCm } from "../../bag";
import { billOf, cellsOf, Course, courseOf, drunkL, harvestOf, minutesOf } from "../../course";
import { byPacket, type Crop, type Goal, lightNeed, type Method, startsFromSeed } from "../../crop";
import { addDays, type Day } from "../../day";
import { chooseStart, type MethodChoice, rankMethods } from "../../fit";
import { FOOD_GROUPS, foodGroup, helpingG, NO_WANTS, tasteOf, weeklyWantG } from "../../food";
import { assessGarden, type Garden } from "../../garden";
import { costMinor } from "../../money";
import { halfOf, type Planting } from "../../plan";
import { crownM2, soilShare, whereOf } from "../../placement";
import { inForce } from "../../school";
import type { SowingBill } from "../../sowing";
import { weeklyThirst } from "../../year";
import { type Ask, WEIGHTS } from "./ask";
import { classesOf, isKept, keptMinor, keptPart, type Left, thereAlready } from "./bags";
import { type Capacity, capacityOf, lanesOf } from "./capacity";
import {
  type BagClass,
  type Candidate,
  type CropFacts,
  FORTNIGHTS,
  type Instance,
  type Lane,
  WEEKS,
} from "./instance";
import { shadeIn } from "./shade";
import { byFortnight, weekOf } from "./weeks";

/** Sowing days that are tried: every fortnight is fine enough for a year, and a bag that waits a week loses little. */
const SOW_EVERY_WEEKS = 2;
/** What keeping a planting of the plan is worth to a repair, helpings. Ours to choose; no source. */
const KEEP = 30;

/** What the planner may choose from, in plain numbers: every goal that the household eats, in every class of bag, on every sowing day that works. */
export function instanceOf(ask: Ask): Instance {
  const { setting, today } = ask;
  const kept = assessGarden(keptPart(ask), setting);
  const left = leftFor(ask, kept);
  const classes = classesOf(ask, kept, left);
  const finder = new Finder(ask, classes);
  finder.newOnes();
  if (ask.repair) finder.plannedOnes();
  const { candidates, crops, dishes } = finder;
  const want = weeklyWantG(setting.wants ?? NO_WANTS, setting.people ?? { adults: 2, children: 0 });
  const sells = setting.wants?.sell;
  const sack = setting.prices?.[`mix/${setting.mix.id}`];
  const fortnights = Array.from({ length: FORTNIGHTS }, (_, f) => addDays(today, 14 * f));
  const isAway = (from: Day, to: Day) => ask.away.some((a) => a.from <= from && a.to >= to);
  return {
    classes,
    candidates,
    crops: crops.map((crop) => factsOf(crop, ask)),
    groups: FOOD_GROUPS,
    dishes: dishes.map(({ group }) => group),
    wantG: FOOD_GROUPS.map((g) => Math.max(1, 2 * want[g])),
    helpingG: FOOD_GROUPS.map(helpingG),
    sells: sells && {
      group: FOOD_GROUPS.indexOf(sells.group),
      g: 2000 * sells.kgWeek,
      minorPerG: sells.minorKg / 1000,
    },
    baseG: foodOf(kept, today),
    athome: fortnights.map((from) => !isAway(addDays(from, 4), addDays(from, 10))),
    weights: { ...WEIGHTS[ask.aim], keep: ask.repair ? KEEP : 0 },
    budgetMinor: left.minor,
    loadKg: left.kg,
    floorM2: left.m2,
    waterL: waterLeft(ask, kept, fortnights),
    cells: setting.hands?.cells ?? undefined,
    mixMinor: sack && !sack.together ? sack.minor : 0,
    mixSackL: sack?.size ?? 40,
    shade: shadeIn(classes, candidates, setting),
  };
}

/** What is left of each limit once what stays is taken off. */
function leftFor(ask: Ask, kept: Garden): Left {
  const { limitKgM2, floorM2, hooks } = ask.setting;
  const there = thereAlready(ask);
  const rest = (limit: number | undefined, used: number) =>
    limit === undefined ? undefined : Math.max(0, limit - used);
  return {
    kg: rest(limitKgM2 && limitKgM2 * floorM2, there.kg),
    m2: Math.max(0, floorM2 - there.m2),
    minor: rest(ask.budgetMinor, ask.budgetMinor === undefined ? 0 : keptMinor(ask, kept)),
    hooks: rest(hooks?.count, there.hanging),
  };
}

/** Middle of a fortnight, on which its water is looked at. */
const middleOf = (fortnight: Day): Day => addDays(fortnight, 7);

/** Litres a week that may still be carried in each fortnight; undefined where nobody set a limit. */
function waterLeft({ waterLDay, setting }: Ask, kept: Garden, fortnights: readonly Day[]) {
  if (waterLDay === undefined) return undefined;
  return fortnights.map((from) => Math.max(0, 7 * waterLDay - weeklyThirst(kept, middleOf(from), setting)));
}

function factsOf(crop: Crop, { setting }: Ask): CropFacts {
  const packet = setting.prices?.[`packet/${crop.id}`];
  return {
    id: crop.id,
    packetMinor: packet && !packet.together ? packet.minor : 0,
    packetG: packet?.size ?? 1,
    must: setting.wants?.must.includes(crop.id) ?? false,
  };
}

/** Food of a garden, g, by fortnight and kind. */
function foodOf(garden: Garden, today: Day): number[][] {
  const table = Array.from({ length: FORTNIGHTS }, () => FOOD_GROUPS.map(() => 0));
  for (const { goal, fit, course, units, harvest } of garden.rows.flatMap((r) => r.plantings)) {
    const group = foodGroup(goal);
    if (!group || fit.grade === "wrong") continue;
    for (const [fortnight, g] of byFortnight(today, course.table))
      table[fortnight]![FOOD_GROUPS.indexOf(group)]! += units * harvest.share * g;
  }
  return table;
}

/** A course that is worth planting, with its food on the table by fortnight, g for each unit. */
interface Worthwhile {
  readonly course: Course;
  readonly food: readonly (readonly [fortnight: number, g: number])[];
}

/** Where something could be planted. */
interface Part {
  readonly k: BagClass;
  readonly lane: Lane;
}

/** Something worth planting in a part of a bag; a planting of the plan when it is planned already. */
interface Found {
  readonly part: Part;
  readonly worthwhile: Worthwhile;
  readonly capacity: Capacity;
  readonly bill: SowingBill;
  readonly planned?: Planting;
}

/** Finds the candidates of a question. */
class Finder {
  readonly candidates: Candidate[] = [];
  readonly crops: readonly Crop[];
  readonly dishes: { readonly cropId: string; readonly group: number }[] = [];
  private readonly goals: readonly { crop: Crop; goal: Goal }[];

  constructor(
    private readonly ask: Ask,
    private readonly classes: readonly BagClass[],
  ) {
    const { reference, setting, without } = ask;
    const wants = setting.wants ?? NO_WANTS;
    this.goals = reference.crops
      .flatMap((crop) => crop.goals.map((goal) => ({ crop, goal })))
      .filter(
        ({ crop, goal }) =>
          foodGroup(goal) !== undefined &&
          tasteOf(crop, goal, wants) !== "refused" &&
          !without.includes(goal.id),
      );
    this.crops = reference.crops.filter((crop) => this.goals.some((g) => g.crop === crop));
  }

  /** Everything that could be planted anew. */
  newOnes(): void {
    const { setting, today } = this.ask;
    for (const { crop, goal } of this.goals) {
      // What does not change with the bag is worked out once for each day, what does not change with the day once for each bag.
      const known = new Map<Method, (Course | undefined)[]>();
      const courseBy = (method: Method, week: number): Course => {
        const weeks = known.get(method) ?? [];
        known.set(method, weeks);
        weeks[week] ??= courseOf({ crop, goal, method, sowOn: addDays(today, 7 * week) }, setting);
        return weeks[week];
      };
      const judged = new Map<Course, Worthwhile | undefined>();
      const worthwhile = (course: Course) => {
        if (!judged.has(course)) judged.set(course, this.worthwhile(course));
        return judged.get(course);
      };
      for (const k of this.classes) {
        for (const lane of lanesOf(k, goal)) {
          const { start } = inForce(setting.schools, k.row.schools);
          const ranked = rankMethods(goal, whereOf(lane), start, setting.hands);
          this.inLane({ k, lane }, ranked, courseBy, worthwhile);
        }
      }
    }
  }

  /** One goal in one part of a bag, on every sowing day that works, started as the season lets it. */
  private inLane(
    part: Part,
    ranked: readonly MethodChoice[],
    courseBy: (method: Method, week: number) => Course,
    worthwhile: (course: Course) => Worthwhile | undefined,
  ): void {
    const { setting } = this.ask;
    let capacity: Capacity | undefined;
    const bills = new Map<Method, SowingBill>();
    for (let week = 0; week < WEEKS; week += SOW_EVERY_WEEKS) {
      const start = chooseStart(ranked, (method) => courseBy(method, week).season);
      const found = start && worthwhile(courseBy(start.choice.method, week));
      if (!found) continue;
      const { course } = found;
      capacity ??= capacityOf({ ...part, goal: course.goal, season: course.season }, setting);
      if (!capacity) return;
      const bill = bills.get(course.method) ?? billOf(course, capacity, setting);
      bills.set(course.method, bill);
      this.add({ part, worthwhile: found, capacity, bill });
    }
  }

  /** The plan's own plantings that are not sown yet, each in the bag that it is in, so that a repair can keep them. */
  plannedOnes(): void {
    const { plan, setting, without } = this.ask;
    // A row that is left has no class: its bag is not open.
    const planned = plan.rows.flatMap((row) => {
      const k = this.classes.find((c) => c.bagIds.includes(row.bagId));
      const open = row.plantings.filter((p) => !isKept(p, this.ask) && !without.includes(p.goalId));
      return k ? open.map((planting) => ({ planting, k })) : [];
    });
    for (const { planting, k } of planned) {
      const found = setting.findGoal(planting.goalId);
      const method = found?.goal.methods.find((m) => m.method === planting.method);
      if (!found || !method || !foodGroup(found.goal) || !this.crops.includes(found.crop)) continue;
      const { sowOn, outBy, packet } = planting;
      const goal = byPacket(found.goal, packet?.days);
      const course = this.worthwhile(courseOf({ ...found, goal, method, sowOn, outBy }, setting));
      if (!course) continue;
      const part = { k, lane: laneIn(k, planting) };
      const plants = planting.plants ?? undefined;
      const { season } = course.course;
      const capacity = capacityOf({ ...part, goal: found.goal, season, plants }, setting);
      if (capacity)
        this.add({
          part,
          worthwhile: course,
          capacity,
          bill: billOf(course.course, capacity, setting),
          planned: planting,
        });
    }
  }

  /** Undefined for what fails in its season or the dark, and for what comes to no food within the year. */
  private worthwhile(course: Course): Worthwhile | undefined {
    const { season, lightMol, goal } = course;
    if (season.grade === "wrong" || lightMol < lightNeed(goal).least) return undefined;
    const { firstPick } = season.stages;
    if (!firstPick || weekOf(this.ask.today, firstPick.likely) >= WEEKS) return undefined;
    const food = byFortnight(this.ask.today, course.table);
    return food.length > 0 ? { course, food } : undefined;
  }

  private dishOf(cropId: string, group: number): number {
    const known = this.dishes.findIndex((dish) => dish.cropId === cropId && dish.group === group);
    return known >= 0 ? known : this.dishes.push({ cropId, group }) - 1;
  }

  private add({ part, worthwhile, capacity, bill, planned }: Found): void {
    const { k, lane } = part;
    const { course, food } = worthwhile;
    const { plants, units } = capacity;
    const { setting, today } = this.ask;
    const { crop, goal, method, season, stay } = course;
    const from = weekOf(today, stay.from);
    const end = Math.min(WEEKS, weekOf(today, stay.to) + 1);
    const kind = foodGroup(goal);
    if (from < k.freeFrom || from >= end || !kind) return;
    const group = FOOD_GROUPS.indexOf(kind);
    const soilL = soilVolumeL(k.shape, k.row.gapCm ?? usualGapCm(k.shape)) * soilShare(k.shape, lane);
    const lightM2 = crownM2(k.shape, lane, goal.widthCm);
    const harvest = harvestOf(course, { units, lightM2, soilL: soilL / units });
    const packet = setting.prices?.[`packet/${crop.id}`];
    const seedG = startsFromSeed(method.method) ? (bill.seedG ?? 0) : 0;
    const piecesMinor = (bill.pieces ?? 0) * (setting.prices?.[`piece/${crop.id}`]?.minor ?? 0);
    const cells = setting.hands?.cells == null ? undefined : cellsOf(course, bill);
    this.candidates.push({
      classIndex: this.classes.indexOf(k),
      lane,
      goalId: goal.id,
      cropIndex: this.crops.indexOf(crop),
      dishIndex: this.dishOf(crop.id, group),
      surface: planned?.surface ?? lane,
      method: method.method,
      plants: plants ?? null,
      sowOn: season.stages.sow,
      from,
      end,
      group,
      food: food.map(([fortnight, g]) => [fortnight, g * units * harvest.share] as const),
      water: this.waterOf(part, course, units),
      cells: cells && {
        n: cells.count,
        from: Math.max(0, weekOf(today, cells.from)),
        end: Math.max(1, weekOf(today, cells.until)),
      },
      seedG,
      ownMinor: piecesMinor + (packet?.together ? costMinor(packet, seedG) : 0),
      minutes: minutesOf(course, bill, today, 7 * WEEKS),
      plantingId: planned?.id,
      spareLight: 1 - lightNeed(goal).least / Math.max(1e-9, course.lightMol),
    });
  }

  /** Litres a week that a planting draws in each fortnight in which it stands; not worked out where water has no limit. */
  private waterOf({ k, lane }: Part, course: Course, units: number): [fortnight: number, l: number][] {
    const { setting, today, waterLDay } = this.ask;
    if (waterLDay === undefined) return [];
    const schools = inForce(setting.schools, k.row.schools);
    const bag = { shape: k.shape, make: setting.findMake(k.kindId), schools };
    const list: [number, number][] = [];
    for (let fortnight = 0; fortnight < FORTNIGHTS; fortnight++) {
      const day = middleOf(addDays(today, 14 * fortnight));
      if (day < course.stay.from || day > course.stay.to) continue;
      list.push([fortnight, 7 * drunkL(bag, [{ course, units, part: lane }], day, setting.climate)]);
    }
    return list;
  }
}

/** The lane of a planting that is planned already. */
function laneIn(k: BagClass, planting: Planting): Lane {
  const half = halfOf(planting);
  if (half && k.parts > 0) return k.parts === 2 ? "first-half" : half;
  return whereOf(planting.surface);
}
