import { type BagShape, usualGapCm } from "../bag";
import type { Season } from "../calendar";
import { type Goal, lightNeed, standOn, type Where } from "../crop";
import type { Day } from "../day";
import type { Half } from "../placement";
import { ONE_SIZE_UP, type Schools } from "../school";
import {
  gradeOf,
  type Grade,
  GRADES,
  type Limit,
  type Offer,
  offerOf,
  plantLimits,
  plantsAt,
  worst,
} from "./limits";
import { known } from "../known";

/** What would lift a limit: the one change for it. */
export type Fix =
  | { readonly code: "plants"; readonly plants: number }
  | { readonly code: "deeper"; readonly depthCm: number }
  | { readonly code: "larger"; readonly soilL: number }
  | { readonly code: "wider"; readonly spacingCm: number }
  | { readonly code: "lighter"; readonly mol: number }
  | { readonly code: "sow-on"; readonly day: Day };

/** What the numbers make of the harvest, beside the grade. */
export type Note =
  | { readonly code: "heads-small"; readonly soilL: number }
  | { readonly code: "heads-none"; readonly soilL: number }
  | { readonly code: "roots-short"; readonly depthCm: number };

export interface Fit {
  /** Plants proposed, or asked for; undefined for a stand that is sown dense. */
  readonly plants?: number;
  /** The most that still pass as tight; undefined for a stand that is sown dense. */
  readonly most?: number;
  /** Seed in grams, and the area it is sown on in cm², for a stand that is sown dense. */
  readonly sown?: { readonly areaCm2: number; readonly seedG: number };
  readonly grade: Grade;
  /** The worst limit: the one to look at first. */
  readonly limit: Limit;
  readonly limits: readonly Limit[];
  readonly notes: readonly Note[];
  readonly fixes: readonly Fix[];
}

export interface FitQuestion {
  readonly goal: Goal;
  readonly shape: BagShape;
  readonly where: Where;
  /** Rim left free above the soil, cm; the usual one of the bag's kind when left out. */
  readonly gapCm?: number;
  /** Plants wanted; the most that reach good everywhere when left out. */
  readonly plants?: number;
  /** Light at the place, mol/m² a day. */
  readonly lightMol: number;
  /** The season's verdict on the sowing day, from `judgeSeason`. */
  readonly season: Season;
  /** Next right sowing day, when somebody looked for it. */
  readonly nextSowing?: Day;
  /** Litres and side holes taken by what else is in the bag at that time. */
  readonly claimedL?: number;
  readonly claimedHoles?: number;
  /** The half of the top that it keeps to, where it does. */
  readonly half?: Half;
  /** Part of the top that a stand sown dense has, cm²; all of it when left out. */
  readonly areaCm2?: number;
  /** Schools that change the count: crowded on purpose, bags one size up. */
  readonly schools?: Pick<Schools, "density" | "bagSize">;
}

const grown = new WeakMap<Goal, Goal>();

/** A goal whose plants are given a bag one size up: the good amount of soil grows, the least stays. */
function generous(goal: Goal): Goal {
  const { stand } = goal;
  if (stand.type !== "plants") return goal;
  const soilL = { ...stand.soilL, good: stand.soilL.good * ONE_SIZE_UP };
  const larger = grown.get(goal) ?? { ...goal, stand: { ...stand, soilL } };
  grown.set(goal, larger);
  return larger;
}

/** Light is known to some hundredths only: a hair less is no shortage. Assumption, no source. */
const LIGHT_SURE = 1.05;

/** How light of so many mol/m² a day serves a goal. */
export const lightGrade = (goal: Goal, mol: number): Grade => gradeOf(LIGHT_SURE * mol, lightNeed(goal));

const HEADS = new Set<Goal["kind"]>(["head", "baby-head"]);
const ROOTS = new Set<Goal["kind"]>(["root"]);

function notesOn(goal: Goal, offer: Offer, limits: readonly Limit[]): Note[] {
  const notes: Note[] = [];
  const soil = limits.find((l) => l.code === "soil");
  // Heads that stand close or in little soil are small; that there are none is the soil's fault alone.
  if (HEADS.has(goal.kind) && soil?.code === "soil") {
    const isCrowded = limits.some((l) => (l.code === "soil" || l.code === "room") && l.grade === "tight");
    if (soil.grade === "wrong") notes.push({ code: "heads-none", soilL: soil.have });
    else if (isCrowded) notes.push({ code: "heads-small", soilL: soil.have });
  }
  if (ROOTS.has(goal.kind) && offer.depthCm < goal.depthCm.good)
    notes.push({ code: "roots-short", depthCm: offer.depthCm });
  return notes;
}

/** The one change that lifts a limit to right; none for a limit that is right, or that no change of this kind lifts. */
function fixFor(limit: Limit, q: FitQuestion, offer: Offer): Fix | undefined {
  const stand = standOn(q.goal, q.where);
  switch (limit.code) {
    case "depth":
      return { code: "deeper", depthCm: limit.need.good };
    case "light":
      return { code: "lighter", mol: limit.need.good };
    case "season":
      return q.nextSowing === undefined ? undefined : { code: "sow-on", day: q.nextSowing };
    case "holes":
      return limit.holes > 0 ? { code: "plants", plants: limit.holes } : undefined;
    default: {
      const fewer = stand.type === "plants" ? plantsAt(offer, stand, "good") : 0;
      if (fewer > 0) return { code: "plants", plants: fewer };
      if (limit.code === "room") return { code: "wider", spacingCm: limit.spacingCm.good };
      return { code: "larger", soilL: limit.need.good };
    }
  }
}

/** What a bag offers a goal, and the limits that do not change with the day: depth, soil, room, holes. */
interface Room extends Pick<Fit, "plants" | "most" | "sown"> {
  readonly offer: Offer;
  readonly depth: Limit;
  /** Of plants that are counted. */
  readonly counted: readonly Limit[];
}

function roomOf(q: FitQuestion): Room {
  const { goal, shape } = q;
  const stand = standOn(goal, q.where);
  const offer = offerOf({ ...q, gapCm: q.gapCm ?? usualGapCm(shape) });
  const depth: Limit = {
    code: "depth",
    grade: gradeOf(offer.depthCm, goal.depthCm),
    need: goal.depthCm,
    have: offer.depthCm,
  };
  if (stand.type === "dense") {
    const areaCm2 = q.areaCm2 ?? offer.areaCm2;
    return { offer, depth, counted: [], sown: { areaCm2, seedG: (areaCm2 / 10_000) * stand.seedGM2 } };
  }
  const good = plantsAt(offer, stand, "good");
  const most = Math.max(good, plantsAt(offer, stand, "least"));
  const proposed = q.schools?.density === "crowded" ? most : good;
  const plants = q.plants ?? (proposed > 0 ? proposed : Math.min(1, most));
  return { offer, depth, counted: plantLimits(offer, stand, plants), plants, most };
}

/** Rooms of whole bags that nothing else stands in, by bag, goal and the rest: Match asks for the same ones on every day. */
const rooms = new WeakMap<BagShape, WeakMap<Goal, Map<string, Room>>>();

function roomOnce(q: FitQuestion): Room {
  const more = q.plants ?? q.claimedL ?? q.claimedHoles ?? q.half ?? q.areaCm2;
  if (more !== undefined) return roomOf(q);
  const byGoal = rooms.get(q.shape) ?? new WeakMap<Goal, Map<string, Room>>();
  rooms.set(q.shape, byGoal);
  const known = byGoal.get(q.goal) ?? new Map<string, Room>();
  byGoal.set(q.goal, known);
  const key = `${q.where}/${q.gapCm}/${q.schools?.density}`;
  const room = known.get(key) ?? roomOf(q);
  known.set(key, room);
  return room;
}

/**
 * Whether a goal fits a surface of a bag at a place from a sowing day, how many plants, and what stands in the way.
 *
 * The number of plants is the tightest of soil for each plant, its share of light with the distance of stems, and side
 * holes; depth, light and season do not change it, but grade it. The grade is that of the worst limit.
 */
export function fit(question: FitQuestion): Fit {
  const q =
    question.schools?.bagSize === "one-up" ? { ...question, goal: generous(question.goal) } : question;
  const { goal } = q;
  const { offer, depth, counted, plants, most, sown } = roomOnce(q);
  const limits: Limit[] = [
    depth,
    { code: "season", grade: q.season.grade === "right" ? "roomy" : q.season.grade, reason: q.season.reason },
    { code: "light", grade: lightGrade(goal, q.lightMol), need: lightNeed(goal), have: q.lightMol },
    ...counted,
  ];
  const grade = worst(limits.map((l) => l.grade));
  const limit = known(limits.find((l) => l.grade === grade));
  return {
    plants,
    most,
    sown,
    grade,
    limit,
    limits,
    notes: notesOn(goal, offer, limits),
    fixes: fixesOf(limits, q, offer),
  };
}

/** What would lift each limit, the worst first, each said once. */
function fixesOf(limits: readonly Limit[], q: FitQuestion, offer: Offer): Fix[] {
  const short = limits.filter((l) => l.grade === "tight" || l.grade === "wrong");
  const fixes = [...short]
    .sort((a, b) => GRADES.indexOf(b.grade) - GRADES.indexOf(a.grade))
    .map((l) => fixFor(l, q, offer))
    .filter((f) => f !== undefined);
  return fixes.filter(
    (f, i) => fixes.findIndex((g) => g === f || JSON.stringify(g) === JSON.stringify(f)) === i,
  );
}

/** The better of a goal's surfaces on a bag: side holes where the bag has them and the goal takes them, else the top. */
export function surfaceFor(goal: Goal, shape: BagShape): Where | undefined {
  const holed = shape.kind === "tower" || shape.kind === "pocket" || shape.kind === "tiers";
  return goal.where.includes("side") && holed ? "side" : goal.where.includes("top") ? "top" : undefined;
}
